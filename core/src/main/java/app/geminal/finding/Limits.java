package app.geminal.finding;

/**
 * Where checks draw the line. Defaults of the shop, each with its reason.
 *
 * @param shortestPieceMm shorter cannot be held, clamped on the grinder or tacked
 * @param nothingBondsBelowC colder than this nothing bonds and it all comes apart later
 * @param overheatedAboveC hotter coarsens grain and burns carbon out of high-carbon steel
 * @param meltMarginC closer to the solidus than this, metal may run
 * @param firstSetReduction harder on the first set splits the sides, fraction
 * @param finestLayerMm finer than this the eye reads grey
 * @param mostLayersSeen more than this the eye reads grey
 */
public record Limits(
    double shortestPieceMm,
    double nothingBondsBelowC,
    double overheatedAboveC,
    double meltMarginC,
    double firstSetReduction,
    double finestLayerMm,
    long mostLayersSeen) {

  /** The defaults. */
  public static Limits common() {
    return new Limits(60, 1000, 1260, 30, 0.10, 0.05, 600);
  }
}
