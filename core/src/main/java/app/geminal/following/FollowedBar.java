package app.geminal.following;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heat.HeatExposure;
import app.geminal.heat.Surroundings;
import app.geminal.heat.WorkingTime;
import app.geminal.text.Message;
import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;
import app.geminal.weldmap.Bite;
import app.geminal.weldmap.Joints;
import app.geminal.weldmap.OpenJoint;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.Unknown;
import app.geminal.weldmap.Weights;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldMapWords;
import app.geminal.weldmap.WeldSetup;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.ojalgo.matrix.store.MatrixStore;

/**
 * Follows one bar through fire and air second by second: what its skin and core are likely at, from
 * what the forge's gauge said, what was done and what was seen.
 *
 * <p>{@value Sample#MEMBERS} bars are followed at once, each with its own gaps, flame, gauge and
 * dies. What is seen gives weight to those it fits; where few are left that count, those are
 * followed more often, each a little otherwise (Liu and West 2001). The same happens to the same
 * bar in the same second every time. Mutable, for one thread.
 */
public final class FollowedBar {
  /** Ready, where so many in 100 of what the bar may be are. */
  public static final double SURE = 0.9;

  /** A bar this near to the air around it is as cold as it gets, K. */
  private static final double COLD_WITHIN_K = 0.5;

  private static final double LOW = 0.05;
  private static final double MIDDLE = 0.5;
  private static final double HIGH = 0.95;
  private static final double LOOK_STEP_S = 15;
  private static final double LONGEST_LOOK_S = 3600;
  private static final double TURNED_EVERY_S = 120;

  /** So many members make a forecast: each costs as much as minutes of heat. */
  private static final int FORECAST_WITH = 8;

  /** Members are drawn again by weight once so small a part of them counts. */
  private static final double RESAMPLED_BELOW = 0.5;

  /** How much members that are drawn again are as they were; the rest is chance. */
  private static final double KEPT = 0.95;

  private static final long SEED = 20_261_130;

  /** What the heat of a bar hangs on. */
  private static final Set<Unknown> OF_HEAT =
      EnumSet.of(
          Unknown.GAP_CONDUCTANCE,
          Unknown.EMISSIVITY,
          Unknown.CONVECTION,
          Unknown.CHAMBER_OFFSET,
          Unknown.DIE_CONTACT,
          Unknown.FUEL_LASTS);

  private final List<WeldSetup> course;
  private List<Member> members;
  private Weights weights;
  private int drawn;
  private Place place = Place.AIR;
  private double forgeC = 20;
  private HeatExposure exposure = HeatExposure.NONE;
  private boolean isFluxed;

  /** Asked several times between two moments; null when something has changed. */
  private @Nullable Estimate estimate;

  private int bites;

  /** What is seen of it: its heat, and how hard it resists once a squeeze was measured. */
  private final Set<Unknown> shown = EnumSet.copyOf(OF_HEAT);

  /** A bar at one temperature, in a shop of which nothing is known. */
  public FollowedBar(BarHeat.Of of, double startC) {
    this(of, startC, Sample.ensemble(), List.of());
  }

  /**
   * A bar at one temperature.
   *
   * @param ensemble ways everything unknown may be
   * @param course welds of its joints, those made before and the one that is made now; none where
   *     its joints are not followed
   */
  public FollowedBar(BarHeat.Of of, double startC, List<Sample> ensemble, List<WeldSetup> course) {
    this.course = List.copyOf(course);
    members = ensemble.parallelStream().map(s -> Member.of(of, startC, s, course)).toList();
    weights = Weights.even(members.size());
  }

  private FollowedBar(FollowedBar that) {
    course = that.course;
    isFluxed = that.isFluxed;
    bites = that.bites;
    shown.addAll(that.shown);
    members = that.members.stream().map(Member::copy).toList();
    weights = that.weights;
    drawn = that.drawn;
    place = that.place;
    forgeC = that.forgeC;
    exposure = that.exposure;
  }

  /** A copy that changes independently. */
  public FollowedBar copy() {
    return new FollowedBar(this);
  }

  /** It is put somewhere; the time until now must have been reported. */
  public void put(Place where) {
    place = where;
    estimate = null;
  }

  /** Where it is. */
  public Place place() {
    return place;
  }

