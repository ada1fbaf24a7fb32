package app.geminal.server.session;

import app.geminal.session.HeatSession;
import app.geminal.simulator.TrueJoints;
import app.geminal.weldmap.FailureCause;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldSetup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The joints of a practice run as they have come out.
 *
 * @param bars the bars whose joints are known, by their places
 */
public record Inspection(List<Bar> bars) {
  private static final int EDGE = TrueJoints.ACROSS - 1;

  /** Copies the list. */
  public Inspection {
    bars = List.copyOf(bars);
  }

  /**
   * One bar.
   *
   * @param place place of the billet in the session, from 0
   * @param lengthMm of the bar in the fire
   * @param heightMm of the stack
   * @param along patches of a joint along the bar
   * @param seen what the two edges of each joint show, from below
   * @param ask the joint whose cause is to be named, from 1: the one with the most open; null where
   *     all are sound
   * @param named what was named; null for nothing yet
   * @param truth what has really become of the joints, from below; null until the cause that is
   *     asked for is named
   */
  public record Bar(
      int place,
      double lengthMm,
      double heightMm,
      int along,
      List<Seen> seen,
      @Nullable Integer ask,
      @Nullable NamedCause named,
      @Nullable List<True> truth) {
    /** Copies the lists. */
    public Bar {
      seen = List.copyOf(seen);
      truth = truth == null ? null : List.copyOf(truth);
    }

    /** As it is shown to those who have named this much. */
    private Bar shown(@Nullable NamedCause cause) {
      boolean isHidden = ask != null && cause == null;
      return new Bar(place, lengthMm, heightMm, along, seen, ask, cause, isHidden ? null : truth);
    }
  }

  /**
   * What a joint shows when the bar is cold and its edges are ground.
   *
   * @param height over the underside in parts of the height
   * @param open along the bar, whether it is open at either edge
   */
  public record Seen(double height, List<Boolean> open) {
    /** Copies the list. */
    public Seen {
      open = List.copyOf(open);
    }
  }

  /**
   * A joint as it really is, beside what was expected by the log.
   *
   * @param sound whether 95 in 100 of it has bonded
   * @param bonded along the bar, how much of the width has bonded, 0 to 1
   * @param cause what alone would have saved it; null where it is sound, and where nothing would
   * @param chance of being sound, as the session expected it, 0 to 1
   * @param expected along the bar, how much of the width was expected to bond, 0 to 1
   */
  public record True(
      boolean sound,
      List<Double> bonded,
      @Nullable FailureCause cause,
      double chance,
      List<Double> expected) {
    /** Copies the lists. */
    public True {
      bonded = List.copyOf(bonded);
      expected = List.copyOf(expected);
    }
  }

  /** With the whole truth: of a rehearsal that has ended, as it is and as it was followed. */
  static Inspection of(Session session, PracticeRun made, List<HeatSession> followed) {
    List<Bar> bars = new ArrayList<>();
    for (Session.Billet billet : session.billets()) {
      Optional<TrueJoints> joints = made.joints(billet.place());
      Optional<WeldMap> map = followed.get(billet.place()).weldMap();
      if (joints.isPresent() && map.isPresent()) {
        bars.add(bar(billet, joints.get(), map.get()));
      }
    }
    return new Inspection(bars);
  }

  private static Bar bar(Session.Billet billet, TrueJoints joints, WeldMap map) {
    WeldSetup weld = billet.heat().welds().getLast();
    List<Seen> seen = new ArrayList<>();
    List<True> truth = new ArrayList<>();
    for (int joint = 0; joint < joints.joints(); joint++) {
      seen.add(new Seen(weld.joints().get(joint), openAtEdges(joints, joint)));
      truth.add(real(joints, joint, map.joints().get(joint)));
    }
    return new Bar(
        billet.place(),
        weld.bar().lengthMm(),
        weld.bar().heightMm(),
        TrueJoints.ALONG,
        seen,
        worst(truth),
        null,
        truth);
  }

  /** As it is shown: the truth of a bar once its cause is named. */
  Inspection shown(Session stored) {
    return new Inspection(
        bars.stream().map(bar -> bar.shown(stored.billets().get(bar.place()).named())).toList());
  }

  private static List<Boolean> openAtEdges(TrueJoints joints, int joint) {
    return IntStream.range(0, TrueJoints.ALONG)
        .mapToObj(at -> !isBonded(joints, joint, at, 0) || !isBonded(joints, joint, at, EDGE))
        .toList();
  }

  private static boolean isBonded(TrueJoints joints, int joint, int along, int across) {
    return joints.isBonded(joint, along * TrueJoints.ACROSS + across);
  }

  private static True real(TrueJoints joints, int joint, WeldMap.Joint map) {
    List<Double> bonded = new ArrayList<>();
    List<Double> expected = new ArrayList<>();
    for (int along = 0; along < TrueJoints.ALONG; along++) {
      int at = along;
      bonded.add(
          IntStream.range(0, TrueJoints.ACROSS)
              .mapToDouble(across -> isBonded(joints, joint, at, across) ? 1 : 0)
              .average()
              .orElseThrow());
      expected.add(
          map.patches().stream()
              .filter(p -> p.along() == at)
              .mapToDouble(WeldMap.Patch::chance)
              .average()
              .orElseThrow());
    }
    boolean sound = joints.isSound(joint);
    return new True(
        sound, bonded, sound ? null : joints.cause(joint).orElse(null), map.chance(), expected);
  }

  /** The joint with the most open, from 1; null where all are sound. */
  private static @Nullable Integer worst(List<True> joints) {
    int worst = -1;
    for (int i = 0; i < joints.size(); i++) {
      if (!joints.get(i).sound() && (worst < 0 || open(joints.get(i)) > open(joints.get(worst)))) {
        worst = i;
      }
    }
    return worst < 0 ? null : worst + 1;
  }

  private static double open(True joint) {
    return joint.bonded().stream().mapToDouble(part -> 1 - part).sum();
  }

  /** Whether every joint of every bar is sound. */
  boolean isSound() {
    return bars.stream().allMatch(bar -> bar.ask() == null);
  }
}
