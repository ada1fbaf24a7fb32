package app.geminal.shop;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/**
 * Where checks draw the line. Defaults of the shop, each with its reason.
 *
 * @param shortestPieceMm shorter cannot be held, clamped on the grinder or tacked
 * @param heaviestKg more than a person holds on a bar at arm's length
 * @param tallestStackMm a taller stack leans and heats unevenly
 * @param longestBarMm longer does not swing in this shop
 * @param outerPieceMm an outer piece thinner than this heats first and bows off
 * @param longStackMm past this, thin pieces bow between the end welds
 * @param sizesDifferMm more, and the edges leave cold shuts
 * @param heightsDifferMm more, and parts meeting in one joint do not touch
 * @param nothingBondsBelowC colder than this nothing bonds and it all comes apart later
 * @param overheatedAboveC hotter coarsens grain and burns carbon out of high-carbon steel
 * @param meltMarginC closer to the solidus than this, metal may run
 * @param firstSetReduction harder on the first set splits the sides, fraction
 * @param grooveDepth deeper leaves too little between grooves, fraction of the thickness
 * @param twistShear more surface shear than this opens seams in all but skilled hands: γ = 2π·r·n/L
 *     of {@code Twist.shear}, no unit; usually 1.5, to 3 with an even heat and a practised hand
 *     (bench rule, ± a third)
 * @param smallestSquareMm a smaller square cannot be ground and put together again
 * @param finestLayerMm finer than this the eye reads grey
 * @param widestBandMm a bright or soft layer shows wider than this on a bevel
 * @param mostLayersSeen more than this the eye reads grey
 */
public record Limits(
    double shortestPieceMm,
    double heaviestKg,
    double tallestStackMm,
    double longestBarMm,
    double outerPieceMm,
    double longStackMm,
    double sizesDifferMm,
    double heightsDifferMm,
    double nothingBondsBelowC,
    double overheatedAboveC,
    double meltMarginC,
    double firstSetReduction,
    double grooveDepth,
    double twistShear,
    double smallestSquareMm,
    double finestLayerMm,
    double widestBandMm,
    int mostLayersSeen) {

  /** Checks every field. */
  public Limits {
    Require.lengthUpTo("shortestPieceMm", shortestPieceMm, 1000);
    Require.quantity(QuantityKind.MASS, "heaviestKg", heaviestKg, 0.1, 200);
    Require.quantity(QuantityKind.LENGTH, "tallestStackMm", tallestStackMm, 5, 1000);
    Require.quantity(QuantityKind.LENGTH, "longestBarMm", longestBarMm, 50, 20_000);
    Require.lengthUpTo("outerPieceMm", outerPieceMm, 50);
    Require.lengthUpTo("longStackMm", longStackMm, 1000);
    Require.lengthUpTo("sizesDifferMm", sizesDifferMm, 50);
    Require.lengthUpTo("heightsDifferMm", heightsDifferMm, 50);
    Require.temperature("nothingBondsBelowC", nothingBondsBelowC, 700, 1300);
    Require.temperature("overheatedAboveC", overheatedAboveC, 1000, 1500);
    Require.quantity(QuantityKind.TEMPERATURE_CHANGE, "meltMarginC", meltMarginC, 0, 300);
    Require.number("firstSetReduction", firstSetReduction, 0.01, 0.5);
    Require.number("grooveDepth", grooveDepth, 0.05, 1);
    Require.number("twistShear", twistShear, 0.1, 10);
    Require.lengthUpTo("smallestSquareMm", smallestSquareMm, 200);
    Require.lengthUpTo("finestLayerMm", finestLayerMm, 5);
    Require.lengthUpTo("widestBandMm", widestBandMm, 100);
    Require.number("mostLayersSeen", mostLayersSeen, 2, 1e6);
  }

  /** The defaults. */
  public static Limits common() {
    return new Limits(
        /* shortestPieceMm= */ 60,
        /* heaviestKg= */ 5.5,
        /* tallestStackMm= */ 100,
        /* longestBarMm= */ 900,
        /* outerPieceMm= */ 2,
        /* longStackMm= */ 100,
        /* sizesDifferMm= */ 1.5,
        /* heightsDifferMm= */ 0.2,
        /* nothingBondsBelowC= */ 1000,
        /* overheatedAboveC= */ 1260,
        /* meltMarginC= */ 30,
        /* firstSetReduction= */ 0.10,
        /* grooveDepth= */ 0.45,
        /* twistShear= */ 1.5,
        /* smallestSquareMm= */ 12,
        /* finestLayerMm= */ 0.05,
        /* widestBandMm= */ 2,
        /* mostLayersSeen= */ 600);
  }
}
