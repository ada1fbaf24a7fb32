package app.geminal.calibration;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.measurement.Measurement;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Grind;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.shop.ShopDefaults;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.ojalgo.random.TDistribution;

/**
 * One loss as the shop's measured bars have it.
 *
 * <p>A loss is seen where a bar was measured before and after the one step that causes it: the kerf
 * between a bar and its pieces, scale over a draw or a set of which all three sizes are known, the
 * trim of both ends, a ground face. Scale is compared with what was used a factor of 1.
 *
 * @param seen each time it was seen, in the order of the Runs
 * @param mean of them, 0 for none
 * @param spread one standard deviation from one to the next, 0 for fewer than two
 * @param low of the mean, nine times in ten (Student)
 * @param high of the mean
 */
public record MeasuredLoss(
    MeasuredLossKind loss, List<Double> seen, double mean, double spread, double low, double high) {
  /** Fewer than this say nothing. */
  public static final int FEWEST = 4;

  private static final double UPPER_TAIL = 0.95;

  /** Copies the list. */
  public MeasuredLoss {
    seen = List.copyOf(seen);
  }

  /** All losses, seen or not. */
  public static List<MeasuredLoss> of(List<Run> runs, ShopDefaults defaults) {
    return Arrays.stream(MeasuredLossKind.values())
        .map(
            loss -> of(loss, runs.stream().flatMap(r -> seen(loss, r, defaults).stream()).toList()))
        .toList();
  }

  private static MeasuredLoss of(MeasuredLossKind loss, List<Double> seen) {
    int n = seen.size();
    double mean = seen.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    if (n < 2) {
      return new MeasuredLoss(loss, seen, mean, 0, mean, mean);
    }
    double squares = seen.stream().mapToDouble(x -> (x - mean) * (x - mean)).sum();
    double spread = Math.sqrt(squares / (n - 1));
    double off = TDistribution.of(n - 1).getQuantile(UPPER_TAIL) * spread / Math.sqrt(n);
    return new MeasuredLoss(loss, seen, mean, spread, mean - off, mean + off);
  }

  /** Whether this is too few to report. */
  public boolean isTooFew() {
    return seen.size() < FEWEST;
  }

  /** Whether the shop's figure is outside what was measured. */
  public boolean differsFrom(double now) {
    return !isTooFew() && (now < low || now > high);
  }

  private static List<Double> seen(MeasuredLossKind loss, Run run, ShopDefaults defaults) {
    List<Double> seen = new ArrayList<>();
    for (int i = 2; i < run.stages().size(); i++) {
      Stage before = run.stages().get(i - 1);
      Stage now = run.stages().get(i);
      if (now.isOff()) {
        continue;
      }
      Operation step = now.step().orElseThrow().operation();
      at(loss, step, before, now, defaults).ifPresent(seen::add);
    }
    return seen.stream().filter(Double::isFinite).toList();
  }

  private static OptionalDouble at(
      MeasuredLossKind loss, Operation step, Stage before, Stage now, ShopDefaults defaults) {
    return switch (loss) {
      case KERF ->
          step instanceof Cut cut && cut.eachMm() == 0 && bothLong(before, now)
              ? OptionalDouble.of(
                  (before.bars().lengthMm() - cut.pieces() * now.bars().lengthMm())
                      / (cut.pieces() - 1))
              : OptionalDouble.empty();
      case TRIM ->
          step instanceof Trim trim && bothEnds(trim) && bothLong(before, now)
              ? OptionalDouble.of((before.bars().lengthMm() - now.bars().lengthMm()) / 2)
              : OptionalDouble.empty();
      case GRIND ->
          step instanceof Grind && bothHigh(before, now)
              ? OptionalDouble.of((before.bars().heightMm() - now.bars().heightMm()) / 2)
              : OptionalDouble.empty();
      case SCALE ->
          scales(step, before) && bothWhole(before, now)
              ? OptionalDouble.of(scale(before, now, defaults))
              : OptionalDouble.empty();
    };
  }

  /** Whether all the steel it takes is scale, and no voids close in it. */
  private static boolean scales(Operation step, Stage before) {
    return step instanceof Draw
        || (step instanceof SetWeld weld && !weld.isSealed() && !before.bars().hasVoids());
  }

  private static boolean bothEnds(Trim trim) {
    return trim.frontMm() > 0 && trim.backMm() > 0;
  }

  private static double scale(Stage before, Stage now, ShopDefaults defaults) {
    double there = volume(before.bars());
    double calculated = there - volume(now.calculated());
    return (there - volume(now.bars())) / (calculated / defaults.scaleFactor());
  }

  private static double volume(Bars bars) {
    return bars.times(1).amount().volumeMm3();
  }

  private static boolean bothLong(Stage before, Stage now) {
    return knows(before, Measurement::lengthMm) && knows(now, Measurement::lengthMm);
  }

  private static boolean bothHigh(Stage before, Stage now) {
    return knows(before, Measurement::heightMm) && knows(now, Measurement::heightMm);
  }

  private static boolean knows(Stage stage, Function<Measurement, @Nullable Double> size) {
    Measurement measured = measured(stage);
    return measured != null && size.apply(measured) != null;
  }

  private static boolean bothWhole(Stage before, Stage now) {
    return isWhole(measured(before)) && isWhole(measured(now));
  }

  private static boolean isWhole(@Nullable Measurement measured) {
    return measured != null
        && measured.widthMm() != null
        && measured.heightMm() != null
        && (measured.lengthMm() != null || measured.massKg() != null);
  }

  private static @Nullable Measurement measured(Stage stage) {
    return stage.step().map(Step::measured).orElse(null);
  }
}
