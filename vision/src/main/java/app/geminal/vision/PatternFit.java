package app.geminal.vision;

import app.geminal.asmade.AsMade;
import app.geminal.asmade.PatternFigure;
import app.geminal.operation.OperationField.Shows;
import app.geminal.text.Message;
import app.geminal.vision.FaceMatch.Match;
import app.geminal.vision.FaceMatch.Moved;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Finds the figures of a plan with which its pattern looks most like a photograph: likely ones are
 * searched in large cells, and followed in small ones, with what is seen moved between its ends so
 * that neither lens nor uneven work is taken for another figure.
 */
public final class PatternFit {
  private static final int SMALL_CELLS = 400;
  private static final int ROUNDS = 3;

  /** Less alike than this is no likeness. */
  private static final double LEAST_LIKENESS = 0.2;

  /** A value elsewhere is less likely by so many standard deviations, or nothing can be said. */
  private static final double APART = 3;

  /** Corners and lens leave the length open by this share; one standard deviation, a guess. */
  private static final double LENGTH_ERROR = 0.009;

  /** Depth, width and grinding make up for each other; measured on painted faces, share. */
  private static final double SHAPE_ERROR = 0.15;

  /** Depths that are as likely over more of what is searched are left unsaid. */
  private static final double GROUND_SHARE = 0.15;

  /** What is seen is first moved by up to two of these more, shares of the length. */
  private static final double WARP_STEP = 0.003;

  /** Half of what 95 in 100 of a chi-squared figure with one degree of freedom are within. */
  private static final double AS_LIKELY = 1.92;

  private static final double NINETY_FIVE = 1.96;

  private final List<PatternFigure> figures;
  private final PatternSearch search;
  private final FaceMatch small;

  private PatternFit(
      AsMade asMade, Photograph photograph, List<Spot> corners, BooleanSupplier unwanted) {
    this.figures = asMade.figures();
    this.search = PatternSearch.of(asMade, photograph, corners, unwanted);
    this.small = FaceMatch.of(asMade, photograph, corners, SMALL_CELLS, unwanted);
  }

  /**
   * Fits a view's figures to a photograph of it.
   *
   * @param corners of the view, px: upper left, upper right, lower right, lower left; left and
   *     right may be the other way round
   * @param unwanted asked again and again; once it says so nothing can be said
   */
  public static FittedPattern of(
      AsMade asMade, Photograph photograph, List<Spot> corners, BooleanSupplier unwanted) {
    try {
      return new PatternFit(asMade, photograph, corners, unwanted).fitted();
    } catch (FaceMatch.GivenUp notWanted) {
      return cannotTell(Match.NONE, Match.NONE, VisionText.PATTERN_TOO_SLOW.with());
    }
  }

  /** The best near a start, in small cells moved so, and what is as likely in large ones. */
  private record Followed(Match best, FaceMatch by, List<Match> alike) {}

  private FittedPattern fitted() {
    Match planned = search.planned();
    if (figures.isEmpty()) {
      return cannotTell(planned, planned, VisionText.NOTHING_TO_FIT.with());
    }
    List<Moved> likely = search.likely();
    if (likely.isEmpty() || likely.getFirst().match().likeness() < LEAST_LIKENESS) {
      return cannotTell(
          planned,
          likely.isEmpty() ? planned : likely.getFirst().match(),
          VisionText.PATTERN_NOT_SEEN.with());
    }
    Followed first = followed(likely.getFirst());
    Optional<Moved> elsewhere =
        likely.stream().filter(other -> !search.isNear(first.best(), other.match())).findFirst();
    if (elsewhere.isEmpty()
        || isApart(likely.getFirst().match(), elsewhere.get().match(), search::independent)) {
      return fitted(planned, first);
    }
    Followed other = followed(elsewhere.get());
    boolean isOther = other.best().likeness() > first.best().likeness();
    Followed best = isOther ? other : first;
    Followed rest = isOther ? first : other;
    return search.isNear(best.best(), rest.best())
            || isApart(best.best(), rest.best(), best.by()::independent)
        ? fitted(planned, best)
        : cannotTell(planned, best.best(), VisionText.PATTERN_NOT_CLEAR.with());
  }

  private static boolean isApart(Match best, Match other, ToDoubleFunction<Match> independent) {
    double apart = atanh(best.likeness()) - atanh(other.likeness());
    return apart * Math.sqrt(Math.max(1, independent.applyAsDouble(best) - 3)) > APART;
  }

  private static double atanh(double r) {
    double likeness = Math.clamp(r, 0, 0.9999);
    return 0.5 * Math.log((1 + likeness) / (1 - likeness));
  }

  private Followed followed(Moved from) {
    List<Match> around = search.around(from);
    FaceMatch by = small.through(from.by().warp()).beginningAs(from.match());
    Match likest = around.stream().reduce(from.match(), Match::better);
    Moved moved = new Moved(by, by.at(likest.values()));
    for (int round = 0; round < ROUNDS; round++) {
      double finer = 1 << round;
      moved = moved(moved, search.step(0) / finer, WARP_STEP / finer);
      for (int k = 0; k < figures.size(); k++) {
        moved = new Moved(moved.by(), near(moved.by(), moved.match(), k, search.step(k) / finer));
      }
    }
    return new Followed(moved.match(), moved.by(), alike(around));
  }

