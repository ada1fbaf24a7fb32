package app.geminal.session;

import app.geminal.following.Estimate;
import app.geminal.following.FollowedBar;
import app.geminal.following.Forecast;
import app.geminal.following.HeatCalibration;
import app.geminal.following.Interval;
import app.geminal.following.Look;
import app.geminal.following.Place;
import app.geminal.following.Sighting;
import app.geminal.heat.HeatExposure;
import app.geminal.heat.WorkingTime;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.shop.FacePrep;
import app.geminal.shop.Press;
import app.geminal.steel.Deformation;
import app.geminal.text.Message;
import app.geminal.weldmap.OpenJoint;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldSetup;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One billet going through its heat plan: what was done, how hot it likely is, which steps are
 * behind it. Fed second by second, deeds in the order they were done; the person who finds a deed
 * missing or taken back begins again from the log.
 *
 * <p>Mutable, for one thread.
 */
public final class HeatSession {
  private static final double COLD_C = 20;

  /** Ready is in sight where the core may be this near to welding heat, K. */
  private static final double IN_SIGHT_K = 60;

  private static final double BETWEEN_LOOKS_S = 45;

  private final HeatPlan plan;
  private final HeatCalibration calibration;
  private final List<WeldSetup> course;
  private final PressWatch pressWatch;
  private final PlanProgress progress;
  private final FollowedBar following;
  private final List<LogMark> marks = new ArrayList<>();
  private final Set<String> ids = new LinkedHashSet<>();
  private double nowS;
  private int heat = 1;
  private @Nullable LogEntry last;
  private double outAtS;
  private double inAtS;
  private double readyAtS = -1;
  private double lastAtS = Double.NEGATIVE_INFINITY;
  private double seenAtS = Double.NEGATIVE_INFINITY;
  private double leftAtOutS;
  private double hottestC;

  /** Whether anything was seen of the bar that shows what it is at. */
  private boolean isShown;

  private boolean squeezing;
  private boolean begun;

  /** Costly, and asked several times between two moments; null when something has changed. */
  private @Nullable WorkingTime working;

  /**
   * From cold, its joints not followed.
   *
   * @param press that it is squeezed with; null where there is none
   */
  public HeatSession(HeatPlan plan, @Nullable Press press) {
    this(plan, press, List.of(), HeatCalibration.nothing());
  }

  /**
   * From cold.
   *
   * @param press that it is squeezed with; null where there is none
   * @param course welds of its joints, those made before and this one; none where its joints are
   *     not followed
   * @param calibration what the shop had learned when it began
   */
  public HeatSession(
      HeatPlan plan, @Nullable Press press, List<WeldSetup> course, HeatCalibration calibration) {
    this.plan = plan;
    this.calibration = calibration;
    this.course = List.copyOf(course);
    this.pressWatch = new PressWatch(press);
    this.progress = new PlanProgress(plan.steps());
    this.following = new FollowedBar(plan.bar(), COLD_C, ensemble(), course);
  }

  private HeatSession(HeatSession that) {
    plan = that.plan;
    calibration = that.calibration;
    course = that.course;
    pressWatch = that.pressWatch.copy();
    progress = that.progress.copy();
    following = that.following.copy();
    marks.addAll(that.marks);
    ids.addAll(that.ids);
    lastAtS = that.lastAtS;
    seenAtS = that.seenAtS;
    nowS = that.nowS;
    heat = that.heat;
    last = that.last;
    outAtS = that.outAtS;
    inAtS = that.inAtS;
    readyAtS = that.readyAtS;
    leftAtOutS = that.leftAtOutS;
    hottestC = that.hottestC;
    isShown = that.isShown;
    squeezing = that.squeezing;
    begun = that.begun;
    working = that.working;
  }

  private List<Sample> ensemble() {
    return calibration.ensemble(faces());
  }

  /** How those of its joints were prepared; a bar without any shows nothing of gaps. */
  private FacePrep faces() {
    return course.isEmpty() ? FacePrep.GROUND : course.getLast().faces().prep();
  }

  /** A copy that changes independently: its state now, to go on from here once more. */
  public HeatSession copy() {
    return new HeatSession(this);
  }

  /** Something is done or seen now. */
  public void done(Logged what) {
    ids.add(what.id());
    lastAtS = what.atS();
    switch (what) {
      case LogEntry entry -> done(entry);
      case LogSighting sighting -> {
        seen(sighting.what());
        seenAtS = nowS;
        working = null;
      }
    }
  }

