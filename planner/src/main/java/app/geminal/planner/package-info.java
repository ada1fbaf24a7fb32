/**
 * The order of a work plan, searched for by Timefold. Entry class: {@link
 * app.geminal.planner.TimefoldWorkPlanner}. Rules and costs are the core's; this only tries orders.
 */
@NullMarked
package app.geminal.planner;

import org.jspecify.annotations.NullMarked;
