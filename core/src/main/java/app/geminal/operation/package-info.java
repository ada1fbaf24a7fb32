/**
 * What a smith does to a bar. Entry class: {@link app.geminal.operation.Operation}, sealed, one
 * record for each kind of step; each knows its own rule for sizes, losses and layers.
 *
 * <p>Model: bars stay even along their length; volume only changes through a named loss. Layers are
 * followed along two straight lines through the section ({@link app.geminal.bar.Section}). Fields
 * are checked when a record is made ({@link app.geminal.validation.InvalidValue}); work that the
 * bar at hand does not allow is a result, {@link app.geminal.operation.Impossible}. Parts, bars
 * made in a Run of their own, lie ready on the {@link app.geminal.operation.OperationContext}.
 */
@NullMarked
package app.geminal.operation;

import org.jspecify.annotations.NullMarked;
