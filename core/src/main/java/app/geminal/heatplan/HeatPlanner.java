package app.geminal.heatplan;

import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.compatibility.ReasonKind;
import app.geminal.finding.Checks;
import app.geminal.finding.Finding;
import app.geminal.finding.FindingKind;
import app.geminal.finding.Severity;
import app.geminal.finding.ShopKnowledge;
import app.geminal.forging.StopLadder;
import app.geminal.heat.BarHeat;
import app.geminal.operation.Draw;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Shop;
import app.geminal.steel.Deformation;
import app.geminal.steel.FlowStress;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import app.geminal.text.Topic;
import app.geminal.validation.OrderedCopies;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Works heat plans out of a Run; for set welds and draws that the Run reaches. */
public final class HeatPlanner {
  /** What the formula for hot strength is asked where it knows none of the steels, MPa. */
  private static final double USUAL_FLOW_MPA = 55;

  /** Findings that hang on the way oxygen is kept out. */
  private static final Set<Topic> OF_PROTECTION =
      Set.of(
          FindingKind.FLUX_ON_FIBRE,
          FindingKind.FLUX_NEEDLESS,
          FindingKind.CAN_WITHOUT_VENT,
          FindingKind.FUEL_FLARE,
          FindingKind.AIR_RICH_BURNER,
          FindingKind.COPPER_UNSEALED,
          ReasonKind.OXIDE_NOT_FLUXED,
          FindingKind.NO_PRACTICE_WELD);

  private final Steels steels;
  private final Shop shop;
  private final ShopKnowledge known;
  private final Map<AtmosphereProtection, ProtectionCost.MethodRecord> record;

  /** For one shop, with what it knows and what its Book holds of each atmosphere protection. */
  public HeatPlanner(
      Steels steels,
      Shop shop,
      ShopKnowledge known,
      Map<AtmosphereProtection, ProtectionCost.MethodRecord> record) {
    this.steels = steels;
    this.shop = shop;
    this.known = known;
    this.record = OrderedCopies.copyOf(record);
  }

  /**
   * The heat plan of a step, its kinds of atmosphere protection not compared.
   *
   * @param path of the step: names of the parts it is in, then its key
   * @return empty where the Run has no such step, does not reach it, or it is neither a set weld
   *     nor a draw
   */
  public Optional<HeatPlan> plan(Run whole, String path) {
    return whole
        .find(path)
        .filter(f -> !f.run().stages().get(f.stage()).isOff())
        .flatMap(f -> of(f.run(), f.stage(), path));
  }

  /**
   * The same with what each atmosphere protection would cost, which takes far longer than the rest.
   */
  public Optional<HeatPlan> compared(Run whole, String path) {
    return plan(whole, path)
        .map(plan ->
            whole.find(path).map(f -> plan.withProtections(protections(f, plan))).orElse(plan));
  }

  private Optional<HeatPlan> of(Run run, int stage, String path) {
    Operation step = run.stages().get(stage).step().map(Step::operation).orElseThrow();
    if (step instanceof SetWeld weld) {
      return Optional.of(weld(run, stage, path, weld));
    }
    return step instanceof Draw draw ? Optional.of(draw(run, stage, path, draw)) : Optional.empty();
  }

  private HeatPlan weld(Run run, int stage, String path, SetWeld weld) {
    Bars before = run.stages().get(stage - 1).bars();
    HeatWindow window =
        HeatWindow.ofWeld(inside(before), shop.limits(), weld.temperatureC(), weld.method());
    BarHeat.Of bar = inTheFire(before).loose(run.loosePieceMm(stage - 1));
    SoakPlan soaking =
        SoakPlan.of(
            bar, weld.temperatureC(), shop.forge().powerKw(), weld.soakMin(), weld.isSealed());
    SqueezePlan squeezing =
        SqueezePlan.of(
            before,
            weld.tool(),
            weld.bites(),
            flowMpa(before, weld.temperatureC(), weld.squeeze()),
            shop);
    List<Message> cautions = new ArrayList<>(hazards(run, stage));
    cautions.add(weld.protection().caution());
    return new HeatPlan(
        path,
        title(run, stage),
        Optional.of(weld.protection()),
        bar,
        outerMm(before, run.loosePieceMm(stage - 1)),
        carbon(before),
        weld.heats(),
        weld.reductionPerHeat(),
        shop.defaults().atmosphere(),
        window,
        soaking,
        squeezing,
        HeatSteps.ofWeld(weld, soaking, window, squeezing),
        List.of(),
        cautions,
        Checklist.of(before, weld.tool(), weld, after(run, stage), List.of(), shop),
        List.of());
  }

