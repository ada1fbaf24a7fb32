/**
 * What to do when: the remaining steps of all billets as tasks, laid into the hours that people
 * have. {@link app.geminal.workplan.BilletTasks} makes the tasks, {@link
 * app.geminal.workplan.WorkPlanBuilder} lays them out in an order that it is given, and {@link
 * app.geminal.workplan.WorkPlanCost} says what that order is worth; which order is best is asked of
 * a {@link app.geminal.workplan.WorkPlanner}.
 *
 * <p>Times are whole minutes from the first midnight of the plan.
 */
@NullMarked
package app.geminal.workplan;

import org.jspecify.annotations.NullMarked;
