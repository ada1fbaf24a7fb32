package app.geminal.weldmap;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.heatplan.HeatPlan;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Shop;
import app.geminal.shop.Tool;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;

/** What would make a weld surer: each way is worked through as the weld itself was. */
public final class WeldRemedies {
  /** Less than this is not worth another way of working: 2 of 64 samples. */
  static final double LEAST_GAIN = 0.03;

  private static final int MOST = 4;
  private static final double HOTTER_K = 20;
  private static final double SOAK_MORE = 1.25;
  private static final double HARDER = 1.5;
  private static final double THICKER = 2;
  private static final double THICK_OUTSIDE_MM = 8;
  private static final double LONGEST_SOAK_MIN = 240;
  private static final int MOST_HEATS = 20;

  private final Steels steels;
  private final Shop shop;
  private final HeatPlanner heats;
  private final WeldMapper mapper;

  /** For one shop. */
  public WeldRemedies(Steels steels, Shop shop, HeatPlanner heats, WeldMapper mapper) {
    this.steels = steels;
    this.shop = shop;
    this.heats = heats;
    this.mapper = mapper;
  }

  /**
   * What helps, the best first; empty where nothing does, or where there is no map.
   *
   * @param path of the step: names of the parts it is in, then its key
   */
  public List<WeldRemedy> of(Run whole, String path) {
    return of(whole, path, () -> true);
  }

  /**
   * The same, given up where it is not wanted any more: it takes seconds.
   *
   * @param isWanted asked before each way is tried
   * @throws CancellationException when it is given up
   */
  public List<WeldRemedy> of(Run whole, String path, BooleanSupplier isWanted) {
    Optional<Run.Found> found = whole.find(path);
    Optional<WeldMap> now = mapper.map(whole, path);
    Optional<HeatPlan> plan = heats.plan(whole, path);
    if (found.isEmpty() || now.isEmpty() || plan.isEmpty()) {
      return List.of();
    }
    Run run = found.get().run();
    Step step = run.stages().get(found.get().stage()).step().orElseThrow();
    List<WeldRemedy> better = new ArrayList<>();
    Set<BondCause> causes = causes(now.get());
    List<Trial> trials = trials((SetWeld) step.operation(), plan.get());
    if (run.laidAt(found.get().stage() - 1) == 0) {
      thickerOutside(run.plan().stack()).ifPresent(trials::add);
    }
    for (Trial trial : trials) {
      if (Collections.disjoint(trial.against(), causes)) {
        continue;
      }
      if (!isWanted.getAsBoolean()) {
        throw new CancellationException("Another weld is asked about.");
      }
      Plan changed = changed(run.plan(), step, trial);
      mapper
          .map(Run.of(changed, steels, shop.defaults()), step.key())
          .filter(map -> map.chance() >= now.get().chance() + LEAST_GAIN)
          .ifPresent(map ->
              better.add(
                  new WeldRemedy(
                      trial.words(),
                      map.chance(),
                      trial.weld(),
                      trial.stack(),
                      whole.plan().with(found.get().part(), changed))));
    }
    better.sort(Comparator.comparingDouble(WeldRemedy::chance).reversed());
    return List.copyOf(better.subList(0, Math.min(MOST, better.size())));
  }

  private static Plan changed(Plan plan, Step old, Trial trial) {
    Plan welded =
        plan.withSteps(
            plan.steps().stream()
                .map(s ->
                    s.key().equals(old.key()) && trial.weld().isPresent()
                        ? s.withOperation(trial.weld().get())
                        : s)
                .toList());
    return trial.stack().map(welded::withStack).orElse(welded);
  }

  /** What the patches that may fail mostly fail for. */
  private static Set<BondCause> causes(WeldMap map) {
    Set<BondCause> causes = EnumSet.noneOf(BondCause.class);
    map.joints().stream()
        .flatMap(j -> j.patches().stream())
        .filter(p -> p.chance() < WeldMapWords.LIKELY)
        .forEach(p -> p.cause().ifPresent(causes::add));
    return causes;
  }

  /**
   * Another way to make it, with one thing changed.
   *
   * @param against what it may help against: nothing else is worth trying it for
   */
  private record Trial(
      Message words, Optional<SetWeld> weld, Optional<Stack> stack, Set<BondCause> against) {
    Trial(Message words, SetWeld weld, Set<BondCause> against) {
      this(words, Optional.of(weld), Optional.empty(), against);
    }
  }

