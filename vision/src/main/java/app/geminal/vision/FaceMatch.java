package app.geminal.vision;

import app.geminal.asmade.AsMade;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Lays views of a plan beside one photograph, in cells of one size and through one lens; where the
 * pattern begins along the bar, and which end of it is to the left, is left open. Immutable.
 */
final class FaceMatch {
  private static final int FEWEST_ROWS = 8;
  private static final int MOST_ROWS = 120;

  /** The pattern may begin so much of the view's length elsewhere. */
  private static final double SHIFT_SHARE = 0.12;

  /** Less likely by so much a square of the length that it begins elsewhere; a guess. */
  private static final double SHIFT_COST = 4;

  /** Once it is about known where the pattern begins, it may begin so much elsewhere. */
  private static final double NEAR_SHIFT_SHARE = 0.03;

  /** Corners are tapped no better than that, as a share of the picture's width. */
  private static final double TAP_SHARE = 0.001;

  /** What a lens and uneven work bow, share of the length, were the corners exact. */
  private static final double LEAST_BOW = 0.01;

  private static final double MOST_BOW = 0.045;
  private static final double BOW_STEP = 0.01;

  /** A phone's lens and uneven work swing what is seen by no more. */
  private static final double MOST_SWING = 0.008;

  private final AsMade asMade;
  private final BooleanSupplier unwanted;
  private final FaceGrid face;
  private final Warp warp;
  private final int columns;
  private final int rows;
  private final double mostBow;
  private final Starts starts;
  private final List<FaceGrid> seen;

  /** Where the pattern may begin, in columns, on the face as it is and turned. */
  private record Starts(int from, int to, boolean asItIs, boolean turned) {
    int count() {
      return to - from + 1;
    }
  }

  private FaceMatch(
      AsMade asMade,
      BooleanSupplier unwanted,
      FaceGrid face,
      Warp warp,
      int columns,
      int rows,
      double mostBow,
      Starts starts) {
    this.asMade = asMade;
    this.unwanted = unwanted;
    this.face = face;
    this.warp = warp;
    this.columns = columns;
    this.rows = rows;
    this.mostBow = mostBow;
    this.starts = starts;
    FaceGrid moved = face.moved(warp);
    this.seen = List.of(moved, moved.turned());
  }

  /** With its corners as they are given, and nothing moved between them. */
  static FaceMatch of(
      AsMade asMade,
      Photograph photograph,
      List<Spot> corners,
      int columns,
      BooleanSupplier unwanted) {
    double share = asMade.with(asMade.planned()).map(s -> s.heightMm() / s.widthMm()).orElse(1.0);
    int rows = Math.clamp(Math.round(columns * share), FEWEST_ROWS, MOST_ROWS);
    FaceGrid face = FaceGrid.of(photograph, corners, columns, rows);
    int most = (int) (SHIFT_SHARE * columns);
    Starts starts = new Starts(-most, most, true, true);
    return new FaceMatch(
        asMade, unwanted, face, Warp.NONE, columns, rows, mostBow(photograph, corners), starts);
  }

  /**
   * The ends of a face show how far it is aslant, and so what is in its middle: both are as wrong
   * as taps are beside the ends' length. A quarter of that is the bow; three standard deviations.
   */
  private static double mostBow(Photograph photograph, List<Spot> corners) {
    double ends = (corners.get(0).to(corners.get(3)) + corners.get(1).to(corners.get(2))) / 2;
    double ratioError = 2 * TAP_SHARE * photograph.widthPx() / ends;
    return Math.clamp(3 * ratioError / 4, LEAST_BOW, MOST_BOW);
  }

  /** The same with what is seen moved otherwise between its ends. */
  FaceMatch through(Warp other) {
    return new FaceMatch(asMade, unwanted, face, other, columns, rows, mostBow, starts);
  }

  /** The same where the pattern begins about as in a match. */
  FaceMatch beginningAs(Match match) {
    int here = (int) Math.round(match.shiftShare() * columns);
    int off = (int) Math.ceil(NEAR_SHIFT_SHARE * columns);
    Starts near = new Starts(here - off, here + off, !match.turned(), match.turned());
    return new FaceMatch(asMade, unwanted, face, warp, columns, rows, mostBow, near);
  }

  /** How what is seen was moved between its ends. */
  Warp warp() {
    return warp;
  }

  /**
   * A match, with what is seen moved between its ends.
   *
   * @param by in which it was moved so
   */
  record Moved(FaceMatch by, Match match) {
    Moved better(Moved other) {
      return other.match.worth() > match.worth() ? other : this;
    }

    double worth() {
      return match.worth();
    }
  }