  private void done(LogEntry logEntry) {
    Estimate now = following.estimate();
    working = null;
    switch (logEntry.act()) {
      case IN -> {
        if (begun && squeezedInThisHeat()) {
          heat++;
          following.heatEnds();
        }
        begun = true;
        inAtS = logEntry.atS();
        readyAtS = -1;
        following.put(Place.FIRE);
      }
      case OUT -> {
        outAtS = logEntry.atS();
        following.put(Place.AIR);
        following.leavesFire();
        leftAtOutS = working().jointS();
      }
      case SQUEEZE -> {
        squeezing = true;
        pressWatch.begin();
        if (following.place() == Place.FIRE) {
          following.leavesFire();
        }
        following.squeezed();
      }
      case TURN -> following.turnedOver();
      case BRUSH -> following.brushed(plan.flame());
      case FLUX -> following.fluxed();
      case FUEL, LET_GO, LOOK -> {}
    }
    progress.did(logEntry.act());
    double sinceOut = following.place() == Place.FIRE ? 0 : logEntry.atS() - outAtS;
    marks.add(
        new LogMark(
            logEntry,
            heat,
            now.skinC(),
            now.coreC(),
            now.plusMinusC(),
            sinceOut,
            logEntry.act() == ForgeAction.OUT ? leftAtOutS : leftAtOutS - sinceOut,
            0));
    if (logEntry.act() == ForgeAction.SQUEEZE) {
      following.put(Place.DIES);
      following.welded();
    } else if (squeezing && logEntry.act() != ForgeAction.TURN) {
      letGo(logEntry.act() == ForgeAction.IN);
    }
    last = logEntry;
    working = null;
  }

  private void letGo(boolean straightIn) {
    squeezing = false;
    following.released(reducedSoFar());
    if (!course.isEmpty()) {
      pressWatch.force().ifPresent(this::seen);
    }
    for (int i = marks.size() - 1; i >= 0; i--) {
      if (marks.get(i).logEntry().act() == ForgeAction.SQUEEZE) {
        marks.set(i, marks.get(i).withPressed(reducedMm()));
        break;
      }
    }
    if (!straightIn) {
      following.put(Place.AIR);
    }
  }

  private void seen(Sighting what) {
    following.seen(what);
    isShown = true;
  }

  /** Part of the height the ram was seen to take in this squeeze; 0 where no gauge says so. */
  private double reducedSoFar() {
    return reducedMm() / plan.bar().heightMm();
  }

  private double reducedMm() {
    return pressWatch.pressedMm() * (plan.isWeld() ? Deformation.FEATHERED : 1);
  }

  /** Whether the dies have been on it in this heat. */
  public boolean squeezedInThisHeat() {
    return marks.stream()
        .anyMatch(m -> m.heat() == heat && m.logEntry().act() == ForgeAction.SQUEEZE);
  }

  /**
   * A second or so passes.
   *
   * @param seconds that pass
   * @param forgeC what the chamber is believed to be at
   * @param pressMpa what the gauge of the press says, 0 where there is none
   */
  public void passes(double seconds, double forgeC, double pressMpa) {
    following.advance(seconds, forgeC);
    working = null;
    nowS += seconds;
    if (squeezing) {
      pressWatch.passes(seconds, pressMpa);
    }
    Estimate now = following.estimate();
    hottestC = Math.max(hottestC, now.skinC());
    if (readyAtS < 0 && following.place() == Place.FIRE && isReady()) {
      readyAtS = nowS;
    }
  }

  /** How far it is through the steps of its plan. */
  public PlanProgress progress() {
    return progress;
  }

  /** What it follows. */
  public HeatPlan plan() {
    return plan;
  }

  /** Ids of everything logged so far, what was seen included. */
  public Set<String> ids() {
    return Collections.unmodifiableSet(new LinkedHashSet<>(ids));
  }

  /** When something was logged last, second of the session; minus infinity before anything was. */
  public double lastAtS() {
    return lastAtS;
  }

  /**
   * What to look at now, because it says most about the core. Nothing before it may be near welding
   * heat, where it is ready or out of the fire, and nothing again for a while.
   */
  public Optional<Look> ask() {
    if (place() != Place.FIRE
        || isReady()
        || nowS - seenAtS < BETWEEN_LOOKS_S
        || estimate().core().high() < plan.window().floorC() - IN_SIGHT_K) {
      return Optional.empty();
    }
    Set<Look> possible = EnumSet.of(Look.SHADOW, Look.COLOR);
    if (fluxed()) {
      possible.add(Look.FLUX);
    }
    return following.mostInformative(possible);
  }

