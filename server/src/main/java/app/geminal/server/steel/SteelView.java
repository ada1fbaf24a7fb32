package app.geminal.server.steel;

import app.geminal.steel.Composition;
import app.geminal.steel.Confidence;
import app.geminal.steel.Figure;
import app.geminal.steel.Hardening;
import app.geminal.steel.Steel;
import app.geminal.steel.TemperCurve;
import app.geminal.steel.WeldWindow;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A steel for the screen.
 *
 * @param ownId number of the own steel, null for a shipped one
 */
public record SteelView(
    String id,
    @Nullable Long ownId,
    String name,
    String designations,
    String family,
    Composition composition,
    Figure solidus,
    @Nullable Figure liquidus,
    @Nullable WeldWindow weldWindow,
    @Nullable HardeningView hardening,
    @Nullable Figure ac1,
    Figure density,
    Figure expansionTo100,
    Figure expansionTo1000,
    Figure etchTone,
    String etchNote,
    int weldability,
    String weldNote,
    boolean neverWeld,
    Confidence confidence) {
  /** How it hardens; {@code temper} is HRC by °C, empty where it is not known. */
  public record HardeningView(
      double fromC,
      double toC,
      String quench,
      String bladeQuench,
      boolean shallow,
      Figure ms,
      Figure asQuenched,
      Map<Double, Double> temper) {
    static HardeningView of(Hardening h) {
      return new HardeningView(
          h.fromC(),
          h.toC(),
          h.quench().words(),
          h.bladeQuench().words(),
          h.shallow(),
          h.ms(),
          h.asQuenched(),
          h.temper().map(TemperCurve::points).orElse(Map.of()));
    }
  }

  static SteelView of(Steel s, @Nullable Long ownId) {
    return new SteelView(
        s.id(),
        ownId,
        s.name(),
        s.designations(),
        s.family(),
        s.composition(),
        s.solidus(),
        s.liquidus().orElse(null),
        s.weldWindow().orElse(null),
        s.hardening().map(HardeningView::of).orElse(null),
        s.ac1().orElse(null),
        s.density(),
        s.expansionTo100(),
        s.expansionTo1000(),
        s.etchTone(),
        s.etchNote(),
        s.weldability(),
        s.weldNote(),
        s.neverWeld(),
        s.confidence());
  }
}