  /** Moved roughly and as far as may be so that it is most like a view with some figures. */
  Moved movedFreely(double[] values) {
    List<Warp> all = new ArrayList<>();
    int bows = (int) Math.ceil(mostBow / BOW_STEP);
    for (int bow = -bows; bow <= bows; bow++) {
      for (int swing = -1; swing <= 1; swing++) {
        all.add(new Warp(bow * mostBow / bows, swing * MOST_SWING / 2));
      }
    }
    return likest(values, all);
  }

  /** Moved a little more so that it is most like a view with some figures. */
  Moved movedTowards(double[] values, double step) {
    List<Warp> all = new ArrayList<>();
    for (int bow = -2; bow <= 2; bow++) {
      for (int swing = -2; swing <= 2; swing++) {
        Warp there = warp.plus(bow * step, swing * step);
        if (Math.abs(there.bow()) <= mostBow && Math.abs(there.swing()) <= MOST_SWING) {
          all.add(there);
        }
      }
    }
    return likest(values, all);
  }

  /** As it is, or moved as one of these; the view is painted once for all of them. */
  private Moved likest(double[] values, List<Warp> warps) {
    Optional<FaceGrid> view = view(values);
    if (view.isEmpty()) {
      return new Moved(this, Match.NONE);
    }
    Moved asItIs = new Moved(this, of(values, view.get()));
    return warps.stream()
        .map(this::through)
        .map(there -> new Moved(there, there.of(values, view.get())))
        .reduce(asItIs, Moved::better);
  }

  /** How alike two views are, wherever their patterns begin. */
  double likeness(FaceGrid one, FaceGrid other) {
    return IntStream.rangeClosed(starts.from(), starts.to())
        .mapToDouble(shift -> one.likeness(other, shift))
        .max()
        .orElse(0);
  }

  /**
   * A view with some figures where it is most like the photograph.
   *
   * @param likeness 1 for the same, 0 for nothing in common, −1 where all that is bright is dark
   * @param shiftShare how far the photograph's pattern is to the right, as a share of its length
   * @param turned whether the photograph is the view after half a turn
   */
  @SuppressWarnings("ArrayRecordComponent") // made for each view, and never changed
  record Match(double[] values, double likeness, double shiftShare, boolean turned) {
    /** No view at all: less like it than any. */
    static final Match NONE = new Match(new double[0], -2, 0, false);

    Match better(Match other) {
      return other.worth() > worth() ? other : this;
    }

    /** What repeats looks the same a few repeats on: it more likely begins where it was planned. */
    double worth() {
      return likeness - SHIFT_COST * shiftShare * shiftShare;
    }

    private Match clearer(Match other) {
      return Math.abs(other.likeness) > Math.abs(likeness) ? other : this;
    }
  }

  /** No answer is wanted any more. */
  static final class GivenUp extends RuntimeException {
    @java.io.Serial private static final long serialVersionUID = 1;
  }

  /**
   * The view in this one's cells; empty where a bar cannot be worked so.
   *
   * @throws GivenUp when it is not wanted any more
   */
  Optional<FaceGrid> view(double[] values) {
    if (unwanted.getAsBoolean()) {
      throw new GivenUp();
    }
    return asMade
        .light(columns, rows, unwanted, values)
        .map(light -> FaceGrid.of(light, columns, rows));
  }

  /** Where the view is most like it. */
  Match at(double[] values) {
    return view(values).map(view -> of(values, view)).orElse(Match.NONE);
  }

  /** Where a view that is there already is most like it. */
  private Match of(double[] values, FaceGrid view) {
    return all(values, view).reduce(Match.NONE, Match::better);
  }

  /** Where the view is most like it, or most like its negative: one layer too much was ground. */
  Match orNegative(double[] values) {
    return view(values)
        .flatMap(view -> all(values, view).reduce(Match::clearer))
        .orElse(Match.NONE);
  }

  private Stream<Match> all(double[] values, FaceGrid view) {
    int first = starts.asItIs() ? 0 : starts.count();
    int last = starts.turned() ? 2 * starts.count() : starts.count();
    return IntStream.range(first, last)
        .parallel()
        .mapToObj(i -> {
          boolean turned = i >= starts.count();
          int shift = starts.from() + i % starts.count();
          double likeness = seen.get(turned ? 1 : 0).likeness(view, shift);
          return new Match(values, likeness, (double) shift / columns, turned);
        });
  }

  /** How many independent cells speak of a match. */
  double independent(Match match) {
    int shift = (int) Math.round(match.shiftShare() * columns);
    return view(match.values())
        .map(view ->
            seen.get(match.turned() ? 1 : 0).independentBeside(view, shift, match.likeness()))
        .orElse(1.0);
  }
}
