/**
 * The shop's data and the core behind HTTP. Entry class: {@link app.geminal.server.Geminal}.
 * Packages carry the core's words; SQL is in repositories only.
 */
@NullMarked
package app.geminal.server;

import org.jspecify.annotations.NullMarked;
