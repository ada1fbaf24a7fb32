package app.geminal.finding;

import app.geminal.bar.Bars;
import app.geminal.forging.Force;
import app.geminal.operation.Dimples;
import app.geminal.operation.Draw;
import app.geminal.operation.Ladder;
import app.geminal.operation.Resquare;
import app.geminal.operation.RollUp;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Twist;
import app.geminal.operation.Upset;
import app.geminal.shop.Forge;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.Tool;
import app.geminal.steel.Deformation;
import app.geminal.steel.FlowStress;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Checks of a hot step against what forge, press and person can hold. */
final class MachineChecks {
  private static final double SLOWEST_HEAT_MIN = 60;
  private static final double STEEL_KJ_KG = 815;

  private MachineChecks() {}

  static List<Finding> of(At at) {
    Optional<Heat> heat = heat(at);
    if (heat.isEmpty()) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    Tool tool = heat.get().tool();
    opening(at, tool).ifPresent(found::add);
    chamber(at).ifPresent(found::add);
    tooHeavy(at).ifPresent(found::add);
    force(at, heat.get()).ifPresent(found::add);
    burners(at).ifPresent(found::add);
    if (at.operation() instanceof SetWeld weld) {
      narrowDies(at, weld).ifPresent(found::add);
      if (at.isFirstWeld() && at.shop().forge().gaugeOffsetC() == null) {
        found.add(gauge(at));
      }
    }
    return found;
  }

  /** A step that goes into the fire: what shapes it, and how hot it is. */
  private record Heat(Tool tool, double celsius, Deformation how) {}

  private static Optional<Heat> heat(At at) {
    Shop shop = at.shop();
    double drawn = shop.practice().drawTemperatureC();
    Tool usual = shop.practice().drawTool();
    return switch (at.operation()) {
      case SetWeld weld -> Optional.of(new Heat(weld.tool(), weld.temperatureC(), weld.squeeze()));
      case Draw draw -> Optional.of(new Heat(draw.tool(), drawn, draw.each(at.before())));
      case Upset upset ->
          Optional.of(
              new Heat(
                  usual == Tool.MILL ? Tool.FLAT : usual,
                  drawn,
                  Deformation.ofDraw(upset.reductionPerHeat())));
      case Twist _, Resquare _, RollUp _, Ladder _, Dimples _ ->
          Optional.of(new Heat(Tool.HAMMER, drawn, Deformation.USUAL));
      default -> Optional.empty();
    };
  }