  private boolean fluxed() {
    return marks.stream().anyMatch(m -> m.logEntry().act() == ForgeAction.FLUX);
  }

  /** What it is thought to be at. */
  public Estimate estimate() {
    return following.estimate();
  }

  /** Whether it is as good as sure that the core is as hot as the skin, and hot enough. */
  public boolean isReady() {
    return following.chanceReady(plan.window().floorC()) >= FollowedBar.SURE;
  }

  /** Where it is. */
  public Place place() {
    return following.place();
  }

  /** Whether it has been in the fire. */
  public boolean begun() {
    return begun;
  }

  /** Whether the dies are on it. */
  public boolean squeezing() {
    return squeezing;
  }

  /** Which heat it is in, from 1. */
  public int heat() {
    return heat;
  }

  /** Second of the session. */
  public double nowS() {
    return nowS;
  }

  /** When it went into the fire last, second of the session. */
  public double inAtS() {
    return inAtS;
  }

  /** Seconds since it left the fire; 0 in it. */
  public double sinceOutS() {
    return place() == Place.FIRE || !begun ? 0 : Math.max(0, nowS - outAtS);
  }

  /** Seconds it has been ready in the fire, 0 when it is not. */
  public double readyForS() {
    return readyAtS < 0 || place() != Place.FIRE ? 0 : nowS - readyAtS;
  }

  /** Seconds until core and skin are even and hot enough, as the forge is now. */
  public Interval secondsToReady() {
    return following.secondsToReady(plan.window().floorC());
  }

  /** Working time if it left the fire now, or what is left of it. */
  public WorkingTime working() {
    if (working == null) {
      working = following.working(plan.window().floorC(), plan.outerMm());
    }
    return working;
  }

  /** What has become of its joints so far; empty where they are not followed. */
  public Optional<WeldMap> weldMap() {
    return following.weldMap();
  }

  /** The same in words; empty until the dies have been on it, and while they are. */
  public Optional<Message> jointsSoFar() {
    boolean pressed = marks.stream().anyMatch(m -> m.logEntry().act() == ForgeAction.SQUEEZE);
    return pressed && !squeezing ? following.jointsSoFar() : Optional.empty();
  }

  /**
   * Why one of its joints may be open, by what was logged; empty where they are not followed.
   *
   * @param commonHeat whether its steels have a common welding heat
   */
  public Optional<OpenJoint> whyOpen(OpenJoint.Place where, boolean commonHeat) {
    FollowedBar after = following.copy();
    if (squeezing) {
      after.released(reducedSoFar());
    }
    after.heatEnds();
    return after.whyOpen(where, commonHeat, secondsToSqueezes());
  }

  /**
   * What its joints were to become when it began, made as planned; empty where they are not
   * followed. Takes as long as a plan's map.
   */
  public Optional<WeldMap> plannedWeldMap() {
    return course.isEmpty() ? Optional.empty() : Optional.of(WeldMap.of(course, ensemble()));
  }

  /** From the fire to each squeeze of the last heat that had one. */
  private List<Double> secondsToSqueezes() {
    List<LogMark> squeezes =
        marks.stream().filter(m -> m.logEntry().act() == ForgeAction.SQUEEZE).toList();
    return squeezes.stream()
        .filter(m -> m.heat() == squeezes.getLast().heat())
        .map(LogMark::sinceOutS)
        .toList();
  }

  /** What the shop had learned when it began, and what was seen of this bar since. */
  public HeatCalibration calibration() {
    return isShown ? calibration.after(following, faces()) : calibration;
  }

  /** What the fire has taken so far. */
  public HeatExposure exposure() {
    return following.exposure();
  }

  /** How it continues where it is. */
  public List<Forecast> forecast(int steps, double stepS) {
    return following.forecast(steps, stepS);
  }

  /** Hottest skin so far, °C. */
  public double hottestC() {
    return hottestC;
  }

  /** Highest gauge of the press in a squeeze, MPa; 0 where none was read. */
  public double peakMpa() {
    return pressWatch.peakMpa();
  }

  /** What was done, in order, and how things were then. */
  public List<LogMark> marks() {
    return List.copyOf(marks);
  }

  /** What was done last. */
  public Optional<LogEntry> last() {
    return Optional.ofNullable(last);
  }
}
