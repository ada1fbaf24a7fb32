package app.geminal.server.steel;

import app.geminal.steel.Composition;
import app.geminal.steel.Confidence;
import app.geminal.steel.Figure;
import app.geminal.steel.Hardening;
import app.geminal.steel.Steel;
import app.geminal.steel.TemperCurve;
import app.geminal.steel.WeldWindow;
import app.geminal.text.Message;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A steel for the screen.
 *
 * @param id id of the steel
 * @param ownId number of the own steel, null for a shipped one
 * @param name name
 * @param designations other names of the same steel
 * @param family kind of steel
 * @param composition percent by mass
 * @param solidus °C where it begins to melt
 * @param liquidus °C where it is all molten, null where not known
 * @param weldWindow welding heat, null where it is not welded
 * @param hardening how it is hardened, null where it does not harden
 * @param ac1 °C where it begins to turn to austenite on heating, null where not known
 * @param density kg/m³ at room temperature
 * @param expansionTo100 mean expansion from 20 to 100 °C, 10⁻⁶/K
 * @param expansionTo1000 mean expansion from 20 to 1000 °C, 10⁻⁶/K
 * @param etchTone tone when hardened and etched with ferric chloride, 0 (black) to 1 (silver)
 * @param etchNote how it looks when etched
 * @param weldability 1 (very easy) to 5 (only sealed)
 * @param weldNote what to know of welding it
 * @param neverWeld whether it must not be forge-welded
 * @param confidence how well its figures are known
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
  /**
   * How it hardens; {@code temper} is HRC by °C, empty where it is not known.
   *
   * @param fromC lower end, °C
   * @param toC upper end, °C
   * @param quench what to quench it in
   * @param bladeQuench how a blade of it is quenched
   * @param shallow whether it hardens only to a shallow depth
   * @param ms °C where martensite begins to form
   * @param asQuenched HRC after quenching, before tempering
   * @param temper HRC by tempering temperature in °C
   */
  public record HardeningView(
      double fromC,
      double toC,
      Message quench,
      Message bladeQuench,
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
