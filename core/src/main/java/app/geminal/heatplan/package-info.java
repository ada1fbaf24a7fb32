/**
 * What one heat needs, worked out from the bar as it is before it: temperature window, soak, force,
 * stop blocks, checklist. Entry classes: {@link app.geminal.heatplan.HeatPlanner} and {@link
 * app.geminal.heatplan.HeatPlan}. The figures are estimates of {@link app.geminal.heat}.
 */
@NullMarked
package app.geminal.heatplan;

import org.jspecify.annotations.NullMarked;
