/**
 * Ways to a layer count: how many pieces to start with, cut into how many, how often. Entry class:
 * {@link app.geminal.schedule.Finder}, asked with a {@link app.geminal.schedule.FinderQuestion}.
 *
 * <p>A {@link app.geminal.schedule.Schedule} is a start and its restacks. What it represents is a
 * whole plan, made by {@link app.geminal.schedule.SchedulePlan} with the shop's habits: set, draw
 * down until the pieces make a block of the asked height, trim, cut, restack, and so on to the
 * finished section. The search is exhaustive within the question's bounds and calculates every
 * schedule to its end in {@link app.geminal.schedule.ScheduleWalk}, a compact form of the ledger
 * for flat layers; each one that is shown is worked through as a Run and takes its figures from
 * there. Tests hold the two forms against each other.
 *
 * <p>What it does not see: layers that do not lie flat, bars of parts, and any drawing down that a
 * smith would choose differently from one restack to the next.
 */
@NullMarked
package app.geminal.schedule;

import org.jspecify.annotations.NullMarked;
