package app.geminal.finding;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layers.Layer;
import app.geminal.operation.Blade;
import app.geminal.operation.Dimples;
import app.geminal.operation.ForgedSurface;
import app.geminal.operation.Grind;
import app.geminal.operation.Ladder;
import app.geminal.operation.Operation;
import app.geminal.operation.Twist;
import app.geminal.pattern.BandWidth;
import app.geminal.steel.Steel;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Checks of the steps that make the pattern, and of the blade ground from it. */
final class PatternChecks {
  private static final double BRIGHT_TONE = 0.6;
  private static final int MOST_LAYERS = 400;

  private PatternChecks() {}

  static List<Finding> twist(At at, Twist twist) {
    List<Finding> found = new ArrayList<>();
    if (!twist.rounded()) {
      found.add(
          Finding.of("twist-corners", Strength.AT_RISK, at.stage())
              .what("Corners fold in.")
              .why("A bar that is twisted square lays its corners over, and each is a cold shut.")
              .instead("Forge it round first", twist.rounding())
              .mend("Forge it round, or at least to an octagon, before the first turn."));
    }
    double shear = twist.shear(at.before());
    double limit = at.limits().twistShear();
    if (shear > limit) {
      double safe = Math.floor(twist.turns() * limit / shear * 10) / 10;
      Finding.Builder many =
          Finding.of("twist-shear", Strength.AT_RISK, at.stage())
              .against(shear, limit)
              .what("Many turns for this bar.")
              .why(
                  "The surface is sheared %.1f times its length; up to %.1f is safe at full welding heat, to 3 is for steady hands and even heat, beyond it seams open.",
                  shear, limit);
      found.add(
          safe < Twist.FEWEST_TURNS
              ? many.mend("This bar is too short and thick to be twisted: draw it longer first.")
              : many.instead(Text.of("%s turns", safe), twist.withTurns(safe))
                  .mend(
                      "Up to %s turns are safe over this length; or draw it longer first.", safe));
    }
    return found;
  }

  static List<Finding> square(At at) {
    double side = Math.min(at.before().widthMm(), at.before().heightMm());
    double limit = at.limits().smallestSquareMm();
    if (side >= limit) {
      return List.of();
    }
    return List.of(
        Finding.of("resquare-too-thin", Strength.AT_RISK, at.stage())
            .against(side, limit)
            .what("Small for this.")
            .why(
                "%s across; under %s the pieces can hardly be ground true and put together again.",
                Measure.mm(side), Measure.mm(limit))
            .mend("Do it while the section is still heavy, and draw down afterwards."));
  }

  /** Grooves and dimples. */
  static List<Finding> hollows(At at, double depthMm, double deepMm, Operation hollows) {
    List<Finding> found = new ArrayList<>();
    Bars before = at.before();
    double height = before.heightMm();
    double limit = at.limits().grooveDepth();
    boolean meeting = deepMm > depthMm && deepMm > 2 * limit * height;
    if (depthMm > limit * height || meeting) {
      double safe = Math.floor(limit * height * 10) / 10;
      found.add(
          Finding.of("groove-too-deep", Strength.AT_RISK, at.stage())
              .against(depthMm / height, limit)
              .what("They go deep.")
              .why(
                  "%s of a bar %s high; past %.0f %% they meet from both sides or leave too little to flatten.",
                  Measure.mm(depthMm), Measure.mm(height), limit * 100)
              .instead(Text.of("%s deep", Measure.mm(safe)), shallower(hollows, safe))
              .mend("Make them shallower, or do them earlier while the bar is thick."));
    }
    blade(at)
        .filter(b -> b.tangMm() > 0)
        .ifPresent(blade -> {
          double grown = at.now().bars().lengthMm() - before.lengthMm();
          found.add(
              Finding.of("pattern-on-tang", Strength.WORTH_KNOWING, at.stage())
                  .against(blade.tangMm(), 0)
                  .what("The tang hides part of it.")
                  .why(
                      "%s of the blade is tang; flattening makes the whole bar %s longer.",
                      Measure.mm(blade.tangMm()), Measure.mm(Math.max(0, grown)))
                  .mend("Leave the tang's end plain; it stays thicker and shorter then."));
        });
    return found;
  }

  private static Operation shallower(Operation hollows, double depthMm) {
    return switch (hollows) {
      case Ladder ladder -> ladder.withDepthMm(depthMm);
      case Dimples dimples -> dimples.withDepthMm(depthMm);
      default -> hollows;
    };
  }

  /** The blade that is ground later in the plan. */
  private static Optional<Blade> blade(At at) {
    return at.run().plan().steps().stream()
        .skip(at.stage())
        .filter(s -> !s.off())
        .map(Step::operation)
        .filter(Blade.class::isInstance)
        .map(Blade.class::cast)
        .findFirst();
  }

  static List<Finding> blade(At at, Blade blade) {
    List<Finding> found = new ArrayList<>();
    groundThrough(at, blade).ifPresent(found::add);
    Section section = at.now().bars().section();
    if (section.isLevel()) {
      section.up().layers(MOST_LAYERS).ifPresent(layers -> bands(at, blade, layers, found));
    }
    return found;
  }

  private static Optional<Finding> groundThrough(At at, Blade blade) {
    double needs = 2 * at.shop().practice().finishGrindMm() + humps(at);
    double left = at.before().heightMm() - blade.spineMm();
    if (left >= needs - 1e-9) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of("pattern-ground-through", Strength.AT_RISK, at.stage())
            .against(left, needs)
            .what("Too little left to grind clean.")
            .why(
                "%s more than the spine is left, and the allowance on both faces and the uneven surface want %s.",
                Measure.mm(left), Measure.mm(needs))
            .mend("Finish the bar higher, or make the spine thinner."));
  }

  /** What an uneven surface still wants ground off until it is flat, both faces. */
  private static double humps(At at) {
    double left = 0;
    for (int i = 1; i < at.stage(); i++) {
      Stage stage = at.run().stages().get(i);
      if (!stage.isOff()) {
        switch (stage.step().map(Step::operation).orElseThrow()) {
          case ForgedSurface surface -> left += 2 * surface.amplitudeMm();
          case Grind grind -> left = Math.max(0, left - grind.bottomMm() - grind.topMm());
          default -> {}
        }
      }
    }
    return left;
  }

  /** Bright or soft layers on the bevel: how wide they show, and whether the edge is one. */
  private static void bands(At at, Blade blade, List<Layer> layers, List<Finding> found) {
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
            Finding.of("band-too-wide", Strength.WORTH_KNOWING, at.stage())
                .about(layer.steel())
                .what("%s lies at the edge.", layer.steel())
                .why(
                    "The middle of the bar is the edge of the blade, and this layer does not harden.")
                .mend("Put a steel that hardens into the middle."));
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
          Finding.of("band-too-wide", Strength.WORTH_KNOWING, at.stage())
              .about(wide.steel())
              .against(widest, limit)
              .what("%s shows as a broad stripe.", wide.steel())
              .why(
                  "A layer of %s on a bevel of %.1f° shows %s wide; %s is what was asked.",
                  Measure.mm(wide.thicknessMm()),
                  blade.bevelDeg(),
                  Measure.mm(widest),
                  Measure.mm(limit))
              .mend("A thinner layer, or a lower and steeper bevel."));
    }
  }
}
