/**
 * A heat while it is done and afterwards: what was logged, how hot the bar likely is, what to do
 * now, and what the log shows. Entry classes: {@link app.geminal.session.HeatSession} for one
 * billet and {@link app.geminal.session.Rotation} for several in a day.
 */
@NullMarked
package app.geminal.session;

import org.jspecify.annotations.NullMarked;
