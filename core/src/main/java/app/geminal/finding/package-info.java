/**
 * What can be said about a plan before it is forged. Entry class: {@link
 * app.geminal.finding.Checks}.
 *
 * <p>Findings are data: an id, a place, the value and the limit, and a remedy that is an edit of
 * the plan where one exists. They never block anything.
 */
@NullMarked
package app.geminal.finding;

import org.jspecify.annotations.NullMarked;
