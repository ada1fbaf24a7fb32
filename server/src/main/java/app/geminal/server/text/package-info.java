/** The texts of the server; each package names its own. */
@NullMarked
package app.geminal.server.text;

import org.jspecify.annotations.NullMarked;
