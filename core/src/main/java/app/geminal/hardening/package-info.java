/**
 * After the weld: normalizing, hardening, tempering and etching a finished piece. Entry classes:
 * {@link app.geminal.hardening.HardeningPlan}, what its steels ask for; {@link
 * app.geminal.hardening.Treatment}, what was done.
 *
 * <p>Model: each steel by its own figures; carbon between layers is taken as it was in the bars,
 * which overstates how different thin layers still are.
 */
@NullMarked
package app.geminal.hardening;

import org.jspecify.annotations.NullMarked;