  /** The dies chill the outer joints through what is on them; thick pieces belong outside. */
  private static Optional<Trial> thickerOutside(Stack stack) {
    List<Piece> pieces = new ArrayList<>(stack.pieces());
    double thinner = Math.min(pieces.getFirst().thicknessMm(), pieces.getLast().thicknessMm());
    if (pieces.size() < 3 || thinner * THICKER > THICK_OUTSIDE_MM) {
      return Optional.empty();
    }
    double mm = thinner * THICKER;
    pieces.set(0, pieces.getFirst().withThicknessMm(Math.max(mm, pieces.getFirst().thicknessMm())));
    pieces.set(
        pieces.size() - 1,
        pieces.getLast().withThicknessMm(Math.max(mm, pieces.getLast().thicknessMm())));
    return Optional.of(
        new Trial(
            WeldMapText.OUTSIDE.with("thickness", Quantity.mm(mm)),
            Optional.empty(),
            Optional.of(new Stack(pieces, stack.widthMm(), stack.lengthMm())),
            EnumSet.of(BondCause.HEAT)));
  }

  private List<Trial> trials(SetWeld weld, HeatPlan plan) {
    List<Trial> trials = new ArrayList<>();
    heat(weld, plan, trials);
    pressure(weld, trials);
    for (AtmosphereProtection protection : AtmosphereProtection.values()) {
      if (protection != weld.protection()) {
        trials.add(
            new Trial(
                WeldMapText.PROTECT.with("protection", protection),
                weld.withProtection(protection),
                // A dry joint needs more reduction than one under flux or sealed.
                EnumSet.complementOf(EnumSet.of(BondCause.HEAT))));
      }
    }
    return trials;
  }

  private static void heat(SetWeld weld, HeatPlan plan, List<Trial> trials) {
    Set<BondCause> heat = EnumSet.of(BondCause.HEAT);
    double wanted = Math.max(weld.soakMin(), plan.soaking().firstMin());
    double minutes = Math.min(LONGEST_SOAK_MIN, Math.ceil(wanted * SOAK_MORE));
    trials.add(
        new Trial(
            WeldMapText.SOAK.with("time", Quantity.minutes(minutes)),
            weld.withSoakMin(minutes),
            heat));
    double aim = Math.min(weld.temperatureC() + HOTTER_K, plan.window().ceilingC());
    if (aim > weld.temperatureC()) {
      trials.add(
          new Trial(
              WeldMapText.AIM.with("heat", Quantity.celsius(aim)),
              weld.withTemperatureC(aim),
              heat));
    }
  }

  private void pressure(SetWeld weld, List<Trial> trials) {
    double limit = shop.limits().firstSetReduction();
    double harder = weld.reduction() * HARDER;
    SetWeld more = weld.withReduction(Math.min(0.5, harder));
    if (more.reductionPerHeat() < limit) {
      trials.add(
          new Trial(
              WeldMapText.REDUCTION.with("reduction", WeldMapWords.tenths(harder)),
              more,
              EnumSet.of(BondCause.PRESSURE, BondCause.OXIDE)));
    }
    if (weld.tool() == Tool.ROUND) {
      trials.add(
          new Trial(
              WeldMapText.DIES.with(),
              weld.withTool(Tool.FLAT),
              EnumSet.of(BondCause.PRESSURE, BondCause.HEAT)));
    }
    if (weld.bites() > 0) {
      trials.add(
          new Trial(
              WeldMapText.BITES.with(),
              weld.withBites(0),
              EnumSet.of(BondCause.PRESSURE, BondCause.HEAT)));
    }
    if (weld.heats() < MOST_HEATS) {
      trials.add(oneMoreHeat(weld, weld.reductionPerHeat() > limit));
    }
  }

  /** As gentle in all where each squeeze was too hard, else as firm in each. */
  private static Trial oneMoreHeat(SetWeld weld, boolean tooHard) {
    SetWeld more = weld.withHeats(weld.heats() + 1);
    if (tooHard) {
      return new Trial(
          WeldMapText.HEATS.with("heats", more.heats()), more, EnumSet.of(BondCause.REOPENED));
    }
    double reduction = 1 - Math.pow(1 - weld.reductionPerHeat(), more.heats());
    return new Trial(
        WeldMapText.HEATS_AND_REDUCTION.with(
            "heats", more.heats(), "reduction", WeldMapWords.tenths(reduction)),
        more.withReduction(Math.min(0.5, reduction)),
        EnumSet.of(BondCause.HEAT, BondCause.PRESSURE, BondCause.OXIDE));
  }
}
