package app.geminal;

import app.geminal.bar.Bars;
import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.billet.WantedPieces;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Coating;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.layup.Turn;
import app.geminal.measurement.Measurement;
import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Dimples;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.ForgedSurface;
import app.geminal.operation.FourWay;
import app.geminal.operation.Grind;
import app.geminal.operation.Ladder;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.Resquare;
import app.geminal.operation.Restack;
import app.geminal.operation.RollUp;
import app.geminal.operation.Sandwich;
import app.geminal.operation.Scrap;
import app.geminal.operation.SetAside;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.operation.Twist;
import app.geminal.operation.Upset;
import app.geminal.operation.Watch;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Method;
import app.geminal.weld.Tack;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;

/**
 * Plans from a seed: the same seed is always the same plan, and the seed is the test's name, so
 * that a failure can be run again. Seeds are small numbers; higher ones make longer plans.
 */
public final class RandomPlans {
  private static final List<String> STEELS = List.of("D", "B", "M");
  private static final int MOST_STEPS = 30;
  private static final int BENCH_KINDS = 7;
  private static final int ALL_KINDS = 22;
  private static final Bars SOME_BARS =
      Bars.level(1, 38, 150, LayerSequence.band("D", 20), 1, false);

  private final SplittableRandom random;

  private final SplittableRandom ruler;

  private final SplittableRandom other;

  private RandomPlans(long seed) {
    this.random = new SplittableRandom(seed);
    this.ruler = new SplittableRandom(~seed);
    this.other = new SplittableRandom(seed + 1_000_003);
  }

  /** Now and then a bar is measured. */
  private @Nullable Measurement measured() {
    return switch (ruler.nextInt(16)) {
      case 0 -> new Measurement(ruler.nextDouble(10, 60), ruler.nextDouble(5, 40), null, null);
      case 1 -> new Measurement(null, null, ruler.nextDouble(50, 400), ruler.nextDouble(0.2, 4));
      case 2 -> new Measurement(null, 20.5, null, 1.25);
      default -> null;
    };
  }

  /** The seeds the property tests run over. */
  public static LongStream seeds() {
    return LongStream.range(0, 600);
  }

  /** A plan of any kind of step, perhaps with parts; may or may not be possible to the end. */
  public static Plan plan(long seed) {
    return new RandomPlans(seed).whole(1 + (int) (seed % MOST_STEPS), seed % 3 == 0 ? 1 : 0);
  }

  /**
   * A plan that keeps its layers flat: set, draw, trim, grind, cut, restack, fold. Odd seeds work
   * like a smith, round after round, and reach many layers; even ones do anything.
   */
  public static Plan level(long seed) {
    RandomPlans random = new RandomPlans(seed);
    List<Operation> operations = new ArrayList<>();
    int steps = 1 + (int) (seed % MOST_STEPS);
    while (operations.size() < steps) {
      if (seed % 2 == 0) {
        operations.add(random.operation(random.random.nextInt(BENCH_KINDS), List.of()));
      } else {
        operations.addAll(random.round());
      }
    }
    Stack stack = random.stack();
    return Plan.of(seed % 2 == 0 ? stack : stack.withFace(50, 400), operations.subList(0, steps));
  }

