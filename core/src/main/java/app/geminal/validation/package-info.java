/**
 * Preconditions of the core's values. Entry class: {@link app.geminal.validation.Require}.
 *
 * <p>A value that breaks its rule never comes to exist: {@link app.geminal.validation.InvalidValue}
 * names the field, the rule and the remedy. Work that cannot be done on a bar is not an exception
 * but a result, see {@code app.geminal.operation.OperationResult}.
 */
@NullMarked
package app.geminal.validation;

import org.jspecify.annotations.NullMarked;
