/**
 * Preconditions of the core's values. Entry class: {@link app.geminal.check.Require}.
 *
 * <p>A value that breaks its rule never comes to exist: {@link app.geminal.check.BadValue} names
 * the field, the rule and the remedy. Work that cannot be done on a bar is not an exception but a
 * result, see {@code app.geminal.operation.Outcome}.
 */
@NullMarked
package app.geminal.check;

import org.jspecify.annotations.NullMarked;
