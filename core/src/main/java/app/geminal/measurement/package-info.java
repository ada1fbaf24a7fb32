/**
 * Bars as the ruler and the scales have them. Entry class: {@link
 * app.geminal.measurement.Measurement}, which a step of a plan carries; the Run continues from it.
 * {@link app.geminal.measurement.MeasurementDifference} says what it has over what was calculated.
 *
 * <p>Model: a measured bar has the layers of the calculated one, stretched to its sizes. Where
 * steel is missing the model does not know which end or face it is missing from.
 */
@NullMarked
package app.geminal.measurement;

import org.jspecify.annotations.NullMarked;
