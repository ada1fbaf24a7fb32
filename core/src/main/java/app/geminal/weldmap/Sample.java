package app.geminal.weldmap;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;

/**
 * One way everything unknown may be. Several together are an ensemble: a Latin hypercube, so that
 * each unknown takes each part of its range once (McKay, Beckman and Conover 1979).
 */
public final class Sample {
  /** How many an ensemble has; a chance is known to 1 in 64. */
  public static final int MEMBERS = 64;

  private static final double HALF = 0.5;
  private static final long SEED = 20_260_401;

  private static final List<Sample> USUAL = ensemble(Map.of(), MEMBERS, SEED);

  private final Map<Unknown, Double> values;

  private Sample(Map<Unknown, Double> values) {
    this.values = values;
  }

  /** Everything as the rest of the program takes it to be. */
  public static Sample likely() {
    Map<Unknown, Double> values = new EnumMap<>(Unknown.class);
    for (Unknown unknown : Unknown.values()) {
      values.put(unknown, unknown.likely());
    }
    return new Sample(values);
  }

  /** An ensemble of {@value #MEMBERS}, the same at every call. */
  public static List<Sample> ensemble() {
    return USUAL;
  }

  /**
   * An ensemble.
   *
   * @param learnt ranges that replace the usual ones
   * @param members how many, 1 and more
   */
  public static List<Sample> ensemble(Map<Unknown, Range> learnt, int members, long seed) {
    List<Map<Unknown, Double>> values = new ArrayList<>();
    List<Integer> ranks = new ArrayList<>();
    for (int i = 0; i < members; i++) {
      values.add(new EnumMap<>(Unknown.class));
      ranks.add(i);
    }
    for (Unknown unknown : Unknown.values()) {
      Range range = learnt.getOrDefault(unknown, unknown.range());
      Collections.sort(ranks);
      // One sequence for each unknown: a further unknown leaves the others as they are.
      Collections.shuffle(ranks, new Random(seed + unknown.name().hashCode()));
      for (int i = 0; i < members; i++) {
        values.get(i).put(unknown, range.at((ranks.get(i) + HALF) / members));
      }
    }
    return values.stream().map(Sample::new).toList();
  }

  /** What it takes an unknown to be. */
  public double get(Unknown of) {
    return Objects.requireNonNull(values.get(of));
  }

  /** The same with one of them otherwise. */
  public Sample with(Unknown which, double value) {
    Map<Unknown, Double> changed = new EnumMap<>(values);
    changed.put(which, value);
    return new Sample(changed);
  }
}
