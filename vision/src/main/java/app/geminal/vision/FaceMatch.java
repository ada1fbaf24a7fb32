package app.geminal.vision;

import app.geminal.asmade.AsMade;
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

  private final AsMade asMade;
  private final BooleanSupplier unwanted;
  private final FaceGrid face;
  private final Warp warp;
  private final int columns;
  private final int rows;
  private final int mostShift;
  private final List<FaceGrid> seen;

  private FaceMatch(
      AsMade asMade, BooleanSupplier unwanted, FaceGrid face, Warp warp, int columns, int rows) {
    this.asMade = asMade;
    this.unwanted = unwanted;
    this.face = face;
    this.warp = warp;
    this.columns = columns;
    this.rows = rows;
    this.mostShift = (int) (SHIFT_SHARE * columns);
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
    return new FaceMatch(asMade, unwanted, face, Warp.NONE, columns, rows);
  }

  /** The same, moved between its ends so that it is most like a view with some figures. */
  FaceMatch movedTowards(double[] values, double step) {
    Optional<FaceGrid> view = view(values);
    if (view.isEmpty()) {
      return this;
    }
    FaceMatch best = this;
    double most = of(values, view.get()).likeness();
    for (int bow = -2; bow <= 2; bow++) {
      for (int swing = -2; swing <= 2; swing++) {
        FaceMatch there =
            new FaceMatch(
                asMade, unwanted, face, warp.plus(bow * step, swing * step), columns, rows);
        double likeness = there.of(values, view.get()).likeness();
        if (likeness > most) {
          most = likeness;
          best = there;
        }
      }
    }
    return best;
  }

  /** How alike two views are, wherever their patterns begin. */
  double likeness(FaceGrid one, FaceGrid other) {
    return IntStream.rangeClosed(-mostShift, mostShift)
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
      return other.likeness > likeness ? other : this;
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
  Match of(double[] values, FaceGrid view) {
    return all(values, view).reduce(Match.NONE, Match::better);
  }

  /** Where the view is most like it, or most like its negative: one layer too much was ground. */
  Match orNegative(double[] values) {
    return view(values)
        .flatMap(view -> all(values, view).reduce(Match::clearer))
        .orElse(Match.NONE);
  }

  private Stream<Match> all(double[] values, FaceGrid view) {
    return IntStream.range(0, 2 * (2 * mostShift + 1))
        .parallel()
        .mapToObj(i -> {
          int side = i % 2;
          int shift = i / 2 - mostShift;
          double likeness = seen.get(side).likeness(view, shift);
          return new Match(values, likeness, (double) shift / columns, side == 1);
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
