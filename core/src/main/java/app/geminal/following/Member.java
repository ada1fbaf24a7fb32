package app.geminal.following;

import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Soak;
import app.geminal.heat.Surroundings;
import app.geminal.weldmap.Joints;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.Unknown;
import app.geminal.weldmap.WeldSetup;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One way a bar at the fire may be. Mutable, for one thread. */
final class Member {
  private static final double HOTTEST_C = 1700;

  private final Sample sample;
  private final BarHeat bar;
  private final @Nullable Joints joints;
  private double redS;

  private Member(Sample sample, BarHeat bar, @Nullable Joints joints, double redS) {
    this.sample = sample;
    this.bar = bar;
    this.joints = joints;
    this.redS = redS;
  }

  /** At one temperature. */
  static Member of(BarHeat.Of of, double startC, Sample sample, List<WeldSetup> course) {
    BarHeat bar = new BarHeat(of.withGap(sample.get(Unknown.GAP_CONDUCTANCE)), startC);
    return new Member(sample, bar, course.isEmpty() ? null : Joints.before(course, sample, bar), 0);
  }

  /** The same so far, otherwise from here on. */
  Member as(Sample other) {
    BarHeat same = bar.copyWithGap(other.get(Unknown.GAP_CONDUCTANCE));
    return new Member(other, same, joints == null ? null : joints.copy(other, same), redS);
  }

  /** Its heat alone, to forecast with. */
  Member heatAlone() {
    return new Member(sample, bar.copy(), null, redS);
  }

  /** Its joints; empty where none are followed. */
  Optional<Joints> joints() {
    return Optional.ofNullable(joints);
  }

  void turnedOver() {
    bar.turnedOver();
    if (joints != null) {
      joints.turnedOver();
    }
  }

  Member copy() {
    return as(sample);
  }

  Sample sample() {
    return sample;
  }

  BarHeat bar() {
    return bar;
  }

  void advance(double seconds, Surroundings around) {
    bar.advance(seconds, around);
    redS += bar.meanC() >= Joints.RED_C ? seconds : 0;
    if (joints != null) {
      joints.passed(seconds);
    }
  }

  /** What is round it, where the forge's gauge says {@code chamberC}. */
  Surroundings around(Place place, double chamberC) {
    return switch (place) {
      case FIRE ->
          new Surroundings(
              Math.min(HOTTEST_C, chamberC + sample.get(Unknown.CHAMBER_OFFSET)),
              sample.get(Unknown.EMISSIVITY),
              sample.get(Unknown.CONVECTION),
              Double.POSITIVE_INFINITY,
              FaceContact.FLOOR,
              null);
      case AIR -> Surroundings.air();
      case DIES ->
          Surroundings.air()
              .between(
                  new FaceContact(FaceContact.COLD_DIE.celsius(), sample.get(Unknown.DIE_CONTACT)));
    };
  }

  boolean isReady(Surroundings around, double floorC) {
    double core = bar.coreC();
    return core >= floorC && Soak.isEven(bar.topSkinC(around), core);
  }

  Sighting.Shown shown(Surroundings around) {
    return new Sighting.Shown(
        bar.topSkinC(around),
        bar.coreC(),
        redS,
        60 * sample.get(Unknown.FUEL_LASTS),
        joints == null ? 0 : joints.squeezeKn());
  }
}
