/**
 * Ways to a layer count: how many pieces to start with, cut into how many, how often. A {@link
 * app.geminal.schedule.Schedule} is a start and its restacks. What it represents is a whole plan,
 * made by {@link app.geminal.schedule.SchedulePlan} with the shop's habits: set, draw down until
 * the pieces make a block of the asked height, trim, cut, restack, and so on to the finished
 * section.
 *
 * <p>Here stand the question, its limits and the answer with its words; {@code finder} searches.
 */
@NullMarked
package app.geminal.schedule;

import org.jspecify.annotations.NullMarked;
