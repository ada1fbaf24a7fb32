/** Tokens that scripts sign in with. */
@NullMarked
package app.geminal.server.token;

import org.jspecify.annotations.NullMarked;
