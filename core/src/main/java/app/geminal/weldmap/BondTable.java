package app.geminal.weldmap;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.finding.ShopKnowledge;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.SetWeld;
import app.geminal.shop.FacePrep;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.weld.WeldChance;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * What weld maps say of any weld of one shop, two steels and one width, read off a table: maps are
 * made of stacks of some heights, lengths and numbers of pieces, each of {@value #MEMBERS} samples
 * and in steps of 12 s, and between them their log odds are taken to run straight in the logarithms
 * of all three.
 *
 * <p>It is within 0.1 of the map of the plan on average (shown in a test), and further off where
 * the chance falls off fast with height or length: enough to rank schedules by.
 */
public final class BondTable implements WeldChance {
  private static final int MEMBERS = 16;
  private static final long SEED = 20_260_401;
  private static final PatchGrid GRID = new PatchGrid(8, 4, 12);

  /** Stacks of which maps are made: heights, lengths and numbers of pieces. */
  private static final Axis HEIGHT_MM = new Axis(11, 1.8, 5);

  private static final Axis LENGTH_MM = new Axis(70, 2, 4);
  private static final Axis PIECES = new Axis(2, 3.2, 4);
  private static final int CORNERS = 8;
  private static final int MOST_JOINTS = 200;

  /** By the number of joints: where it is among the numbers of pieces, and that all are clean. */
  private static final double[] PIECES_AT =
      IntStream.rangeClosed(0, MOST_JOINTS)
          .mapToDouble(joints -> PIECES.at(joints + 1.0))
          .toArray();

  private static final double[] CLEAN =
      IntStream.rangeClosed(0, MOST_JOINTS)
          .mapToDouble(joints -> Math.pow(WeldMap.CLEAN_JOINT, joints))
          .toArray();

  private final double[] first;
  private final double[] restacked;

  private BondTable(double[] first, double[] restacked) {
    this.first = first;
    this.restacked = restacked;
  }

  /**
   * Makes the maps, on all cores: two to three seconds of two of them.
   *
   * @param laid the steels, as they are laid in turn
   * @param widthMm of the stack
   * @param ensembles samples by how faces are prepared; few, see {@link #usual}
   */
  public static BondTable of(
      Steels steels,
      Shop shop,
      List<String> laid,
      double widthMm,
      Function<FacePrep, List<Sample>> ensembles) {
    Stacks asLaid = new Stacks(steels, shop, laid, widthMm, ensembles);
    double[] first = asLaid.logOdds();
    boolean alike = shop.defaults().faces() == FacePrep.GROUND;
    return new BondTable(first, alike ? first : asLaid.ground().logOdds());
  }

  /** Samples for a shop of which nothing is known but its settings. */
  public static List<Sample> usual() {
    return Sample.ensemble(Map.of(), MEMBERS, SEED);
  }

  /**
   * Values of one quantity at which maps are made.
   *
   * @param least of them
   * @param ratio of each to the one before
   * @param count how many
   * @param perLog steps for every unit of the logarithm
   */
  private record Axis(double least, double ratio, int count, double perLog) {
    Axis(double least, double ratio, int count) {
      this(least, ratio, count, 1 / Math.log(ratio));
    }

    /** Where a value is among them, 0 to {@code count − 1}; beyond the ends it is at the end. */
    double at(double value) {
      return Math.clamp(Math.log(value / least) * perLog, 0, count - 1.0);
    }

    double value(int node) {
      return least * Math.pow(ratio, node);
    }
  }

  /** Stacks of one shop as maps are made of them. */
  private record Stacks(
      Steels steels,
      Shop shop,
      List<String> laid,
      double widthMm,
      Function<FacePrep, List<Sample>> ensembles) {

    /** The same with ground faces, as bars have that are restacked. */
    Stacks ground() {
      Shop other = shop.withDefaults(shop.defaults().withFaces(FacePrep.GROUND));
      return new Stacks(steels, other, laid, widthMm, ensembles);
    }

    /** Of the share of samples in which every joint bonds, half a sample being in doubt. */
    double[] logOdds() {
      List<Sample> samples = ensembles.apply(shop.defaults().faces());
      return IntStream.range(0, HEIGHT_MM.count() * LENGTH_MM.count() * PIECES.count())
          .parallel()
          .mapToDouble(node -> logOdds(node, samples))
          .toArray();
    }

    private double logOdds(int node, List<Sample> samples) {
      double held =
          course(node)
              .map(course ->
                  samples.stream()
                      .filter(s -> JointCourse.of(course, s, GRID).joints().isSound())
                      .count())
              .orElse(0L);
      return Math.log((held + 0.5) / (samples.size() - held + 0.5));
    }

    private Optional<List<WeldSetup>> course(int node) {
      int pieces = (int) Math.round(PIECES.value(node % PIECES.count()));
      int above = node / PIECES.count();
      double lengthMm = LENGTH_MM.value(above % LENGTH_MM.count());
      double heightMm = HEIGHT_MM.value(above / LENGTH_MM.count());
      List<Piece> stack = new ArrayList<>();
      for (int i = 0; i < pieces; i++) {
        stack.add(new Piece(laid.get(i % laid.size()), heightMm / pieces));
      }
      Plan plan =
          new Plan(
              new Stack(stack, widthMm, lengthMm),
              List.of(Step.of("w", SetWeld.of(shop.defaults()))),
              List.of(),
              List.of());
      HeatPlanner heats = new HeatPlanner(steels, shop, ShopKnowledge.nothing(), Map.of());
      return new WeldMapper(steels, shop, heats).course(Run.of(plan, steels, shop.defaults()), "w");
    }
  }

  @Override
  public double of(boolean isRestacked, double heightMm, double lengthMm, int joints) {
    if (joints == 0) {
      return 1;
    }
    double height = HEIGHT_MM.at(heightMm);
    double length = LENGTH_MM.at(lengthMm);
    double pieces = PIECES_AT[Math.min(joints, MOST_JOINTS)];
    double[] logOdds = isRestacked ? restacked : first;
    double sum = 0;
    for (int corner = 0; corner < CORNERS; corner++) {
      double weight =
          part(height, corner & 1) * part(length, corner & 2) * part(pieces, corner & 4);
      if (weight > 0) {
        int row = node(height, corner & 1) * LENGTH_MM.count() + node(length, corner & 2);
        sum += weight * logOdds[row * PIECES.count() + node(pieces, corner & 4)];
      }
    }
    return CLEAN[Math.min(joints, MOST_JOINTS)] / (1 + Math.exp(-sum));
  }

  /** The stack below a place on an axis, or the one above it. */
  private static int node(double at, int up) {
    return (int) at + (up == 0 ? 0 : 1);
  }

  /** How much of it counts there. */
  private static double part(double at, int up) {
    double over = at - (int) at;
    return up == 0 ? 1 - over : over;
  }
}
