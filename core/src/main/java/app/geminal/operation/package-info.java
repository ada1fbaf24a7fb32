/**
 * What a smith does to a bar. Entry class: {@link app.geminal.operation.Operation}, sealed, one
 * record for each kind of step; each knows its own rule for dimensions, losses and layers.
 *
 * <p>Model: bars stay square-edged; layers stay flat and parallel; volume only changes through a
 * named loss. Fields are checked when a record is made ({@link app.geminal.check.BadValue}); work
 * that the bar at hand does not allow is a result, {@link app.geminal.operation.Impossible}.
 */
@NullMarked
package app.geminal.operation;

import org.jspecify.annotations.NullMarked;
