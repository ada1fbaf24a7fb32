/** After the weld. Entry class: {@link app.geminal.server.hardening.HardeningController}. */
@NullMarked
package app.geminal.server.hardening;

import org.jspecify.annotations.NullMarked;
