/**
 * Plans as open files. Entry classes: {@link app.geminal.library.plan.PlanFiles}, one billet in and
 * out; {@link app.geminal.library.plan.PlanJson}, how the core's values look as JSON.
 */
@NullMarked
package app.geminal.library.plan;

import org.jspecify.annotations.NullMarked;
