package app.geminal.weldmap;

import app.geminal.forging.Force;
import app.geminal.heat.BarHeat;
import app.geminal.heat.ScaleGrowth;
import app.geminal.heat.Surroundings;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Every patch of every joint of one stack, by one sample, through whatever is done to it. Follows
 * one {@link BarHeat}, which is moved on by others. Mutable, for one thread.
 */
public final class Joints {
  /** Part of a joint that must have bonded. */
  private static final double SOUND = 0.95;

  /** A fuel soak burns from here on, mean of the stack, °C. */
  public static final double RED_C = 650;

  /** Strain hardening, n of σ ∝ εⁿ: how far a press gets that lacks force. After Shida. */
  public static final double HARDENING = 0.36;

  private final WeldSetup setup;
  private final Sample sample;
  private final PatchGrid grid;
  private final BondRules rules;
  private final BarHeat bar;
  private final ScaleGrowth growth;
  private final double fuelLastsS;
  private final double[] chill;
  private final List<PatchBond> patches;
  private final PatchBond.Squeezed[] squeezed;
  private final boolean[] reached;
  private boolean isFlipped;
  private double burningS;
  private double needKn;
  private double squeezeKn;

  private Joints(
      WeldSetup setup, Sample sample, PatchGrid grid, BarHeat bar, List<PatchBond> patches) {
    this.setup = setup;
    this.sample = sample;
    this.grid = grid;
    this.rules = new BondRules(setup, sample, grid);
    this.bar = bar;
    this.growth = new ScaleGrowth(bar);
    this.fuelLastsS = setup.faces().isFuelled() ? 60 * sample.get(Unknown.FUEL_LASTS) : 0;
    this.chill = setup.joints().stream().mapToDouble(this::chillAt).toArray();
    this.patches = patches;
    this.squeezed = new PatchBond.Squeezed[patches.size()];
    this.reached = new boolean[patches.size()];
    noneSqueezed();
  }

  /**
   * The joints of a stack that is about to be put into the fire.
   *
   * @param course welds of the same joints, in the order they are made; all but the last have been
   *     made as planned
   * @param bar in the last
   */
  public static Joints before(List<WeldSetup> course, Sample sample, BarHeat bar) {
    WeldSetup last = course.getLast();
    List<WeldSetup> earlier = course.subList(0, course.size() - 1);
    return earlier.isEmpty()
        ? loose(last, sample, PatchGrid.USUAL, bar)
        : JointCourse.of(earlier, sample, PatchGrid.USUAL).joints().welded(last, bar);
  }

  /**
   * The same as they are now, to change independently.
   *
   * @param other what is taken to be unknown from here on
   * @param otherBar the bar they are in from here on
   */
  public Joints copy(Sample other, BarHeat otherBar) {
    Joints copy =
        new Joints(setup, other, grid, otherBar, patches.stream().map(PatchBond::copy).toList());
    copy.growth.like(growth);
    System.arraycopy(reached, 0, copy.reached, 0, reached.length);
    copy.isFlipped = isFlipped;
    copy.burningS = burningS;
    copy.needKn = needKn;
    copy.squeezeKn = squeezeKn;
    return copy;
  }

  /** Of a loose stack. */
  static Joints loose(WeldSetup setup, Sample sample, PatchGrid grid, BarHeat bar) {
    List<PatchBond> patches = new ArrayList<>();
    for (int i = 0; i < setup.joints().size() * grid.patches(); i++) {
      int patch = i % grid.patches();
      patches.add(new PatchBond(patch, grid.isAtSide(patch)));
    }
    return new Joints(setup, sample, grid, bar, patches);
  }

  /** The same joints in a further weld, as this one has left them; loose ones where they differ. */
  Joints welded(WeldSetup next, BarHeat nextBar) {
    return next.joints().size() == setup.joints().size()
        ? new Joints(next, sample, grid, nextBar, patches)
        : loose(next, sample, grid, nextBar);
  }

  /** So much time has passed at the temperatures the bar has now. */
  public void passed(double seconds) {
    if (burningS < fuelLastsS) {
      burningS += bar.meanC() >= RED_C ? seconds : 0;
    } else {
      growth.passed(seconds);
    }
  }

  /** The bar has been turned over. */
  public void turnedOver() {
    growth.turnedOver();
    isFlipped = !isFlipped;
  }

  /**
   * It leaves the fire: what that has put on the faces, and what flux there is for it.
   *
   * @param isFluxed whether flux was applied in this heat
   */
  public void heated(boolean isFluxed) {
    double air =
        rules.outside
            * sample.get(Unknown.OXIDE_GROWTH)
            * setup.fire().flame().scaleFactor()
            * sample.get(Unknown.FLAME);
    double dissolvesUm = isFluxed ? rules.fluxDissolvesUm : 0;
    for (int joint = 0; joint < setup.joints().size(); joint++) {
      for (int patch = 0; patch < grid.patches(); patch++) {
        double um2 =
            air == 0
                ? 0
                : growth.squaredUm2(fromMiddleAlong(patch), fromMiddleAcross(patch), up(joint));
        at(joint, patch).heated(air * air * um2, dissolvesUm);
      }
    }
    growth.clear();
  }

