/**
 * Which steels go together, over HTTP. Entry class: {@link
 * app.geminal.server.compatibility.CompatibilityController}.
 */
@NullMarked
package app.geminal.server.compatibility;

import org.jspecify.annotations.NullMarked;
