package app.geminal.weldmap;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * What is expected of one weld, joint by joint and patch by patch: shares of an ensemble of {@value
 * Sample#MEMBERS} ways everything unknown may be. Nothing in it is known closer than that.
 *
 * @param grid how finely the joints are cut up
 * @param chance that every joint is sound, 0 to 1
 * @param joints from below
 */
public record WeldMap(PatchGrid grid, double chance, List<Joint> joints) {
  /**
   * That one joint has no flaw of its own on a face: a speck of grit, a finger mark. A stated
   * belief for faces that are ground and clean, 998 in 1000.
   */
  public static final double CLEAN_JOINT = 0.998;

  private static final double HALF = 0.5;
  private static final double ROUNDING = 1e-9;

  /** Copies the list. */
  public WeldMap {
    joints = List.copyOf(joints);
  }

  /**
   * One joint.
   *
   * @param height over the underside in parts of the height
   * @param chance that it is sound: 95 in 100 of it bonded, nothing open that reaches an edge
   * @param patches along by along, across within
   */
  public record Joint(double height, double chance, List<Patch> patches) {
    /** Copies the list. */
    public Joint {
      patches = List.copyOf(patches);
    }

    /** The patch with the least chance, of equals the one that is shortest of anything. */
    public Patch weakest() {
      return Collections.min(patches, Patch.WEAKEST_FIRST);
    }
  }

  /**
   * One patch. Margins are medians of the ensemble, above 0 where there is enough.
   *
   * @param along which along, from 0
   * @param across which across, from 0
   * @param chance of a place in it to be bonded, 0 to 1
   * @param heatC heat over the floor when the dies were on it, K
   * @param reduction over the least that sets a joint, fraction
   * @param oxideUm what the squeeze would still have broken up, µm of both faces
   * @param cause why most of those fail that do; empty where none does
   */
  public record Patch(
      int along,
      int across,
      double chance,
      double heatC,
      double reduction,
      double oxideUm,
      Optional<BondCause> cause) {
    static final Comparator<Patch> WEAKEST_FIRST =
        Comparator.comparingDouble(Patch::chance)
            .thenComparingDouble(p -> PatchBond.leastMargin(p.heatC(), p.reduction(), p.oxideUm()));
  }

  /** The map after the last of several welds, as plans are shown with it. */
  public static WeldMap of(List<WeldSetup> course) {
    return of(course, Sample.ensemble(), PatchGrid.USUAL);
  }

  /**
   * The map after the last of several welds of the same joints; the samples are worked out on all
   * cores.
   *
   * @param course one weld at least, in the order they are made
   */
  public static WeldMap of(List<WeldSetup> course, List<Sample> ensemble, PatchGrid grid) {
    List<Joints> members =
        ensemble.parallelStream().map(s -> JointCourse.of(course, s, grid).joints()).toList();
    return of(members, even(members.size()));
  }

  private static double[] even(int members) {
    double[] each = new double[members];
    Arrays.fill(each, 1.0 / members);
    return each;
  }

  /**
   * The map of joints as they have come out.
   *
   * @param members one or more, of the same joints
   * @param weights how much each counts; their sum is 1
   */
  public static WeldMap of(List<Joints> members, double[] weights) {
    List<Double> heights = members.getFirst().heights();
    PatchGrid grid = members.getFirst().grid();
    List<Joint> joints = new ArrayList<>();
    for (int joint = 0; joint < heights.size(); joint++) {
      joints.add(joint(members, weights, joint, heights.get(joint), grid));
    }
    double whole = share(members, weights, Joints::isSound);
    return new WeldMap(grid, whole * Math.pow(CLEAN_JOINT, joints.size()), joints);
  }

  private static double share(List<Joints> members, double[] weights, Predicate<Joints> that) {
    double sum = 0;
    for (int m = 0; m < weights.length; m++) {
      sum += that.test(members.get(m)) ? weights[m] : 0;
    }
    return Math.min(1, sum);
  }

  private static Joint joint(
      List<Joints> members, double[] weights, int joint, double height, PatchGrid grid) {
    List<Patch> patches = new ArrayList<>();
    for (int patch = 0; patch < grid.patches(); patch++) {
      patches.add(patch(members, weights, joint, patch));
    }
    double sound = share(members, weights, m -> m.isSound(joint));
    return new Joint(height, CLEAN_JOINT * sound, patches);
  }

  static Patch patch(List<Joints> members, double[] weights, int joint, int patch) {
    Map<BondCause, Double> causes = new EnumMap<>(BondCause.class);
    double bonded = 0;
    double[] heat = new double[weights.length];
    double[] reduction = new double[weights.length];
    double[] oxide = new double[weights.length];
    for (int m = 0; m < weights.length; m++) {
      PatchBond member = members.get(m).at(joint, patch);
      heat[m] = member.heatMarginC();
      reduction[m] = member.reductionMargin();
      oxide[m] = member.oxideMarginUm();
      bonded += weights[m] * member.bonded();
      BondCause cause = member.cause();
      if (cause != null && weights[m] > 0) {
        causes.merge(cause, weights[m], Double::sum);
      }
    }
    PatchGrid grid = members.getFirst().grid();
    return new Patch(
        patch / grid.across(),
        patch % grid.across(),
        Math.min(1, bonded),
        median(heat, weights),
        median(reduction, weights),
        median(oxide, weights),
        causes.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey));
  }

  /** Half the weight is below it and half above; the middle of two where it falls between them. */
  private static double median(double[] of, double[] weights) {
    Integer[] order = IntStream.range(0, of.length).boxed().toArray(Integer[]::new);
    Arrays.sort(order, Comparator.comparingDouble(i -> of[i]));
    double sum = 0;
    for (int i = 0; i < order.length; i++) {
      sum += weights[order[i]];
      if (Math.abs(sum - HALF) < ROUNDING && i + 1 < order.length) {
        return (of[order[i]] + of[order[i + 1]]) / 2;
      }
      if (sum > HALF) {
        return of[order[i]];
      }
    }
    return of[order[order.length - 1]];
  }

  /** The joint with the least chance, the lowest of equals; empty where there is none. */
  public Optional<Joint> weakest() {
    return joints.stream().min(Comparator.comparingDouble(Joint::chance));
  }
}
