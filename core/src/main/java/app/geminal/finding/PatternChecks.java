package app.geminal.finding;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layers.Layer;
import app.geminal.operation.Blade;
import app.geminal.operation.Hollowed;
import app.geminal.operation.Twist;
import app.geminal.pattern.BandWidth;
import app.geminal.steel.Steel;
import app.geminal.units.Quantity;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Checks of the steps that make the pattern, and of the blade ground from it. */
final class PatternChecks {
  private static final double BRIGHT_TONE = 0.6;
  private static final int MOST_LAYERS = 400;

  private PatternChecks() {}

  static List<Finding> twist(StepContext at, Twist twist) {
    List<Finding> found = new ArrayList<>();
    if (!twist.rounded()) {
      found.add(
          Finding.of(FindingKind.TWIST_CORNERS, Severity.WARNING, at.stage())
              .instead(twist.rounding())
              .found());
    }
    double shear = twist.shear(at.before());
    double limit = at.limits().twistShear();
    if (shear > limit) {
      double safe = Math.floor(twist.turns() * limit / shear * 10) / 10;
      boolean tooShort = safe < Twist.FEWEST_TURNS;
      Finding.Builder many =
          Finding.of(FindingKind.TWIST_SHEAR, Severity.WARNING, at.stage())
              .against(shear, limit)
              .figures(
                  "shear",
                  tenth(shear),
                  "limit",
                  tenth(limit),
                  "turns",
                  tenth(safe),
                  "short",
                  tooShort);
      found.add(tooShort ? many.found() : many.instead(twist.withTurns(safe)).found());
    }
    return found;
  }

  private static BigDecimal tenth(double value) {
    return BigDecimal.valueOf(value).setScale(1, RoundingMode.HALF_UP).stripTrailingZeros();
  }

  static List<Finding> square(StepContext at) {
    double side = Math.min(at.before().widthMm(), at.before().heightMm());
    double limit = at.limits().smallestSquareMm();
    if (side >= limit) {
      return List.of();
    }
    return List.of(
        Finding.of(FindingKind.SECTION_SMALL, Severity.WARNING, at.stage())
            .against(side, limit)
            .figures("side", Quantity.mm(side), "limit", Quantity.mm(limit))
            .found());
  }

  /** Grooves and dimples. */
  static List<Finding> hollows(StepContext at, Hollowed hollows) {
    double depthMm = hollows.depthMm();
    double deepMm = hollows.deepMm();
    List<Finding> found = new ArrayList<>();
    Bars before = at.before();
    double height = before.heightMm();
    double limit = at.limits().grooveDepth();
    boolean meeting = deepMm > depthMm && deepMm > 2 * limit * height;
    if (depthMm > limit * height || meeting) {
      double safe = Math.floor(limit * height * 10) / 10;
      found.add(
          Finding.of(FindingKind.GROOVE_TOO_DEEP, Severity.WARNING, at.stage())
              .against(depthMm / height, limit)
              .figures(
                  "depth", Quantity.mm(depthMm),
                  "height", Quantity.mm(height),
                  "limit", Quantity.share(limit),
                  "safe", Quantity.mm(safe))
              .instead(hollows.withDepthMm(safe))
              .found());
    }
    blade(at)
        .filter(b -> b.tangMm() > 0)
        .ifPresent(blade -> {
          double grown = at.now().bars().lengthMm() - before.lengthMm();
          found.add(
              Finding.of(FindingKind.PATTERN_ON_TANG, Severity.NOTE, at.stage())
                  .against(blade.tangMm(), 0)
                  .figures(
                      "tang", Quantity.mm(blade.tangMm()),
                      "longer", Quantity.mm(Math.max(0, grown)))
                  .found());
        });
    return found;
  }

  /** The blade that is ground later in the plan. */
  private static Optional<Blade> blade(StepContext at) {
    return at.run().plan().steps().stream()
        .skip(at.stage())
        .filter(s -> !s.off())
        .map(Step::operation)
        .filter(Blade.class::isInstance)
        .map(Blade.class::cast)
        .findFirst();
  }

  static List<Finding> blade(StepContext at, Blade blade) {
    List<Finding> found = new ArrayList<>();
    groundThrough(at, blade).ifPresent(found::add);
    Section section = at.now().bars().section();
    if (section.isLevel()) {
      section.up().layers(MOST_LAYERS).ifPresent(layers -> bands(at, blade, layers, found));
    }
    return found;
  }

  private static Optional<Finding> groundThrough(StepContext at, Blade blade) {
    double needs = 2 * at.shop().defaults().finishGrindMm() + humps(at);
    double left = at.before().heightMm() - blade.spineMm();
    if (left >= needs - 1e-9) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of(FindingKind.PATTERN_GROUND_THROUGH, Severity.WARNING, at.stage())
            .against(left, needs)
            .figures("left", Quantity.mm(left), "needed", Quantity.mm(needs))
            .found());
  }

  /** What an uneven surface still wants ground off until it is flat, both faces. */
  private static double humps(StepContext at) {
    double left = 0;
    for (int i = 1; i < at.stage(); i++) {
      Stage stage = at.run().stages().get(i);
      if (!stage.isOff()) {
        left = stage.step().map(Step::operation).orElseThrow().unevenMm(left);
      }
    }
    return left;
  }

  /** Bright or soft layers on the bevel: how wide they show, and whether the edge is one. */
  private static void bands(StepContext at, Blade blade, List<Layer> layers, List<Finding> found) {
    double height = at.now().bars().heightMm();
    double z = -height / 2;
    double widest = 0;
    Layer wide = null;
    for (Layer layer : layers) {
      double from = z;
      z += layer.thicknessMm();
      Steel steel = at.steels().get(layer.steel());
      boolean soft = !steel.hardens();
      if (!soft && steel.etchTone().value() < BRIGHT_TONE) {
        continue;
      }
      if (soft && from < blade.edgeMm() / 2 && z > -blade.edgeMm() / 2) {
        found.add(
            Finding.of(FindingKind.EDGE_SOFT, Severity.NOTE, at.stage())
                .about(layer.steel())
                .figures("steel", layer.steel())
                .found());
      }
      double shown = BandWidth.mm(layer.thicknessMm(), Math.max(0.01, blade.bevelDeg()));
      if (Math.max(Math.abs(from), Math.abs(z)) > blade.edgeMm() / 2 && shown > widest) {
        widest = shown;
        wide = layer;
      }
    }
    double limit = at.limits().widestBandMm();
    if (wide != null && widest > limit) {
      found.add(
          Finding.of(FindingKind.BAND_TOO_WIDE, Severity.NOTE, at.stage())
              .about(wide.steel())
              .against(widest, limit)
              .figures(
                  "steel", wide.steel(),
                  "thick", Quantity.mm(wide.thicknessMm()),
                  "bevel", Quantity.angle(blade.bevelDeg()),
                  "shown", Quantity.mm(widest),
                  "limit", Quantity.mm(limit))
              .found());
    }
  }
}
