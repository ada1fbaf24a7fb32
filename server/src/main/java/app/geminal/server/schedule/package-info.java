/**
 * Ways to a layer count over HTTP, reported line by line while they are found. Entry class: {@link
 * app.geminal.server.schedule.ScheduleController}.
 */
@NullMarked
package app.geminal.server.schedule;

import org.jspecify.annotations.NullMarked;
