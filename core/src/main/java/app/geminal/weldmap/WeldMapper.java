package app.geminal.weldmap;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.flaw.LatestJoints;
import app.geminal.heatplan.HeatPlan;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.operation.SetWeld;
import app.geminal.shop.FacePrep;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.steel.Deformation;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Method;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/** The weld maps of a plan, by what its heat plans say. */
public final class WeldMapper {
  /** A joint under flux or sealed is set by so much, fraction of the height. */
  private static final double LEAST_REDUCTION = 0.03;

  /** A dry joint has more to break up. */
  private static final double LEAST_REDUCTION_DRY = 0.05;

  /** Copper gives way by itself. */
  private static final double LEAST_REDUCTION_COPPER = 0.005;

  /** The face of a hammer along the bar, mm. */
  private static final double HAMMER_MM = 30;

  private static final double BLOW_S = 0.05;

  private final Steels steels;
  private final Shop shop;
  private final HeatPlanner heats;
  private final Function<FacePrep, List<Sample>> ensembles;

  /** For a shop of which nothing is known but its settings. */
  public WeldMapper(Steels steels, Shop shop, HeatPlanner heats) {
    this(steels, shop, heats, _ -> Sample.ensemble());
  }

  /**
   * For one shop.
   *
   * @param ensembles ways everything unknown may be, by how the faces are prepared
   */
  public WeldMapper(
      Steels steels, Shop shop, HeatPlanner heats, Function<FacePrep, List<Sample>> ensembles) {
    this.steels = steels;
    this.shop = shop;
    this.heats = heats;
    this.ensembles = ensembles;
  }

  /** Paths of every set weld of a Run and of the parts made for it, the parts' first. */
  public static List<String> welds(Run whole) {
    List<String> paths = new ArrayList<>();
    whole.parts().forEach((name, part) -> welds(part).forEach(w -> paths.add(name + "/" + w)));
    for (int stage = 1; stage < whole.stages().size(); stage++) {
      if (isWeld(whole, stage)) {
        paths.add(whole.stages().get(stage).step().orElseThrow().key());
      }
    }
    return paths;
  }

  /**
   * The map of one weld.
   *
   * @param path of the step: names of the parts it is in, then its key
   * @return empty where the step is no set weld that the Run reaches, or closes no joints that run
   *     level through the bar
   */
  public Optional<WeldMap> map(Run whole, String path) {
    return course(whole, path).map(this::map);
  }

  /** The map after the last of several welds of the same joints. */
  public WeldMap map(List<WeldSetup> course) {
    return WeldMap.of(course, ensemble(course));
  }

  /**
   * Why a joint may be open, where only the plan is known.
   *
   * @param course the welds of the joint, in the order they were made
   * @param commonHeat whether its steels have a common welding heat
   */
  public OpenJoint whyOpen(List<WeldSetup> course, OpenJoint.Place place, boolean commonHeat) {
    return OpenJoint.of(course, ensemble(course), place, commonHeat);
  }

  private List<Sample> ensemble(List<WeldSetup> course) {
    return ensembles.apply(course.getLast().faces().prep());
  }

  /** Whether the steels of a weld have a common welding heat. */
  public boolean hasCommonHeat(Run.Found found) {
    return WeldWindow.sharedBy(
            found
                .run()
                .stages()
                .get(found.stage() - 1)
                .bars()
                .section()
                .areaBySteel()
                .keySet()
                .stream()
                .map(steels::get)
                .toList())
        .isPresent();
  }

  /** What is done to the joints of a weld from the laying up on: earlier welds, then it. */
  public Optional<List<WeldSetup>> course(Run whole, String path) {
    return whole
        .find(path)
        .flatMap(found -> {
          Run run = found.run();
          String prefix = found.part().isEmpty() ? "" : found.part() + "/";
          List<WeldSetup> course = new ArrayList<>();
          for (int stage = run.laidAt(found.stage() - 1) + 1; stage <= found.stage(); stage++) {
            setup(whole, run, stage, prefix).ifPresent(course::add);
          }
          boolean reached = isWeld(run, found.stage()) && !course.isEmpty();
          return reached ? Optional.of(course) : Optional.empty();
        });
  }

