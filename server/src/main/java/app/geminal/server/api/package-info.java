/** How the shop describes its own interface (docs/openapi.json). */
@NullMarked
package app.geminal.server.api;

import org.jspecify.annotations.NullMarked;
