package app.geminal.vision;

import app.geminal.asmade.AsMade;
import app.geminal.asmade.PatternFigure;
import app.geminal.vision.FaceMatch.Match;
import app.geminal.vision.FaceMatch.Moved;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.DoubleStream;

/**
 * Searches figures of a plan over their whole ranges in large cells: the first one from end to end,
 * and from its likeliest values on the others.
 */
final class PatternSearch {
  private static final int LARGE_CELLS = 200;

  /** From one value of a search to the next the view stays that alike. */
  private static final double STEP_LIKENESS = 0.75;

  /** A view that is no more like another than that has nothing to do with it. */
  private static final double UNLIKE = 0.15;

  /** Values that near to each other are one answer, with its range. */
  private static final double NEAR_SHARE = 0.035;

  private static final int MOST_VALUES = 160;
  private static final int MOST_AROUND = 400;
  private static final int CANDIDATES = 4;

  /** So many values beside a candidate are followed closely. */
  private static final int MOST_FOLLOWED = 3;

  private static final double WARP_STEP = 0.0025;

  private final List<PatternFigure> figures;
  private final double[] planned;
  private final double[] steps;
  private final FaceMatch large;

  private PatternSearch(AsMade asMade, FaceMatch large) {
    this.figures = asMade.figures();
    this.planned = asMade.planned();
    this.large = large;
    this.steps = new double[figures.size()];
    for (int k = 0; k < steps.length; k++) {
      steps[k] = step(k, STEP_LIKENESS);
    }
  }

  /** For one view and a photograph of it. */
  static PatternSearch of(
      AsMade asMade, Photograph photograph, List<Spot> corners, BooleanSupplier unwanted) {
    return new PatternSearch(
        asMade, FaceMatch.of(asMade, photograph, corners, LARGE_CELLS, unwanted));
  }

  /** The view as it was planned. */
  Match planned() {
    return large.at(planned);
  }

  /** From one value of a figure to the next. */
  double step(int k) {
    return steps[k];
  }

  /** How many independent cells speak of a match. */
  double independent(Match match) {
    return large.independent(match);
  }

  /** Views that are most like the photograph, the likeliest first, no two near each other. */
  List<Moved> likely() {
    return candidates().stream()
        .map(this::others)
        .sorted(Comparator.comparingDouble((Moved m) -> m.match().likeness()).reversed())
        .toList();
  }

  /** By how much a figure may change until the view is only so much like what it was. */
  private double step(int k, double likeness) {
    PatternFigure figure = figures.get(k);
    double range = figure.high() - figure.low();
    double step = range / MOST_VALUES;
    Optional<FaceGrid> here = large.view(planned);
    while (here.isPresent() && step < range / 6) {
      Optional<FaceGrid> there = large.view(changed(planned, k, planned[k] + 1.4 * step));
      if (there.isEmpty() || large.likeness(here.get(), there.get()) < likeness) {
        break;
      }
      step *= 1.4;
    }
    return step;
  }

  /** The same values but one. */
  static double[] changed(double[] values, int k, double value) {
    double[] changed = values.clone();
    changed[k] = value;
    return changed;
  }

  private DoubleStream range(int k) {
    PatternFigure figure = figures.get(k);
    return DoubleStream.iterate(figure.low(), v -> v <= figure.high(), v -> v + steps[k]);
  }

  /** The likeliest values of the first figure, apart from each other, whatever the others are. */
  private List<Match> candidates() {
    List<double[]> starts = new ArrayList<>(List.of(planned));
    int last = figures.size() - 1;
    if (last > 0) {
      // Ground by a quarter of what brings the same pattern back: one of both is never in between.
      double apart = step(last, UNLIKE);
      double there = planned[last] + apart;
      starts.add(
          changed(planned, last, there > figures.get(last).high() ? there - 2 * apart : there));
    }
    List<Match> all =
        starts.stream()
            .flatMap(start -> range(0).mapToObj(v -> changed(start, 0, v)))
            .map(large::orNegative)
            .filter(match -> match.values().length > 0)
            .sorted(Comparator.comparingDouble((Match m) -> Math.abs(m.likeness())).reversed())
            .toList();
    List<Match> apart = new ArrayList<>();
    for (Match next : all) {
      if (apart.size() < CANDIDATES && apart.stream().noneMatch(m -> isNear(m, next))) {
        apart.add(next);
      }
    }
    return apart;
  }

  /** Whether two are one answer. */
  boolean isNear(Match a, Match b) {
    double value = a.values()[0];
    return Math.abs(value - b.values()[0]) < Math.max(3.5 * steps[0], NEAR_SHARE * value);
  }

  /** The likeliest of the other figures, the last one first, and of the first one near it. */
  private Moved others(Match from) {
    Match best = large.at(from.values());
    for (int k = figures.size() - 1; k >= 1; k--) {
      best = along(large, best, k, range(k));
    }
    Moved moved = moved(large, best);
    if (figures.size() < 3) {
      return moved;
    }
    // Two others make up for each other, and are seen better once what is seen was moved.
    FaceMatch there = moved.by().beginningAs(moved.match());
    Match again = moved.match();
    for (int k = figures.size() - 1; k >= 1; k--) {
      again = along(there, again, k, range(k));
    }
    return moved(there, again);
  }

  /** The first figure and what moves the pattern between its ends make up for each other. */
  private Moved moved(FaceMatch by, Match from) {
    return beside(from.values()[0])
        .mapToObj(v -> by.movedFreely(changed(from.values(), 0, v)))
        .filter(moved -> moved.match().values().length > 0)
        .sorted(Comparator.comparingDouble(Moved::worth).reversed())
        .limit(MOST_FOLLOWED)
        .map(rough ->
            rough.by().beginningAs(rough.match()).movedTowards(rough.match().values(), WARP_STEP))
        .reduce(new Moved(by, Match.NONE), Moved::better);
  }

  private static Match along(FaceMatch by, Match from, int k, DoubleStream values) {
    return values.mapToObj(v -> by.at(changed(from.values(), k, v))).reduce(from, Match::better);
  }

  private DoubleStream beside(double value) {
    double off = Math.max(3.5 * steps[0], NEAR_SHARE * value);
    PatternFigure figure = figures.getFirst();
    return DoubleStream.iterate(
        Math.max(figure.low(), value - off),
        v -> v <= Math.min(figure.high(), value + off),
        v -> v + steps[0]);
  }

  /**
   * Views around the best: one with each value of the first figure near it, and one with each of
   * the others, those with all of each other, since they make up for one another.
   */
  List<Match> around(Moved moved) {
    FaceMatch there = moved.by().beginningAs(moved.match());
    Match best = moved.match();
    List<Match> all = new ArrayList<>();
    beside(best.values()[0]).forEach(v -> all.add(there.at(changed(best.values(), 0, v))));
    List<double[]> combined = new ArrayList<>(List.of(best.values()));
    for (int k = 1; k < figures.size(); k++) {
      int at = k;
      List<double[]> with = List.copyOf(combined);
      boolean isMany = with.size() * range(k).count() > MOST_AROUND;
      for (double[] values : isMany ? List.of(best.values()) : with) {
        range(k).forEach(v -> combined.add(changed(values, at, v)));
      }
    }
    combined.forEach(values -> all.add(there.at(values)));
    return all.stream().filter(match -> match.values().length > 0).toList();
  }
}