  /** It is turned over. */
  public void turnedOver() {
    members.forEach(Member::turnedOver);
    estimate = null;
  }

  /** Flux was put on its seams. */
  public void fluxed() {
    isFluxed = true;
  }

  /** It leaves the fire, which can put nothing more on its joints. */
  public void leavesFire() {
    boolean withFlux = isFluxed;
    joints(j -> j.heated(withFlux));
    isFluxed = false;
  }

  /** The dies come down on it, on the stretch that is next by the plan. */
  public void squeezed() {
    if (!course.isEmpty()) {
      List<Bite> laid = course.getLast().squeeze().bites();
      Bite bite = laid.get(Math.min(bites++, laid.size() - 1));
      joints(j -> j.under(bite));
    }
  }

  /**
   * The dies open.
   *
   * @param reduced how much of the height the ram was seen to take; 0 where that was not seen
   */
  public void released(double reduced) {
    if (!course.isEmpty()) {
      double planned = course.getLast().squeeze().reduction();
      joints(j -> {
        if (reduced > 0) {
          j.released(reduced / planned);
        } else {
          j.released();
        }
      });
    }
  }

  /** A heat is over: what no die has reached in it is left for the next. */
  public void heatEnds() {
    joints(Joints::heatEnds);
    bites = 0;
  }

  private void joints(Consumer<Joints> what) {
    members.forEach(m -> m.joints().ifPresent(what));
  }

  /** What has become of its joints so far; empty where they are not followed. */
  public Optional<WeldMap> weldMap() {
    return course.isEmpty() ? Optional.empty() : Optional.of(WeldMap.of(joints(), weights));
  }

  /** The same in words. */
  public Optional<Message> jointsSoFar() {
    return weldMap().map(map -> WeldMapWords.soFar(map, course.getLast()));
  }

  /**
   * Why one of its joints may be open; empty where they are not followed.
   *
   * @param commonHeat whether its steels have a common welding heat
   * @param afterS seconds from the fire to each squeeze of the last heat
   */
  public Optional<OpenJoint> whyOpen(
      OpenJoint.Place where, boolean commonHeat, List<Double> afterS) {
    return course.isEmpty()
        ? Optional.empty()
        : Optional.of(OpenJoint.of(joints(), weights, course.getLast(), where, commonHeat, afterS));
  }

  private List<Joints> joints() {
    return members.stream().flatMap(m -> m.joints().stream()).toList();
  }

  /** Its joints are set. */
  public void welded() {
    members.forEach(m -> m.bar().welded());
    estimate = null;
    exposure = exposure.forged();
  }

  /** Its scale is off. */
  public void brushed(Atmosphere flame) {
    exposure = exposure.clean(flame);
  }

  /** So much time passes while the gauge of the forge says {@code chamberC}. */
  public void advance(double seconds, double chamberC) {
    Require.quantity(QuantityKind.TIME, "seconds", seconds, 0, 1e6);
    forgeC = chamberC;
    if (place == Place.AIR && isCold()) {
      // Nothing happens to a cold bar, however long it is.
      return;
    }
    for (Member member : members) {
      member.advance(seconds, member.around(place, chamberC));
    }
    estimate = null;
    Estimate now = estimate();
    exposure = exposure.plus(seconds, now.skinC(), now.coreC());
  }

  private boolean isCold() {
    double air = Surroundings.air().celsius();
    return members.stream().allMatch(m -> m.bar().isAt(air, COLD_WITHIN_K));
  }

  /** Something is seen of it now. */
  public void seen(Sighting what) {
    if (what instanceof Sighting.SqueezeForce) {
      shown.add(Unknown.FLOW_STRESS);
    }
    weights = weights.times(Weights.figures(members, m -> what.likelihood(m.shown(around(m)))));
    estimate = null;
    if (weights.effective() < RESAMPLED_BELOW * members.size()) {
      resample();
    }
  }

