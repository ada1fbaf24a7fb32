package app.geminal.finding;

import app.geminal.bar.Bars;
import app.geminal.forging.Force;
import app.geminal.operation.HotWork;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Forge;
import app.geminal.shop.Press;
import app.geminal.steel.FlowStress;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Checks of a hot step against what forge, press and person can hold. */
final class MachineChecks {
  private static final double SLOWEST_HEAT_MIN = 60;
  private static final double STEEL_KJ_KG = 815;

  private MachineChecks() {}

  static List<Finding> of(StepContext at) {
    Optional<HotWork> work = at.operation().hotWork(at.before(), at.shop().defaults());
    if (work.isEmpty()) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    HotWork heat = work.get();
    opening(at, heat).ifPresent(found::add);
    chamber(at).ifPresent(found::add);
    tooHeavy(at).ifPresent(found::add);
    force(at, heat).ifPresent(found::add);
    burners(at).ifPresent(found::add);
    if (at.operation() instanceof SetWeld weld) {
      narrowDies(at, weld).ifPresent(found::add);
    }
    return found;
  }

  private static Optional<Finding> opening(StepContext at, HotWork heat) {
    double height = heat.isOnEdge() ? at.before().widthMm() : at.before().heightMm();
    OptionalDouble room = at.shop().roomMm(heat.tool());
    if (room.isEmpty() || height <= room.getAsDouble()) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of(FindingKind.PRESS_OPENING, Severity.ERROR, at.stage())
            .against(height, room.getAsDouble())
            .figures(
                "tool", heat.tool(),
                "height", Quantity.mm(height),
                "room", Quantity.mm(room.getAsDouble()))
            .found());
  }

  private static Optional<Finding> chamber(StepContext at) {
    Forge forge = at.shop().forge();
    Bars bars = at.before();
    double wide = Math.max(bars.widthMm(), bars.heightMm());
    double high = Math.min(bars.widthMm(), bars.heightMm());
    boolean fits = forge.takesWideMm() >= wide && forge.takesHighMm() >= high;
    if (!fits) {
      return Optional.of(
          Finding.of(FindingKind.CHAMBER_SECTION, Severity.ERROR, at.stage())
              .against(wide, forge.takesWideMm())
              .figures(
                  "width", Quantity.mm(bars.widthMm()),
                  "height", Quantity.mm(bars.heightMm()),
                  "takesWidth", Quantity.mm(forge.takesWideMm()),
                  "takesHeight", Quantity.mm(forge.takesHighMm()))
              .found());
    }
    double length = bars.lengthMm();
    if (length <= forge.lengthMm()) {
      return Optional.empty();
    }
    boolean bothEnds = length <= 2 * forge.lengthMm();
    boolean never = !forge.openEnds() && !bothEnds;
    return Optional.of(
        Finding.of(
                never ? FindingKind.CHAMBER_TOO_SHORT : FindingKind.CHAMBER_SHORT,
                never ? Severity.ERROR : Severity.NOTE,
                at.stage())
            .against(length, forge.lengthMm())
            .figures(
                "openEnds", forge.openEnds(),
                "length", Quantity.mm(length),
                "chamber", Quantity.mm(forge.lengthMm()))
            .found());
  }

  private static Optional<Finding> tooHeavy(StepContext at) {
    double kg = at.before().times(1).amount().massKg(at.steels());
    double most = at.limits().heaviestKg();
    if (kg <= most) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of(FindingKind.TOO_HEAVY, Severity.WARNING, at.stage())
            .against(kg, most)
            .figures("mass", Quantity.kg(kg), "limit", Quantity.kg(most))
            .found());
  }

  private static Optional<Finding> force(StepContext at, HotWork heat) {
    Press press = at.shop().press();
    FlowStress.Mix mix =
        FlowStress.ofMix(
            at.before().section().areaBySteel(), at.steels(), heat.celsius(), heat.how());
    OptionalDouble flow = mix.mpa();
    if (press == null || !heat.tool().isPressed() || flow.isEmpty()) {
      return Optional.empty();
    }
    Bars bars = at.before();
    boolean onEdge = heat.isOnEdge();
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
        Finding.of(FindingKind.FORCE_SHORT, never ? Severity.ERROR : Severity.NOTE, at.stage())
            .against(needed, press.forceKn())
            .figures(
                "never", never,
                "bite", Quantity.mm(bite),
                "length", Quantity.mm(wanted),
                "needed", Quantity.kn(needed),
                "heat", Quantity.celsius(heat.celsius()),
                "has", Quantity.kn(press.forceKn()),
                "unknown", mix.unknown().size(),
                "steels", mix.unknown())
            .found());
  }

  private static Optional<Finding> narrowDies(StepContext at, SetWeld weld) {
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
        Finding.of(FindingKind.DIES_NARROW_ON_SET, Severity.WARNING, at.stage())
            .against(reached, face)
            .figures(
                "bites", weld.bites(),
                "die", Quantity.mm(die),
                "reached", Quantity.mm(reached),
                "face", Quantity.mm(face))
            .instead(weld.withBites(0))
            .found());
  }

  private static Optional<Finding> burners(StepContext at) {
    Forge forge = at.shop().forge();
    double kg = at.before().amount().massKg(at.steels());
    double minutes = kg * STEEL_KJ_KG / forge.powerKw() / 60;
    boolean tooLarge = forge.litres() > forge.ratedLitres();
    if ((!tooLarge || !at.isFirstWeld()) && minutes <= SLOWEST_HEAT_MIN) {
      return Optional.empty();
    }
    boolean cold = minutes > SLOWEST_HEAT_MIN;
    return Optional.of(
        Finding.of(
                cold ? FindingKind.BURNERS_TOO_SMALL : FindingKind.CHAMBER_LARGE,
                Severity.WARNING,
                at.stage())
            .against(cold ? minutes : forge.litres(), cold ? SLOWEST_HEAT_MIN : forge.ratedLitres())
            .figures(
                "mass", Quantity.kg(kg),
                "time", Quantity.minutes(minutes),
                "power", Quantity.kw(forge.powerKw()),
                "chamber", Quantity.litres(forge.litres()),
                "rated", Quantity.litres(forge.ratedLitres()))
            .found());
  }
}