  /** The dies come down on a stretch of it, as far as their force reaches. */
  public void under(Bite bite) {
    WeldSetup.Squeeze squeeze = setup.squeeze();
    double flowMpa = squeeze.strength().mpaAt(bar.meanC()) * sample.get(Unknown.FLOW_STRESS);
    needKn = Force.kn(setup.bar().widthMm(), bite.lengthMm(), setup.bar().heightMm(), flowMpa);
    double reaches = Math.pow(Math.min(1, squeeze.haveKn() / needKn), 1 / HARDENING);
    for (int patch = 0; patch < grid.patches(); patch++) {
      if (bite.covers(grid.alongAt(patch) * setup.bar().lengthMm())) {
        for (int joint = 0; joint < setup.joints().size(); joint++) {
          squeezed[joint * grid.patches() + patch].by(
              chilledC(joint, patch),
              rules.reductionAt(patch),
              reaches,
              flowMpa * rules.pressureAt(patch));
        }
      }
    }
  }

  /**
   * The dies open.
   *
   * @param share how much of the way to the stop the ram was seen to move; above 1 past it
   */
  public void released(double share) {
    squeezeKn = needKn * Math.pow(share, HARDENING);
    for (PatchBond.Squeezed squeeze : squeezed) {
      squeeze.moved(share);
    }
    closed();
  }

  /** The dies open, and how far the ram has moved was not seen: what its force was enough for. */
  public void released() {
    closed();
    squeezeKn = 0;
  }

  /**
   * What it resisted with at the end of the last squeeze, kN; 0 where the way of the ram was not
   * seen.
   */
  public double squeezeKn() {
    return squeezeKn;
  }

  private void closed() {
    for (int i = 0; i < squeezed.length; i++) {
      if (!squeezed[i].isMissed()) {
        patches.get(i).squeezed(rules, squeezed[i]);
        reached[i] = true;
      }
    }
    lockSlag();
    noneSqueezed();
  }

  /** The heat is over: what no die has reached in it. */
  public void heatEnds() {
    for (int i = 0; i < reached.length; i++) {
      if (!reached[i]) {
        patches.get(i).missed(rules, celsiusAt(i / grid.patches(), i % grid.patches()));
      }
      reached[i] = false;
    }
  }

  private void noneSqueezed() {
    for (int i = 0; i < squeezed.length; i++) {
      squeezed[i] = new PatchBond.Squeezed();
    }
  }

  private void lockSlag() {
    for (int i = 0; i < patches.size(); i++) {
      int across = i % grid.across();
      int outside = across < grid.across() / 2 ? i - across : i - across + grid.across() - 1;
      patches.get(i).lockSlag(patches.get(outside));
    }
  }

  private double up(int joint) {
    double up = setup.joints().get(joint);
    return isFlipped ? 1 - up : up;
  }

  private double fromMiddleAlong(int patch) {
    return Math.abs(2 * grid.alongAt(patch) - 1);
  }

  private double fromMiddleAcross(int patch) {
    return Math.abs(2 * grid.acrossAt(patch) - 1);
  }

  private double celsiusAt(int joint, int patch) {
    return bar.celsiusAt(
        fromMiddleAlong(patch), fromMiddleAcross(patch), up(joint), Surroundings.air());
  }

  /** What a place is at when the dies have come down to the stop, °C. */
  private double chilledC(int joint, int patch) {
    return DieChill.after(celsiusAt(joint, patch), chill[joint]);
  }

  private double chillAt(double up) {
    double depthMm = Math.min(up, 1 - up) * setup.bar().heightMm();
    return DieChill.share(depthMm, rules.strokeS, rules.dieContactWM2K);
  }

  /** Heights of the joints over the underside, in parts of the height, from below. */
  List<Double> heights() {
    return setup.joints();
  }

  /** How finely they are cut up. */
  PatchGrid grid() {
    return grid;
  }

  /** What the sample takes to decide on bonding. */
  BondRules rules() {
    return rules;
  }

  /** A patch of a joint, both from 0. */
  PatchBond at(int joint, int patch) {
    return patches.get(joint * grid.patches() + patch);
  }

  /** Whether a joint is sound: 95 in 100 of it bonded, and nothing open that reaches an edge. */
  boolean isSound(int joint) {
    int bonded = 0;
    for (int patch = 0; patch < grid.patches(); patch++) {
      BondState state = at(joint, patch).state();
      bonded += state == BondState.BONDED ? 1 : 0;
      if (state == BondState.OPEN && grid.isAtEdge(patch)) {
        return false;
      }
    }
    return bonded >= SOUND * grid.patches();
  }

  /** Whether every joint is. */
  boolean isSound() {
    return IntStream.range(0, setup.joints().size()).allMatch(this::isSound);
  }
}