  private void resample() {
    SplittableRandom random = new SplittableRandom(SEED + drawn++);
    int[] chosen = weights.drawn(members.size(), random.nextDouble());
    List<Sample> again = IntStream.of(chosen).mapToObj(i -> members.get(i).sample()).toList();
    MatrixStore<Double> middle = scores(shown).middle(weights);
    MatrixStore<Double> spread = scores(shown).believedSpread(weights);
    List<Sample> samples =
        Scores.of(again, shown).scattered(KEPT, spread, random).matched(middle, spread).in(again);
    List<Member> fresh = new ArrayList<>();
    for (int i = 0; i < chosen.length; i++) {
      fresh.add(members.get(chosen[i]).as(samples.get(i)));
    }
    members = fresh;
    weights = Weights.even(members.size());
  }

  /** Whether anything that was seen of it can say something of an unknown. */
  boolean shows(Unknown unknown) {
    return shown.contains(unknown);
  }

  private Surroundings around(Member member) {
    return member.around(place, forgeC);
  }

  /** What it is at now. */
  public Estimate estimate() {
    if (estimate == null) {
      estimate =
          new Estimate(interval(m -> m.bar().topSkinC(around(m))), interval(m -> m.bar().coreC()));
    }
    return estimate;
  }

  private Interval interval(ToDoubleFunction<Member> figure) {
    double[] at = weights.quantiles(Weights.figures(members, figure), LOW, MIDDLE, HIGH);
    return new Interval(at[0], at[1], at[2]);
  }

  /** How likely its core is as hot as its skin, and hot enough; 0 to 1. */
  public double chanceReady(double floorC) {
    return weights.mean(Weights.figures(members, m -> m.isReady(around(m), floorC) ? 1 : 0));
  }

  /** Which look says most about the core now; empty where none is worth a tap. */
  public Optional<Look> mostInformative(Set<Look> possible) {
    return new BestLook(members.stream().map(m -> m.shown(around(m))).toList(), weights)
        .most(possible);
  }

  /** What each member takes unknowns to be. */
  Scores scores(Collection<Unknown> of) {
    return Scores.of(members.stream().map(Member::sample).toList(), of);
  }

  /** How much each member counts. */
  Weights weights() {
    return weights;
  }

  /** What the fire has taken so far. */
  public HeatExposure exposure() {
    return exposure;
  }

  /** Seconds of work left if it were taken out now, or since it is out: as likely more as less. */
  public WorkingTime working(double floorC, double outerMm) {
    double[] depths = Weights.figures(members, m -> m.bar().underTopC(outerMm));
    return WorkingTime.of(members.get(weights.memberAt(depths, MIDDLE)).bar(), floorC, outerMm);
  }

  /**
   * Seconds until it is ready if the forge stays as it is and it is turned when it should be; an
   * hour when it will not get there. The upper end is when {@link #chanceReady} will be enough.
   */
  public Interval secondsToReady(double floorC) {
    double[] seconds =
        forecastMembers().stream().mapToDouble(m -> secondsToReady(m, floorC)).sorted().toArray();
    int last = seconds.length - 1;
    return new Interval(seconds[0], seconds[last / 2], seconds[last]);
  }

  private List<Member> forecastMembers() {
    return IntStream.of(weights.drawn(Math.min(FORECAST_WITH, members.size()), MIDDLE))
        .mapToObj(i -> members.get(i).heatAlone())
        .toList();
  }

  private double secondsToReady(Member member, double floorC) {
    Surroundings fire = member.around(Place.FIRE, forgeC);
    double turned = 0;
    for (double s = 0; s < LONGEST_LOOK_S; s += LOOK_STEP_S) {
      if (member.isReady(fire, floorC)) {
        return s;
      }
      member.bar().advance(LOOK_STEP_S, fire);
      if (s - turned >= TURNED_EVERY_S) {
        member.bar().turnedOver();
        turned = s;
      }
    }
    return LONGEST_LOOK_S;
  }

  /** How it continues where it is, in steps of so many seconds. */
  public List<Forecast> forecast(int steps, double stepS) {
    List<Member> each = forecastMembers();
    List<Forecast> points = new ArrayList<>();
    for (int i = 0; i <= steps; i++) {
      points.add(
          new Forecast(
              i * stepS,
              each.stream().mapToDouble(m -> m.bar().topSkinC(around(m))).average().orElseThrow(),
              each.stream().mapToDouble(m -> m.bar().coreC()).average().orElseThrow()));
      each.forEach(m -> m.bar().advance(stepS, around(m)));
    }
    return points;
  }
}