  private static Optional<Finding> opening(At at, Tool tool) {
    double height =
        at.operation() instanceof Upset ? at.before().widthMm() : at.before().heightMm();
    OptionalDouble room = at.shop().roomMm(tool);
    if (room.isEmpty() || height <= room.getAsDouble()) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of("press-opening", Strength.WILL_FAIL, at.stage())
            .against(height, room.getAsDouble())
            .what("It does not go under the %s.", tool == Tool.MILL ? "mill" : under(tool))
            .why(
                "%s high, and there is room for %s.",
                Measure.mm(height), Measure.mm(room.getAsDouble()))
            .mend("A lower stack or thinner dies; or another tool for this step."));
  }

  private static String under(Tool tool) {
    return tool == Tool.HAMMER ? "hammer" : "press";
  }

  private static Optional<Finding> chamber(At at) {
    Forge forge = at.shop().forge();
    Bars bars = at.before();
    double wide = Math.max(bars.widthMm(), bars.heightMm());
    double high = Math.min(bars.widthMm(), bars.heightMm());
    boolean fits = forge.takesWideMm() >= wide && forge.takesHighMm() >= high;
    if (!fits) {
      return Optional.of(
          Finding.of("chamber-fit", Strength.WILL_FAIL, at.stage())
              .against(wide, forge.takesWideMm())
              .what("It does not go into the forge.")
              .why(
                  "%s × %s, and the door and chamber take %s × %s.",
                  Measure.mm(bars.widthMm()),
                  Measure.mm(bars.heightMm()),
                  Measure.mm(forge.takesWideMm()),
                  Measure.mm(forge.takesHighMm()))
              .mend("A smaller section, or a forge with a wider door."));
    }
    double length = bars.lengthMm();
    if (length <= forge.lengthMm()) {
      return Optional.empty();
    }
    boolean bothEnds = length <= 2 * forge.lengthMm();
    boolean never = !forge.openEnds() && !bothEnds;
    return Optional.of(
        Finding.of("chamber-fit", never ? Strength.WILL_FAIL : Strength.WORTH_KNOWING, at.stage())
            .against(length, forge.lengthMm())
            .what(
                never
                    ? "The bar is too long for the forge."
                    : forge.openEnds() ? "Heat it in sections." : "Turn it end for end.")
            .why(
                "The bar is %s long and the chamber %s.",
                Measure.mm(length), Measure.mm(forge.lengthMm()))
            .mend(
                never
                    ? "Cut it before this step."
                    : "Plan the heats along the bar; the part outside cools and stays as it is."));
  }

  private static Optional<Finding> tooHeavy(At at) {
    double kg = at.before().times(1).amount().massKg(at.steels());
    double most = at.limits().heaviestKg();
    if (kg <= most) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of("too-heavy", Strength.AT_RISK, at.stage())
            .against(kg, most)
            .what("Heavy to hold.")
            .why("%.1f kg; a person holds about %.1f kg on a bar at arm's length.", kg, most)
            .mend(
                "A shorter stack, a stand or a sling for the far end, or a second pair of hands."));
  }

  private static Optional<Finding> force(At at, Heat heat) {
    Press press = at.shop().press();
    FlowStress.Mix mix =
        FlowStress.ofMix(
            at.before().section().areaBySteel(), at.steels(), heat.celsius(), heat.how());
    OptionalDouble flow = mix.mpa();
    if (press == null || !heat.tool().isPressed() || flow.isEmpty()) {
      return Optional.empty();
    }
    Bars bars = at.before();
    boolean onEdge = at.operation() instanceof Upset;
    double width = onEdge ? bars.heightMm() : bars.widthMm();
    double height = onEdge ? bars.widthMm() : bars.heightMm();
    double wanted = Math.min(press.dieMm(heat.tool()), bars.lengthMm());
    double bite = Force.longestBiteMm(press.forceKn(), width, height, flow.getAsDouble(), wanted);
    if (bite >= wanted) {
      return Optional.empty();
    }
    double needed = Force.kn(width, wanted, height, flow.getAsDouble());
    boolean never = bite == 0;
    return Optional.of(
        Finding.of("force-short", never ? Strength.WILL_FAIL : Strength.WORTH_KNOWING, at.stage())
            .against(needed, press.forceKn())
            .what(
                never
                    ? "The press is too weak for this."
                    : Text.of("The press takes it in bites of %s.", Measure.mm(bite)))
            .why(
                "%s of the bar under the dies want about %.0f kN at %s, and the press gives %.0f kN (±25 %%).%s",
                Measure.mm(wanted),
                needed,
                Measure.celsius(heat.celsius()),
                press.forceKn(),
                mix.unknown().isEmpty()
                    ? ""
                    : Text.of(
                        " How hard %s resists is not known; it is taken as the rest.",
                        String.join(", ", mix.unknown())))
            .mend(
                never
                    ? "A narrower or lower bar, more heat, or another tool."
                    : "Overlap the bites by a quarter, work from the middle out."));
  }

  private static Optional<Finding> narrowDies(At at, SetWeld weld) {
    Press press = at.shop().press();
    if (press == null || !weld.tool().isPressed() || !at.before().loose() || weld.bites() == 0) {
      return Optional.empty();
    }
    double die = press.dieMm(weld.tool());
    double face = at.before().lengthMm();
    double reached = die + (weld.bites() - 1) * die * Force.BITE_ADVANCE;
    if (reached >= face) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of("dies-narrow-on-set", Strength.AT_RISK, at.stage())
            .against(reached, face)
            .what("The dies do not reach the whole face.")
            .why(
                "%d %s of a die %s long reach %s of %s with the overlap they need.",
                weld.bites(),
                weld.bites() == 1 ? "bite" : "bites",
                Measure.mm(die),
                Measure.mm(reached),
                Measure.mm(face))
            .instead("As many bites as it takes", weld.withBites(0))
            .mend("Overlap the bites by a quarter until the whole face is set."));
  }

  private static Optional<Finding> burners(At at) {
    Forge forge = at.shop().forge();
    double kg = at.before().amount().massKg(at.steels());
    double minutes = kg * STEEL_KJ_KG / forge.powerKw() / 60;
    boolean tooLarge = forge.litres() > forge.ratedLitres();
    if ((!tooLarge || !at.isFirstWeld()) && minutes <= SLOWEST_HEAT_MIN) {
      return Optional.empty();
    }
    boolean cold = minutes > SLOWEST_HEAT_MIN;
    return Optional.of(
        Finding.of("burners-too-small", Strength.AT_RISK, at.stage())
            .against(cold ? minutes : forge.litres(), cold ? SLOWEST_HEAT_MIN : forge.ratedLitres())
            .what(
                cold
                    ? "More cold steel than the burners bring up."
                    : "The chamber is large for its burners.")
            .why(
                cold
                    ? Text.of(
                        "%.1f kg want %.0f minutes of all the %.1f kW that reach the steel.",
                        kg, minutes, forge.powerKw())
                    : Text.of(
                        "%.1f litres, and the burners are rated for %.1f.",
                        forge.litres(), forge.ratedLitres()))
            .mend(
                cold
                    ? "Heat fewer bars at once."
                    : "Close part of the chamber with brick, or add a burner."));
  }

  private static Finding gauge(At at) {
    return Finding.of("gauge-not-calibrated", Strength.WORTH_KNOWING, at.stage())
        .what("The gauge has never been compared.")
        .why(
            "No offset is recorded for its place in the forge. One in a cold spot reads 50 to 100 degrees low.")
        .mend("Hold a second thermocouple beside the billet once and record the difference.");
  }
}
