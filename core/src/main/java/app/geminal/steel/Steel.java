package app.geminal.steel;

import app.geminal.units.QuantityKind;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One steel, or other metal of a stack.
 *
 * @param id short designation, the word used in shorthand and plans; letters, digits, _ and -
 * @param name the full name
 * @param designations what other standards call it, may be empty
 * @param family what kind of steel it is, in words
 * @param composition mass %
 * @param solidus where melting begins, °C
 * @param liquidus where it ends, °C, where known
 * @param weldWindow heats at which it forge-welds, empty where it must not be forge-welded
 * @param hardening how it is hardened, empty where it does not harden
 * @param ac1 where austenite begins to form, °C, where known
 * @param density at room temperature, kg/m³
 * @param expansionTo100 mean from 20 to 100 °C, 1e-6 per K
 * @param expansionTo1000 mean from 20 to 1000 °C, 1e-6 per K; not the expansion of austenite
 * @param etchTone 0 black to 1 silver, hardened, after ferric chloride
 * @param etchNote what else the etch shows, may be empty
 * @param weldability 1 very easy to 5 only sealed
 * @param weldNote how it welds, may be empty
 * @param neverWeld whether it must not be in a stack at all: zinc, lead, titanium and the like
 * @param confidence how far these figures can be trusted as a whole
 */
public record Steel(
    String id,
    String name,
    String designations,
    String family,
    Composition composition,
    Figure solidus,
    Optional<Figure> liquidus,
    Optional<WeldWindow> weldWindow,
    Optional<Hardening> hardening,
    Optional<Figure> ac1,
    Figure density,
    Figure expansionTo100,
    Figure expansionTo1000,
    Figure etchTone,
    String etchNote,
    int weldability,
    String weldNote,
    boolean neverWeld,
    Confidence confidence) {
  /** More chromium than this makes an oxide that borax does not dissolve, %. */
  public static final double MOST_CHROMIUM_FLUXED = 3;

  private static final int ONLY_SEALED = 5;

  /** Checks every field. */
  public Steel {
    requireId("id", id);
    Require.text("name", name, 120);
    Require.quantity(QuantityKind.DENSITY, "density", density.value(), 1000, 25000);
    Require.number("etchTone", etchTone.value(), 0, 1);
    Require.temperature("solidus", solidus.value(), 200, 4000);
    Require.count("weldability", weldability, 1, 5);
  }

  /** Typical carbon, mass %. */
  public double carbonPercent() {
    return composition.carbon();
  }

  /** Density at room temperature, kg/m³. */
  public double densityKgM3() {
    return density.value();
  }

  /** Where melting begins, °C. */
  public double solidusC() {
    return solidus.value();
  }

  /** Whether it can be hardened. */
  public boolean hardens() {
    return hardening.isPresent();
  }

  /** Chromium that borax cannot lift and that fumes, mass %. */
  public double chromiumPercent() {
    return composition.chromium();
  }

  /**
   * Whether no flux lifts its oxide, so that it welds only where no air comes to it; a metal that
   * must not be welded at all does not count.
   */
  public boolean weldsOnlySealed() {
    return !neverWeld && (weldability == ONLY_SEALED || chromiumPercent() > MOST_CHROMIUM_FLUXED);
  }

  /** Whether it is copper or another metal that is mostly copper. */
  public boolean isCopper() {
    return composition.copper() > 50;
  }

  /** A designation that can stand in shorthand: letters, digits, _ and -, at most 40. */
  public static String requireId(String field, @Nullable String id) {
    String text = Require.text(field, id, 40);
    if (!text.matches("[A-Za-z0-9_-]+")) {
      throw new InvalidValue(field, SteelText.SHORT_NAME.with("name", text));
    }
    return text;
  }
}