  private HeatPlan draw(Run run, int stage, String path, Draw draw) {
    Bars before = run.stages().get(stage - 1).bars();
    double aim = shop.defaults().drawTemperatureC();
    HeatWindow window = HeatWindow.ofDraw(inside(before), shop.limits(), aim);
    BarHeat.Of bar = inTheFire(before);
    SoakPlan soaking =
        SoakPlan.of(bar, aim, shop.forge().powerKw(), shop.defaults().drawHeatMin(), false);
    List<StopLadder.Rung> stops =
        StopLadder.of(
            before.widthMm(),
            before.section().heightMm(),
            before.lengthMm(),
            draw.widthMm(),
            draw.heightMm(),
            draw.heats(),
            draw.tool(),
            shop);
    return new HeatPlan(
        path,
        title(run, stage),
        Optional.empty(),
        bar,
        outerMm(before, 0),
        carbon(before),
        draw.heats(),
        1 - Math.pow(draw.heightMm() / before.heightMm(), 1.0 / draw.heats()),
        shop.defaults().atmosphere(),
        window,
        soaking,
        SqueezePlan.of(before, draw.tool(), 0, flowMpa(before, aim, draw.each(before)), shop),
        HeatSteps.ofDraw(stops, draw.heats(), soaking, window),
        stops,
        hazards(run, stage),
        Checklist.of(before, draw.tool(), draw, after(run, stage), stops, shop),
        List.of());
  }

  private List<ProtectionCost> protections(Run.Found found, HeatPlan plan) {
    Run run = found.run();
    int stage = found.stage();
    if (!(run.stages().get(stage).step().map(Step::operation).orElseThrow()
        instanceof SetWeld weld)) {
      return List.of();
    }
    ProtectionCost.Case in =
        new ProtectionCost.Case(
            plan.bar(),
            run.stages().get(stage - 1).bars().times(1).amount().massKg(steels),
            plan.carbon(),
            plan.window(),
            weld.soakMin(),
            weld.heats(),
            shop);
    return Arrays.stream(AtmosphereProtection.values())
        .map(protection ->
            ProtectionCost.of(
                protection,
                in,
                record.getOrDefault(protection, ProtectionCost.MethodRecord.NONE),
                risks(run, stage, weld.withProtection(protection))))
        .toList();
  }

  /** What the checks hold against the same weld by another atmosphere protection. */
  private List<Message> risks(Run run, int stage, SetWeld other) {
    Plan plan = run.plan();
    List<Step> steps = new ArrayList<>(plan.steps());
    Step old = steps.get(stage - 1);
    steps.set(stage - 1, old.withOperation(other));
    Run changed = Run.of(plan.withSteps(steps), steels, shop.defaults());
    return Checks.of(changed, steels, shop, known).stream()
        .filter(f -> f.stage() == stage && OF_PROTECTION.contains(f.kind()))
        .sorted(Comparator.comparing((Finding f) -> f.severity() == Severity.NOTE))
        .map(Finding::what)
        .distinct()
        .toList();
  }

  /** Cautions of the materials in the bar, and dangers of this step. */
  private List<Message> hazards(Run run, int stage) {
    return Checks.of(run, steels, shop, known).stream()
        .filter(f -> f.safety() && (f.stage() == stage || f.isCaution()))
        // What is said of a protection is with it.
        .filter(f -> f.kind() != FindingKind.FUEL_FLARE)
        .map(f -> HeatText.CAUTION.with("what", f.what(), "action", f.action()))
        .toList();
  }

  private List<Steel> inside(Bars bars) {
    return bars.section().areaBySteel().keySet().stream().map(steels::get).toList();
  }

  private double carbon(Bars bars) {
    Map<String, Double> share = bars.section().areaBySteel();
    double all = share.values().stream().mapToDouble(a -> a).sum();
    return share.entrySet().stream()
        .mapToDouble(e -> steels.get(e.getKey()).carbonPercent() * e.getValue() / all)
        .sum();
  }

  /** How hard a bar resists at a heat, MPa. */
  public double flowMpa(Bars bars, double celsius, Deformation how) {
    return FlowStress.ofMix(bars.section().areaBySteel(), steels, celsius, how)
        .mpa()
        .orElse(USUAL_FLOW_MPA);
  }

  private BarHeat.Of inTheFire(Bars bars) {
    return BarHeat.Of.solid(
        bars.widthMm(), bars.heightMm(), Math.min(bars.lengthMm(), shop.forge().lengthMm()));
  }

  private static double outerMm(Bars bars, double loosePieceMm) {
    if (loosePieceMm > 0) {
      return loosePieceMm;
    }
    return bars.heightMm() / Math.max(1, bars.visibleCount());
  }

  private static List<Operation> after(Run run, int stage) {
    return run.stages().stream()
        .skip(stage + 1L)
        .flatMap(s -> s.step().stream())
        .map(Step::operation)
        .toList();
  }

  /** Which weld, or which draw, the step to a stage is. */
  public static Message title(Run run, int stage) {
    boolean weld =
        run.stages().get(stage).step().map(Step::operation).orElseThrow() instanceof SetWeld;
    return weld
        ? HeatText.WELD.with("number", nth(run, stage, SetWeld.class))
        : HeatText.DRAWING.with("number", nth(run, stage, Draw.class));
  }

  private static long nth(Run run, int stage, Class<? extends Operation> kind) {
    return run.stages().stream()
        .limit(stage + 1L)
        .map(Stage::step)
        .flatMap(Optional::stream)
        .filter(s -> !s.off() && kind.isInstance(s.operation()))
        .count();
  }
}
