/**
 * One heat, before, while and after: what is planned for it, what was done, what to do now, and
 * what the log shows. Entry classes: {@link app.geminal.fire.HeatPlan} for a weld or a draw, {@link
 * app.geminal.fire.Course} for following it, {@link app.geminal.fire.Rotation} for several billets
 * in a day.
 *
 * <p>A plan's figures are estimates of {@link app.geminal.heat}; the fire itself is followed by its
 * gauge and by what is tapped.
 */
@NullMarked
package app.geminal.fire;

import org.jspecify.annotations.NullMarked;
