package app.geminal;

import app.geminal.billet.Plan;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Lay;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.weld.OxygenSchool;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/**
 * Plans from a seed: the same seed is always the same plan, and the seed is the test's name, so
 * that a failure can be run again. Seeds are small numbers; higher ones make longer plans.
 */
public final class RandomPlans {
  private static final List<String> STEELS = List.of("D", "B", "M");

  private RandomPlans() {}

  /** The seeds the property tests run over. */
  public static LongStream seeds() {
    return LongStream.range(0, 300);
  }

  /** A plan that may or may not be possible to the end. */
  public static Plan plan(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    int steps = 1 + (int) (seed % 15);
    List<Operation> operations = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      operations.add(operation(random));
    }
    return Plan.of(stack(random), operations);
  }

  /** A stack of 1 to 20 pieces. */
  public static Stack stack(SplittableRandom random) {
    return new Stack(
        pieces(random, random.nextInt(1, 21)), length(random, 20, 60), length(random, 80, 400));
  }

  private static List<Piece> pieces(SplittableRandom random, int count) {
    return IntStream.range(0, count)
        .mapToObj(_ -> new Piece(STEELS.get(random.nextInt(3)), length(random, 0.5, 5)))
        .toList();
  }

  private static Operation operation(SplittableRandom random) {
    return switch (random.nextInt(8)) {
      case 0 ->
          new SetWeld(
              random.nextInt(1, 5),
              random.nextInt(0, 20) / 100.0,
              random.nextInt(1000, 1300),
              random.nextInt(0, 30),
              OxygenSchool.values()[random.nextInt(4)]);
      case 1 -> new Draw(length(random, 10, 40), length(random, 4, 30), random.nextInt(1, 6));
      case 2 -> new Trim(length(random, 0, 10), length(random, 0, 10), length(random, 0, 1));
      case 3 -> new Grind(length(random, 0, 1), length(random, 0, 1));
      case 4, 5 -> new Cut(random.nextInt(2, 6), length(random, 0, 3));
      case 6 ->
          new Restack(
              random.nextBoolean() ? Lay.SAME : Lay.TURNED, pieces(random, random.nextInt(0, 3)));
      default -> new Fold(length(random, 0, 20));
    };
  }

  /** Mixes metric lengths, 1/64 in fractions and values with many digits. */
  private static double length(SplittableRandom random, double from, double to) {
    double mm = from + (to - from) * random.nextDouble();
    return switch (random.nextInt(3)) {
      case 0 -> Math.max(Math.rint(mm * 10) / 10, 0.1);
      case 1 -> Math.max(Math.rint(mm / 25.4 * 64), 1) * 254 / 640;
      default -> mm;
    };
  }
}
