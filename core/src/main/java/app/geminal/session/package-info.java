/**
 * A heat while it is done: what was logged, how hot the bar likely is, and what to do now. Entry
 * class: {@link app.geminal.session.HeatSession}.
 */
@NullMarked
package app.geminal.session;

import org.jspecify.annotations.NullMarked;