  /** The first figure, and what moves the pattern between its ends, make up for each other. */
  private Moved moved(Moved from, double step, double warpStep) {
    double[] values = from.match().values();
    return IntStream.rangeClosed(-2, 2)
        .mapToObj(i -> within(values, 0, values[0] + i * step))
        .map(beside -> from.by().movedTowards(beside, warpStep))
        .reduce(from, Moved::better);
  }

  private FittedPattern fitted(Match planned, Followed found) {
    double independent = found.by().independent(found.best());
    List<FittedPattern.Figure> all = new ArrayList<>();
    Optional<FittedPattern.Range> ground = Optional.empty();
    for (int k = 0; k < figures.size(); k++) {
      switch (figures.get(k)) {
        case PatternFigure.OfStep of -> {
          double itself = of.field().shows() == Shows.BY_SHAPE ? SHAPE_ERROR : LENGTH_ERROR;
          all.add(new FittedPattern.Figure(of, range(found, k, itself, independent)));
        }
        case PatternFigure.Ground of ->
            ground = ground(of, range(found, k, LENGTH_ERROR, independent));
      }
    }
    return result(planned, found.best(), all, ground, Optional.empty());
  }

  /** How deep the face is, unless a groove less deep or another depth would look the same. */
  private Optional<FittedPattern.Range> ground(PatternFigure.Ground of, FittedPattern.Range found) {
    boolean isTraded =
        figures.stream()
            .anyMatch(f ->
                f instanceof PatternFigure.OfStep step && step.field().shows() == Shows.BY_SHAPE);
    boolean isWide = found.high() - found.low() > GROUND_SHARE * (of.high() - of.low());
    return isTraded || isWide ? Optional.empty() : Optional.of(found);
  }

  private static FittedPattern cannotTell(Match planned, Match best, Message why) {
    return result(planned, best, List.of(), Optional.empty(), Optional.of(why));
  }

  private static FittedPattern result(
      Match planned,
      Match best,
      List<FittedPattern.Figure> found,
      Optional<FittedPattern.Range> ground,
      Optional<Message> cannotTell) {
    return new FittedPattern(
        Math.max(0, best.likeness()),
        Math.max(0, planned.likeness()),
        found,
        ground,
        DoubleStream.of(best.values()).boxed().toList(),
        best.shiftShare(),
        best.turned(),
        cannotTell);
  }

  /** Of the views around the best those that are as likely, in large cells. */
  private List<Match> alike(List<Match> around) {
    Match best = around.stream().reduce(Match.NONE, Match::better);
    double independent = search.independent(best);
    double most = cost(best.likeness(), independent) + AS_LIKELY;
    return around.stream().filter(m -> cost(m.likeness(), independent) <= most).toList();
  }

  /** The best near a value, between the values that are tried by a parabola through three. */
  private Match near(FaceMatch by, Match best, int k, double step) {
    double value = best.values()[k];
    Match found = best;
    for (int i = -2; i <= 2; i++) {
      if (i != 0) {
        found = found.better(by.at(within(best.values(), k, value + i * step / 3)));
      }
    }
    double at = found.values()[k];
    double less = by.at(within(best.values(), k, at - step / 3)).likeness();
    double more = by.at(within(best.values(), k, at + step / 3)).likeness();
    double peak = Parabola.peak(less, found.likeness(), more);
    return found.better(by.at(within(best.values(), k, at + peak * step / 3)));
  }

  private double[] within(double[] values, int k, double value) {
    return PatternSearch.changed(
        values, k, Math.clamp(value, figures.get(k).low(), figures.get(k).high()));
  }

  /** From how fast the likeness falls beside a value, and from what is as likely. */
  private FittedPattern.Range range(Followed found, int k, double itself, double independent) {
    Match best = found.best();
    double value = best.values()[k];
    double step = search.step(k);
    double cost = cost(best.likeness(), independent);
    double bend = -2 * cost;
    for (double off : new double[] {-step / 2, step / 2}) {
      double[] beside = within(best.values(), k, value + off);
      bend += cost(found.by().at(beside).likeness(), independent);
    }
    double spread = 1 / Math.sqrt(Math.max(1e-9, bend / (step * step / 4)));
    double off = NINETY_FIVE * Math.hypot(spread, itself * value);
    double[] alike = found.alike().stream().mapToDouble(match -> match.values()[k]).toArray();
    double low = Math.min(value - off, DoubleStream.of(alike).min().orElse(value));
    double high = Math.max(value + off, DoubleStream.of(alike).max().orElse(value));
    PatternFigure figure = figures.get(k);
    return new FittedPattern.Range(
        value, Math.max(figure.low(), low), Math.min(figure.high(), high));
  }

  private static double cost(double likeness, double independent) {
    double r = Math.clamp(likeness, 0, 0.9999);
    return independent / 2 * Math.log(1 - r * r);
  }
}