  /**
   * A plan worked the usual way that runs through: a stack set and drawn, perhaps cut and put
   * together again, twisted, grooved, laid beside a part.
   */
  public static Plan sizeable(long seed) {
    RandomPlans random = new RandomPlans(seed);
    Stack stack = new Stack(random.pieces(random.random.nextInt(4, 9)), 40, 300);
    Stack solid =
        stack.withPieces(
            stack.pieces().stream().map(p -> new Piece(p.steel(), p.thicknessMm() + 3)).toList());
    List<Operation> operations = new ArrayList<>();
    operations.add(
        new SetWeld(
            2, 0.08, 1180, 10, AtmosphereProtection.DRY, Tack.SIDES, Jacket.BEAD, Tool.FLAT, 0));
    operations.add(new Trim(random.mm(0, 10), random.mm(0, 10), 0));
    if (random.random.nextBoolean()) {
      operations.add(new Draw(30, 8, 2, Tool.ROUND));
      operations.add(new Cut(random.random.nextInt(2, 5), random.mm(0, 2), 0));
      operations.add(
          new Restack(
              random.random.nextBoolean() ? Restack.ALL_SAME : Restack.EVERY_SECOND,
              List.of(),
              random.mm(0, 0.3)));
    }
    switch (random.random.nextInt(5)) {
      case 0 ->
          operations.add(
              new Ladder(12, 6, 1, random.random.nextBoolean(), random.random.nextBoolean(), 0, 1));
      case 1 -> {
        operations.add(new Draw(14, 14, 3, Tool.ROUND));
        operations.add(new Twist(2, 1, Twist.Hand.RIGHT, true, 2));
      }
      case 2 -> operations.add(new Dimples(12, 8, 1, false, 0, 1));
      case 3 -> operations.add(new Fold(random.mm(1, 8), 1));
      default -> operations.add(Sandwich.bothSides(List.of(new Piece("M", 3)), 0.1));
    }
    operations.add(new Draw(random.mm(10, 12), random.mm(4, 8), 3, Tool.ROUND));
    return Plan.of(solid, operations);
  }

  /**
   * Plans with something to be found in them: stacks of any metals as they may be bought, welds at
   * any heat and in any way, and what follows on them.
   */
  public static Plan offered(long seed) {
    RandomPlans random = new RandomPlans(seed);
    SplittableRandom r = random.random;
    List<Operation> operations = new ArrayList<>();
    operations.add(random.anyWeld());
    for (int rounds = r.nextInt(3); rounds > 0; rounds--) {
      operations.add(new Draw(40, random.mm(4, 12), r.nextInt(1, 6), Tool.values()[r.nextInt(4)]));
      if (r.nextBoolean()) {
        operations.add(new Grind(random.mm(0, 0.5), random.mm(0, 0.5)));
      }
      operations.add(random.operation(4, List.of()));
      operations.add(random.operation(5, List.of()));
      operations.add(random.anyWeld());
    }
    if (r.nextInt(3) == 0) {
      operations.add(random.operation(r.nextInt(7, ALL_KINDS), List.of()));
    }
    List<String> metals =
        switch (r.nextInt(6)) {
          case 0, 1 -> List.of("D", "Cu", "M");
          case 2 -> List.of("D", "Iron");
          case 3 -> List.of("D", "Cr", "B");
          default -> List.of("D", "B", "M", "Hot");
        };
    // Cable, chain, and chips in a can are steel and void.
    boolean voids = r.nextInt(5) == 0;
    int count = r.nextInt(2, 12);
    List<Piece> pieces =
        IntStream.range(0, count)
            .mapToObj(i ->
                new Piece(
                    // What is outermost may scale away whole, and copper does not lie there.
                    i == 0 || i == count - 1
                        ? metals.getFirst()
                        : metals.get(r.nextInt(metals.size())),
                    random.mm(0.5, 8),
                    r.nextInt(10) == 0 ? random.mm(36, 44) : 0,
                    0,
                    voids ? r.nextInt(3, 10) / 10.0 : 1,
                    r.nextInt(20) == 0
                        ? Coating.values()[r.nextInt(Coating.values().length)]
                        : Coating.NONE))
            .toList();
    return Plan.of(new Stack(pieces, random.mm(30, 60), random.mm(60, 400)), operations);
  }

  private SetWeld anyWeld() {
    Method method = random.nextInt(4) == 0 ? Method.values()[random.nextInt(3)] : Method.FORGE;
    return new SetWeld(
        random.nextInt(1, 5),
        random.nextInt(0, 40) / 100.0,
        random.nextInt(22) * 25 + 900,
        random.nextInt(0, 60),
        AtmosphereProtection.values()[random.nextInt(4)],
        Tack.values()[random.nextInt(4)],
        Jacket.values()[random.nextInt(3)],
        Tool.values()[random.nextInt(4)],
        random.nextInt(0, 3),
        method);
  }

