package app.geminal.billet;

import app.geminal.operation.Impossible;

/**
 * Where a Run ends early because the bar does not allow the step.
 *
 * @param step index into the plan's steps, from 0
 * @param why reason and remedy
 */
public record PlanStop(int step, Impossible why) {}
