package app.geminal.sizing;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.billet.Run;
import app.geminal.billet.WantedPieces;
import app.geminal.shop.ShopDefaults;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Whether finished bars yield the pieces asked for. Pieces lie along the bar with a saw cut between
 * them, their width across and their height through the layers; every face keeps the shop's
 * allowance to grind clean. A blade ground in the plan is taken as it is, one piece each.
 *
 * @param lengthShortMm how much longer each bar would have to be, 0 or less when it is long enough
 * @param widthShortMm how much wider
 * @param heightShortMm how much higher
 */
public record Finish(double lengthShortMm, double widthShortMm, double heightShortMm) {
  private static final double DUST_MM = 1e-9;

  /** Looks at the last stage; nothing wanted is always enough. A Run that stops yields nothing. */
  public static Finish of(Run run, ShopDefaults defaults) {
    List<WantedPieces> wanted = run.plan().wanted();
    if (wanted.isEmpty()) {
      return new Finish(0, 0, 0);
    }
    if (run.stop().isPresent() || run.last().bars().count() == 0) {
      double longest = wanted.stream().mapToDouble(WantedPieces::lengthMm).max().orElseThrow();
      return new Finish(longest, 0, 0);
    }
    Bars bars = run.last().bars();
    double allowance = bars.form() == Form.BLADE ? 0 : 2 * defaults.finishGrindMm();
    double width =
        wanted.stream().mapToDouble(WantedPieces::widthMm).max().orElseThrow() + allowance;
    double height =
        wanted.stream().mapToDouble(WantedPieces::heightMm).max().orElseThrow() + allowance;
    return new Finish(
        neededLengthMm(wanted, bars.count(), defaults.kerfMm()) - bars.lengthMm(),
        width - bars.widthMm(),
        height - bars.heightMm());
  }

  /** Whether all pieces come out of the bars. */
  public boolean isEnough() {
    return lengthShortMm <= DUST_MM && widthShortMm <= DUST_MM && heightShortMm <= DUST_MM;
  }

  /**
   * The shortest length that lets the pieces be shared out over so many equal bars, exactly, by
   * trying: longest pieces first, equally full bars only once. Pieces over {@value #MOST_TRIED} are
   * shared out greedily, which may ask for a few millimetres too much.
   */
  static double neededLengthMm(List<WantedPieces> wanted, int bars, double kerfMm) {
    List<Double> lengths = new ArrayList<>();
    wanted.forEach(w -> {
      for (int i = 0; i < w.count(); i++) {
        lengths.add(w.lengthMm() + kerfMm);
      }
    });
    lengths.sort((a, b) -> Double.compare(b, a));
    if (bars == 1) {
      return lengths.stream().mapToDouble(Double::doubleValue).sum() - kerfMm;
    }
    double[] greedy = new double[bars];
    for (double length : lengths) {
      int emptiest = 0;
      for (int i = 1; i < bars; i++) {
        emptiest = greedy[i] < greedy[emptiest] ? i : emptiest;
      }
      greedy[emptiest] += length;
    }
    double best = Arrays.stream(greedy).max().orElseThrow();
    if (lengths.size() <= MOST_TRIED) {
      best = shared(lengths, 0, new double[bars], best);
    }
    return best - kerfMm;
  }

  private static final int MOST_TRIED = 12;

  private static double shared(List<Double> lengths, int next, double[] full, double best) {
    if (next == lengths.size()) {
      return Math.min(best, Arrays.stream(full).max().orElseThrow());
    }
    double found = best;
    for (int i = 0; i < full.length; i++) {
      boolean asBefore = i > 0 && full[i] == full[i - 1];
      if (!asBefore && full[i] + lengths.get(next) < found) {
        full[i] += lengths.get(next);
        found = shared(lengths, next + 1, full, found);
        full[i] -= lengths.get(next);
      }
    }
    return found;
  }
}
