/** Wiring only. */
@NullMarked
package app.geminal.server.config;

import org.jspecify.annotations.NullMarked;
