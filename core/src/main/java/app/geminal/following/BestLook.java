package app.geminal.following;

import app.geminal.following.Sighting.Shown;
import app.geminal.following.Sighting.Sign;
import app.geminal.following.Sighting.SkinColor;
import app.geminal.weldmap.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Which look at the bar says most about its core. */
final class BestLook {
  /** A look is worth a tap where it takes this part off what is not known. */
  private static final double WORTH_IT = 0.05;

  private static final double COLOR_STEP_C = 50;
  private static final double COLORS_FROM_C = 600;
  private static final double COLORS_TO_C = 1350;

  private final List<Shown> bars;
  private final Weights weights;
  private final double[] cores;

  BestLook(List<Shown> bars, Weights weights) {
    this.bars = bars;
    this.weights = weights;
    this.cores = Weights.figures(bars, Shown::coreC);
  }

  /** The one of several that says most; empty where none is worth a tap. */
  Optional<Look> most(Set<Look> possible) {
    double worth = (1 - WORTH_IT) * spread(weights);
    return possible.stream()
        .map(look -> Map.entry(look, left(look)))
        .filter(look -> look.getValue() < worth)
        .min(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey);
  }

  /** What is expected to be left of the core's spread once it was looked, K. */
  private double left(Look look) {
    double sum = 0;
    double all = 0;
    for (double[] likelihoods : answers(look)) {
      double chance = weights.mean(likelihoods);
      if (chance > 0) {
        sum += chance * spread(weights.times(likelihoods));
        all += chance;
      }
    }
    return sum / all;
  }

  private double spread(Weights of) {
    return Math.sqrt(of.variance(cores));
  }

  private List<double[]> answers(Look look) {
    List<Sighting> answers = new ArrayList<>();
    switch (look) {
      case SHADOW -> answers.addAll(List.of(Sign.SHADOW, Sign.NO_SHADOW));
      case FLUX -> answers.addAll(List.of(Sign.FLUX_MELTS, Sign.FLUX_CLEAR, Sign.FLUX_SMOKES));
      case COLOR -> {
        for (double c = COLORS_FROM_C; c <= COLORS_TO_C; c += COLOR_STEP_C) {
          answers.add(new SkinColor(c));
        }
      }
    }
    return answers.stream().map(a -> Weights.figures(bars, a::likelihood)).toList();
  }
}
