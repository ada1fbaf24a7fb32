package app.geminal.library;

import app.geminal.steel.Basis;
import app.geminal.steel.Composition;
import app.geminal.steel.Confidence;
import app.geminal.steel.Figure;
import app.geminal.steel.Hardening;
import app.geminal.steel.Quench;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.steel.TemperCurve;
import app.geminal.steel.WeldWindow;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/** Reads the table of steels that ships with the application. */
public final class ShippedSteels {
  private static final String TABLE = "/steels/steels.csv";
  private static final double TONE_PLUS_MINUS = 0.15;

  private ShippedSteels() {}

  /**
   * All rows, in the table's order. A row that cannot be read stops the start: it is our own file.
   */
  public static Steels read() {
    return Steels.of(ShippedTable.rows(TABLE).stream().map(ShippedSteels::steel).toList());
  }

  private static Steel steel(CSVRecord row) {
    Confidence confidence = confidence(row.get("confidence"));
    return new Steel(
        row.get("id"),
        row.get("name"),
        row.get("designations"),
        row.get("family"),
        composition(row),
        solidus(row, confidence),
        optional(row, "liquidus_C").map(c -> Figure.typical(c, 20, "table of steels")),
        weldWindow(row),
        hardening(row),
        optional(row, "Ac1_C").map(c -> Figure.computed(c, 25, "after Andrews (1965)")),
        new Figure(number(row, "density_kg_m3"), 20, Basis.STANDARD, "tables"),
        Figure.typical(number(row, "thermal_exp_20_100_1e-6"), 0.3, "tables"),
        Figure.typical(number(row, "thermal_exp_20_1000_1e-6"), 0.5, "tables"),
        Figure.typical(number(row, "etch_tone"), TONE_PLUS_MINUS, "etched coupons of the grade"),
        row.get("etch_note"),
        (int) number(row, "weldability"),
        row.get("weld_note"),
        row.get("hard_stop").equals("1"),
        confidence);
  }

  private static Composition composition(CSVRecord row) {
    return new Composition(
        number(row, "C_min"),
        number(row, "C_typ"),
        number(row, "C_max"),
        number(row, "Mn_typ"),
        number(row, "Si_typ"),
        number(row, "Ni_typ"),
        number(row, "Cr_typ"),
        number(row, "Mo_typ"),
        number(row, "V_typ"),
        number(row, "W_typ"),
        optional(row, "Cu_typ").orElse(0.0),
        optional(row, "P_typ").orElse(0.0));
  }

  private static Figure solidus(CSVRecord row, Confidence confidence) {
    double c = number(row, "solidus_C");
    boolean computed = row.get("solidus_basis").startsWith("model");
    double more = confidence == Confidence.LOW ? 30 : 0;
    return computed
        ? Figure.computed(c, 20 + more, "austenite solidus by composition")
        : Figure.typical(c, 30 + more, "literature");
  }

  /** Some rows have one end only, or none: those metals are not forge-welded. */
  private static Optional<WeldWindow> weldWindow(CSVRecord row) {
    return optional(row, "weld_lo_C")
        .flatMap(lo -> optional(row, "weld_hi_C").map(hi -> new WeldWindow(lo, hi)));
  }

  private static Optional<Hardening> hardening(CSVRecord row) {
    String hardens = row.get("hardenable");
    if (!hardens.equals("yes") && !hardens.equals("shallow")) {
      return Optional.empty();
    }
    boolean computed = row.get("andrews_valid").equals("yes");
    double ms = number(row, "Ms_eff_C");
    return Optional.of(
        new Hardening(
            number(row, "austenitize_lo_C"),
            number(row, "austenitize_hi_C"),
            Quench.parse(row.get("quench")),
            Quench.parse(row.get("quench_blade_le6mm")),
            hardens.equals("shallow"),
            number(row, "C_dissolved_typ"),
            computed
                ? Figure.computed(ms, 25, "after Andrews (1965), dissolved carbon")
                : Figure.typical(ms, 40, "dissolved carbon, past the formula's range"),
            Figure.typical(number(row, "as_quenched_HRC_typ"), 2, "tables"),
            Optional.of(row.get("temper_C_HRC"))
                .filter(t -> t.contains(":"))
                .map(TemperCurve::parse)));
  }

  private static Confidence confidence(String word) {
    return switch (word.toLowerCase(Locale.ROOT)) {
      case "high" -> Confidence.HIGH;
      case "med" -> Confidence.MEDIUM;
      default -> Confidence.LOW;
    };
  }

  private static Optional<Double> optional(CSVRecord row, String column) {
    return row.get(column).isBlank() ? Optional.empty() : Optional.of(number(row, column));
  }

  private static double number(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }
}