  private static boolean isWeld(Run run, int stage) {
    return run.stages().get(stage).step().filter(s -> !s.off()).map(Step::operation).orElse(null)
        instanceof SetWeld;
  }

  private Optional<WeldSetup> setup(Run whole, Run run, int stage, String prefix) {
    Step step = run.stages().get(stage).step().orElseThrow();
    if (step.off() || !(step.operation() instanceof SetWeld weld)) {
      return Optional.empty();
    }
    Bars before = run.stages().get(stage - 1).bars();
    double high = before.section().heightMm();
    List<Double> joints = LatestJoints.of(run, stage - 1).stream().map(z -> z / high).toList();
    return joints.isEmpty()
        ? Optional.empty()
        : heats
            .plan(whole, prefix + step.key())
            .map(plan -> setup(plan, weld, before, joints, run.laidAt(stage - 1) > 0));
  }

  private WeldSetup setup(
      HeatPlan plan, SetWeld weld, Bars before, List<Double> joints, boolean isRestacked) {
    return new WeldSetup(
        plan.bar(),
        joints,
        plan.window().floorC(),
        new WeldSetup.Fire(
            plan.window().chamberC(), shop.forge().powerKw(), plan.flame(), minutes(weld)),
        squeeze(plan, weld, before),
        faces(weld, isRestacked));
  }

  /** As {@link SetWeld#fireMin}: a welded bar takes half the first soak. */
  private static List<Double> minutes(SetWeld weld) {
    return IntStream.range(0, weld.heats())
        .mapToObj(heat -> heat == 0 ? weld.soakMin() : weld.soakMin() / 2)
        .toList();
  }

  private WeldSetup.Squeeze squeeze(HeatPlan plan, SetWeld weld, Bars before) {
    double lengthMm = plan.bar().lengthMm();
    Press press = shop.press();
    boolean isPressed = press != null && weld.tool().isPressed();
    double biteMm = isPressed ? plan.squeezing().biteMm() : Math.min(HAMMER_MM, lengthMm);
    int bites =
        isPressed
            ? (int) Math.ceil(plan.squeezing().bites() * lengthMm / before.lengthMm() - 1e-9)
            : (int) Math.ceil(lengthMm / biteMm);
    double strokeS =
        press != null && isPressed
            ? weld.reductionPerHeat()
                * plan.bar().heightMm()
                / (press.speedMmS() * Deformation.FEATHERED)
            : BLOW_S;
    return new WeldSetup.Squeeze(
        weld.reductionPerHeat(),
        Bite.fromTheMiddle(bites, biteMm, lengthMm),
        strokeS,
        press != null && isPressed ? press.forceKn() : Double.POSITIVE_INFINITY,
        HotStrength.of(celsius -> heats.flowMpa(before, celsius, weld.squeeze())),
        leastReduction(weld),
        shop.limits().firstSetReduction());
  }

  private static double leastReduction(SetWeld weld) {
    if (weld.method() != Method.FORGE) {
      return LEAST_REDUCTION_COPPER;
    }
    return weld.protection() == AtmosphereProtection.DRY ? LEAST_REDUCTION_DRY : LEAST_REDUCTION;
  }

  /** Faces that were sawn and ground for a restack are as good as ground ones can be. */
  private WeldSetup.Faces faces(SetWeld weld, boolean isRestacked) {
    FacePrep prep = isRestacked ? FacePrep.GROUND : shop.defaults().faces();
    FaceState state = FaceState.of(prep, shop.defaults().degreases());
    return new WeldSetup.Faces(
        weld.protection(), weld.jacket(), prep, state.gapMm(), state.oxideUm());
  }

  /**
   * What a preparation leaves. Guesses; {@link Unknown#GAP_WIDTH} and {@link Unknown#START_OXIDE}
   * say how far they may be off.
   *
   * @param gapMm between two such faces clamped hard
   * @param oxideUm on each
   */
  private record FaceState(double gapMm, double oxideUm) {
    static FaceState of(FacePrep prep, boolean isSameDay) {
      return switch (prep) {
        case GROUND -> new FaceState(0.02, isSameDay ? 0.03 : 0.15);
        case CLEAN_SCALE -> new FaceState(0.05, 10);
        case AS_FOUND -> new FaceState(0.1, 50);
      };
    }
  }
}
