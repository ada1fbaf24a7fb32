package app.geminal.simulator;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heat.Surroundings;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weldmap.Bite;
import app.geminal.weldmap.FailureCause;
import app.geminal.weldmap.WeldSetup;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The joints of a stack as they really come out, {@value #ALONG} patches along by {@value #ACROSS}
 * across, by rules that are not those of the estimate: steel that is hotter needs less reduction,
 * oxygen falls off inwards as something that diffuses and is used up, slag needs time to get out.
 * Follows one bar; mutable, for one thread.
 */
public final class TrueJoints {
  /** Patches along a joint. */
  public static final int ALONG = 8;

  /** Patches across a joint. */
  public static final int ACROSS = 4;

  private static final int PATCHES = ALONG * ACROSS;
  private static final double SOUND = 0.95;
  private static final double VENTED_BREATHES = 0.03;
  private static final double RED_C = 650;

  /** Pressure on a joint, about: hot steel gives way at so much. */
  private static final double MPA = 80;

  private final WeldSetup plan;
  private final Conditions conditions;
  private final TrueFaces truth;
  private final BarHeat bar;
  private final List<TruePatch> patches = new ArrayList<>();
  private final boolean isSealed;
  private final double[] airAt;
  private final BitSet reached = new BitSet();
  private int bites;
  private boolean isFlipped;
  private double fuelS;

  /**
   * Of a loose stack.
   *
   * @param plan the weld as it was planned
   * @param conditions what it is really like
   * @param bar which is moved on by others
   */
  public TrueJoints(WeldSetup plan, Conditions conditions, BarHeat bar, Random random) {
    this.plan = plan;
    this.conditions = conditions;
    this.truth = conditions.faces();
    this.bar = bar;
    this.isSealed = plan.faces().protection() == AtmosphereProtection.SEALED;
    this.fuelS = plan.faces().isFuelled() ? 60 * truth.fuelMin() : 0;
    this.airAt = IntStream.range(0, PATCHES).mapToDouble(this::airAt).toArray();
    for (int joint = 0; joint < joints(); joint++) {
      int speck = random.nextDouble() < truth.specks() ? random.nextInt(PATCHES) : -1;
      for (int patch = 0; patch < PATCHES; patch++) {
        int at = patch % ACROSS;
        patches.add(new TruePatch(patch == speck, !isSealed && (at == 0 || at == ACROSS - 1)));
      }
    }
  }

  /** How many joints there are. */
  public int joints() {
    return plan.joints().size();
  }

  /** So much time passes at the heat the bar has now, in the fire or out of it. */
  public void passed(double seconds, Atmosphere flame) {
    if (fuelS > 0) {
      fuelS -= bar.meanC() > RED_C ? seconds : 0;
      return;
    }
    double air = isSealed ? plan.faces().jacket() == Jacket.VENTED ? VENTED_BREATHES : 0 : 1;
    double outside = air * truth.growth() * flame.scaleFactor();
    for (int i = 0; i < patches.size() && outside > 0; i++) {
      double celsius = celsiusAt(i);
      if (celsius > 700) {
        double reaches = outside * airAt[i % PATCHES];
        patches.get(i).inTheFire(reaches * reaches * scaleUm2PerS(celsius) * seconds);
      }
    }
  }

  /** Scale on one face in air, after Païdassi (1958), µm²/s. */
  private static double scaleUm2PerS(double celsius) {
    return 6.1e8 * Math.exp(-169_452 / (8.314 * (Math.min(celsius, 1300) + 273.15)));
  }

  /** Oxygen that is left of what is at the edges: it diffuses in and is used up on the way. */
  private double airAt(int patch) {
    double depthMm = conditions.gapMm() * truth.gap() * truth.breathes();
    double along = leftOf(alongMm(patch), plan.bar().lengthMm(), depthMm);
    double across = leftOf(acrossMm(patch), plan.bar().widthMm(), depthMm);
    return Math.min(1, along + across);
  }

  private static double leftOf(double at, double length, double depth) {
    return (Math.exp(-at / depth) + Math.exp((at - length) / depth))
        / (1 + Math.exp(-length / depth));
  }

  private double alongMm(int patch) {
    int along = patch / ACROSS;
    return (along + 0.5) / ALONG * plan.bar().lengthMm();
  }

  private double acrossMm(int patch) {
    return (patch % ACROSS + 0.5) / ACROSS * plan.bar().widthMm();
  }

  /** It is turned over. */
  public void turnedOver() {
    isFlipped = !isFlipped;
  }

  /** Flux is put on. */
  public void fluxed() {
    patches.forEach(p -> p.fluxed(truth.dissolvesUm()));
  }

  /**
   * The dies have squeezed the stretch that is next by the plan and are about to open; the bar is
   * as they have left it.
   *
   * @param reduced of the height there, fraction
   * @param seconds the dies were on it
   */
  public void squeezed(double reduced, double seconds) {
    List<Bite> laid = plan.squeeze().bites();
    Bite bite = laid.get(Math.min(bites++, laid.size() - 1));
    for (int i = 0; i < patches.size(); i++) {
      int patch = i % PATCHES;
      if (bite.covers(alongMm(patch))) {
        squeezed(i, reduced * evenness(patch), seconds);
        reached.set(i);
      }
    }
  }

  /** A heat is over: what no die was on, where there was any on it. */
  public void heatEnds() {
    for (int i = 0; i < patches.size() && bites > 0; i++) {
      if (!reached.get(i)) {
        squeezed(i, 0, 0);
      }
    }
    reached.clear();
    bites = 0;
  }

  private void squeezed(int i, double reduced, double seconds) {
    double insideMm = insideMm(i % PATCHES);
    double drainsPerS = MPA / (truth.slagS() * insideMm * insideMm);
    patches
        .get(i)
        .squeezed(
            new TruePatch.Squeeze(
                celsiusAt(i) - plan.floorC() - truth.floorK(),
                reduced,
                plan.squeeze().reduction(),
                drainsPerS * seconds,
                drainsPerS * plan.squeeze().strokeS(),
                plan.squeeze().splitReduction() * truth.splits()),
            needs());
  }

  private double insideMm(int patch) {
    double along = alongMm(patch);
    double across = acrossMm(patch);
    return Math.min(
        Math.min(along, plan.bar().lengthMm() - along),
        Math.min(across, plan.bar().widthMm() - across));
  }

  private TruePatch.Needs needs() {
    return new TruePatch.Needs(
        plan.squeeze().leastReduction() * truth.reduction() * 1.35,
        2 * conditions.startUm() * truth.startUm(),
        truth.dispersesUm());
  }

  /** Reduction of a patch in times the mean: dies hold the edges back, and are not quite level. */
  private double evenness(int patch) {
    double fromMiddle = 2 * acrossMm(patch) / plan.bar().widthMm() - 1;
    double wide = plan.bar().widthMm() / plan.bar().heightMm();
    double hill = Math.min(0.6, 0.6 * truth.friction() * wide);
    return (1 + hill * (1.0 / 3 - fromMiddle * fromMiddle)) * (1 + truth.tilt() * fromMiddle);
  }

  private double celsiusAt(int i) {
    int patch = i % PATCHES;
    double up = plan.joints().get(i / PATCHES);
    return bar.celsiusAt(
        Math.abs(2 * alongMm(patch) / plan.bar().lengthMm() - 1),
        Math.abs(2 * acrossMm(patch) / plan.bar().widthMm() - 1),
        isFlipped ? 1 - up : up,
        Surroundings.air());
  }

  /** Whether a patch of a joint has bonded; both from 0. */
  public boolean isBonded(int joint, int patch) {
    return patches.get(joint * PATCHES + patch).isBonded();
  }

  /** What alone would have saved a patch; null where it has bonded, or where nothing would. */
  public @Nullable FailureCause cause(int joint, int patch) {
    return patches.get(joint * PATCHES + patch).cause();
  }

  /** Whether a joint, from 0, is sound. */
  public boolean isSound(int joint) {
    long bonded = IntStream.range(0, PATCHES).filter(p -> isBonded(joint, p)).count();
    return bonded >= SOUND * PATCHES;
  }

  /** What keeps most of the open patches of a joint open; empty where that has no one cause. */
  public Optional<FailureCause> cause(int joint) {
    Map<FailureCause, Integer> causes = new EnumMap<>(FailureCause.class);
    for (int patch = 0; patch < PATCHES; patch++) {
      FailureCause cause = cause(joint, patch);
      if (cause != null) {
        causes.merge(cause, 1, Integer::sum);
      }
    }
    return causes.entrySet().stream()
        .max(Comparator.comparingInt(Map.Entry::getValue))
        .map(Map.Entry::getKey);
  }
}
