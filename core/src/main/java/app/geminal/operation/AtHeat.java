package app.geminal.operation;

/**
 * Time a step gives the steel in the fire.
 *
 * @param celsius how hot it is
 * @param minutes how long, over all its heats
 */
public record AtHeat(double celsius, double minutes) {}