  private List<Operation> round() {
    List<Operation> round = new ArrayList<>();
    round.add(operation(0, List.of()));
    round.add(new Draw(mm(28, 32), mm(4, 9), random.nextInt(1, 4), Tool.ROUND));
    if (random.nextInt(3) == 0) {
      round.add(operation(3, List.of()));
    }
    if (random.nextInt(4) == 0) {
      round.add(new Fold(mm(0, 10), 2));
    } else {
      round.add(new Cut(random.nextInt(4, 7), mm(0, 2), 0));
      round.add(operation(5, List.of()));
    }
    return round;
  }

  private Plan whole(int steps, int deep) {
    List<Part> parts =
        IntStream.range(0, deep == 0 ? 0 : random.nextInt(1, 3))
            .mapToObj(
                i -> Part.of("part" + (char) ('a' + i), whole(random.nextInt(0, 5), deep - 1)))
            .toList();
    List<String> names = parts.stream().map(Part::name).toList();
    List<Step> done = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      Operation operation = orFurther(operation(random.nextInt(ALL_KINDS), names));
      done.add(new Step("s" + (i + 1), operation, random.nextInt(12) == 0, measured()));
    }
    List<WantedPieces> wanted =
        random.nextInt(4) == 0
            ? List.of(
                new WantedPieces("blade", random.nextInt(1, 4), mm(50, 200), mm(5, 30), mm(2, 8)),
                new WantedPieces("test coupon", 1, mm(20, 50), mm(5, 30), mm(2, 8)))
            : List.of();
    return new Plan(stack(), done, parts, wanted);
  }

  /** A stack of 1 to 20 pieces. */
  private Stack stack() {
    return new Stack(pieces(random.nextInt(1, 21)), mm(20, 60), mm(80, 400));
  }

  private List<Piece> pieces(int count) {
    return IntStream.range(0, count).mapToObj(_ -> piece()).toList();
  }

  private Piece piece() {
    String steel = STEELS.get(random.nextInt(3));
    return random.nextInt(15) == 0
        ? new Piece(
            steel,
            mm(0.5, 5),
            mm(20, 60),
            random.nextBoolean() ? mm(80, 400) : 0,
            random.nextInt(50, 100) / 100.0)
        : new Piece(steel, mm(0.5, 5));
  }

  private List<Laid> laid(List<String> parts, int most) {
    List<Laid> laid = new ArrayList<>();
    int count = random.nextInt(0, most + 1);
    for (int i = 0; i < count; i++) {
      boolean part = !parts.isEmpty() && random.nextInt(3) == 0;
      laid.add(
          part
              ? new PartBar(
                  parts.get(random.nextInt(parts.size())), turn(), pieces(random.nextInt(0, 2)))
              : piece());
    }
    return laid;
  }

  private Turn turn() {
    return Turn.values()[random.nextInt(4)];
  }

  private List<Turn> turns() {
    return switch (random.nextInt(4)) {
      case 0, 1 -> Restack.ALL_SAME;
      case 2 -> Restack.EVERY_SECOND;
      default -> IntStream.range(0, random.nextInt(1, 4)).mapToObj(_ -> turn()).toList();
    };
  }

  /**
   * Now and then a step of a kind that {@link #operation} does not make, as it is first guessed: a
   * new kind is in these plans without a word about it here.
   */
  private Operation orFurther(Operation usual) {
    List<OperationKind<?>> further = OperationKinds.further();
    return further.isEmpty() || other.nextInt(12) != 0
        ? usual
        : further.get(other.nextInt(further.size())).guess(SOME_BARS, ShopDefaults.common());
  }

  private Operation operation(int kind, List<String> parts) {
    return switch (kind) {
      case 0 ->
          new SetWeld(
              random.nextInt(1, 5),
              random.nextInt(0, 20) / 100.0,
              random.nextInt(1000, 1300),
              random.nextInt(0, 30),
              AtmosphereProtection.values()[random.nextInt(4)],
              Tack.values()[random.nextInt(4)],
              Jacket.values()[random.nextInt(3)],
              Tool.values()[random.nextInt(4)],
              random.nextInt(0, 3));
      case 1 ->
          new Draw(mm(10, 40), mm(4, 30), random.nextInt(1, 6), Tool.values()[random.nextInt(4)]);
      case 2 -> new Trim(mm(0, 10), mm(0, 10), mm(0, 1));
      case 3 -> new Grind(mm(0, 1), mm(0, 1));
      case 4 -> new Cut(random.nextInt(2, 6), mm(0, 3), random.nextInt(4) == 0 ? mm(20, 60) : 0);
      case 5 ->
          new Restack(
              parts.isEmpty() && random.nextBoolean() ? Restack.EVERY_SECOND : List.of(Turn.SAME),
              laid(parts, 2),
              random.nextBoolean() ? 0 : mm(0, 0.4));
      case 6 -> new Fold(mm(0, 20), random.nextInt(1, 3));
      case 7 ->
          new Twist(
              random.nextInt(1, 90) / 10.0,
              random.nextInt(1, 4),
              Twist.Hand.values()[random.nextInt(3)],
              random.nextBoolean(),
              2);
      case 8 -> new Resquare(random.nextInt(1, 91), random.nextBoolean() ? 0 : mm(5, 20), 1);
      case 9 -> new Upset(random.nextInt(0, 60) / 100.0, random.nextBoolean() ? 0 : mm(0, 5), 2);
      case 10 ->
          new RollUp(
              random.nextBoolean(), random.nextBoolean() ? null : new Piece("M", mm(2, 6)), 1);
      case 11 -> new FourWay(turn(), mm(0, 2));
      case 12 -> {
        double pitch = mm(8, 30);
        yield new Ladder(
            pitch, pitch / 2, mm(0.2, 3), random.nextBoolean(), random.nextBoolean(), 0, 2);
      }
      case 13 -> {
        double pitch = mm(8, 30);
        yield new Dimples(pitch, pitch / 2, mm(0.2, 3), random.nextBoolean(), 0, 1);
      }
      case 14 -> new ForgedSurface(mm(0.1, 2), mm(5, 20), random.nextInt(0, 100));
      case 15 -> {
        List<Laid> above = laid(parts, 2);
        yield above.isEmpty()
            ? Sandwich.bothSides(List.of(piece()), 0)
            : new Sandwich(laid(parts, 1), above, random.nextBoolean() ? 0 : mm(0, 0.3));
      }
      case 16 ->
          new LayUp(turns(), laid(parts, 2), laid(parts, 1), pieces(random.nextInt(0, 2)), 0);
      case 17 ->
          random.nextBoolean()
              ? SetAside.bars(random.nextInt(1, 3))
              : SetAside.length(mm(10, 60), mm(0, 2));
      case 18 ->
          new Blade(
              Blade.Profile.values()[random.nextInt(3)],
              mm(60, 150),
              mm(10, 20),
              mm(3, 5),
              mm(0, 1),
              mm(3, 9),
              random.nextInt(0, 50) / 100.0,
              mm(0, 40));
      case 19 -> new Restack(turns(), laid(parts, 2), 0);
      case 20 -> new Scrap(List.of(random.nextInt(1, 3)));
      case 21 -> new Watch();
      default -> operation(kind % BENCH_KINDS, parts);
    };
  }

  /** Mixes metric lengths, 1/64 in fractions and values with many digits. */
  private double mm(double from, double to) {
    double mm = from + (to - from) * random.nextDouble();
    return switch (random.nextInt(3)) {
      case 0 -> Math.max(Math.rint(mm * 10) / 10, 0.1);
      case 1 -> Math.max(Math.rint(mm / 25.4 * 64), 1) * 254 / 640;
      default -> mm;
    };
  }
}
