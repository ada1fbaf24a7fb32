/**
 * What the shop really loses, from bars that were measured before and after one kind of work. Entry
 * class: {@link app.geminal.calibration.MeasuredLoss}. What it finds is offered as the shop's
 * figure and never put in its place by itself.
 */
@NullMarked
package app.geminal.calibration;

import org.jspecify.annotations.NullMarked;
