package app.geminal.weldmap;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

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

  /** The map after the last of several welds, cut up as plans are shown with it. */
  public static WeldMap of(List<WeldSetup> course, List<Sample> ensemble) {
    return of(course, ensemble, PatchGrid.USUAL);
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
    return of(members, Weights.even(members.size()));
  }

  /**
   * The map of joints as they have come out.
   *
   * @param members one or more, of the same joints
   */
  public static WeldMap of(List<Joints> members, Weights weights) {
    List<Double> heights = members.getFirst().heights();
    PatchGrid grid = members.getFirst().grid();
    List<Joint> joints = new ArrayList<>();
    for (int joint = 0; joint < heights.size(); joint++) {
      joints.add(joint(members, weights, joint, heights.get(joint), grid));
    }
    double whole = share(members, weights, Joints::isSound);
    return new WeldMap(grid, whole * Math.pow(CLEAN_JOINT, joints.size()), joints);
  }

  private static double share(List<Joints> members, Weights weights, Predicate<Joints> that) {
    return Math.min(1, weights.mean(Weights.figures(members, m -> that.test(m) ? 1 : 0)));
  }

  private static Joint joint(
      List<Joints> members, Weights weights, int joint, double height, PatchGrid grid) {
    List<Patch> patches = new ArrayList<>();
    for (int patch = 0; patch < grid.patches(); patch++) {
      patches.add(patch(members, weights, joint, patch));
    }
    double sound = share(members, weights, m -> m.isSound(joint));
    return new Joint(height, CLEAN_JOINT * sound, patches);
  }

  static Patch patch(List<Joints> members, Weights weights, int joint, int patch) {
    List<PatchBond> bonds = members.stream().map(m -> m.at(joint, patch)).toList();
    Map<BondCause, Double> causes = new EnumMap<>(BondCause.class);
    for (int m = 0; m < bonds.size(); m++) {
      BondCause cause = bonds.get(m).cause();
      if (cause != null && weights.of(m) > 0) {
        causes.merge(cause, weights.of(m), Double::sum);
      }
    }
    PatchGrid grid = members.getFirst().grid();
    return new Patch(
        patch / grid.across(),
        patch % grid.across(),
        Math.min(1, weights.mean(Weights.figures(bonds, PatchBond::bonded))),
        median(bonds, weights, PatchBond::heatMarginC),
        median(bonds, weights, PatchBond::reductionMargin),
        median(bonds, weights, PatchBond::oxideMarginUm),
        causes.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey));
  }

  private static double median(
      List<PatchBond> bonds, Weights weights, ToDoubleFunction<PatchBond> figure) {
    return weights.quantiles(Weights.figures(bonds, figure), HALF)[0];
  }

  /** The joint with the least chance, the lowest of equals; empty where there is none. */
  public Optional<Joint> weakest() {
    return joints.stream().min(Comparator.comparingDouble(Joint::chance));
  }
}
