package app.geminal.following;

/**
 * How a bar continues if nothing is touched.
 *
 * @param inS seconds from now
 * @param skinC the skin then, °C
 * @param coreC the core then, °C
 */
public record Forecast(double inS, double skinC, double coreC) {}
