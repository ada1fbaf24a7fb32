package app.geminal.weldmap;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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
    List<Double> heights = course.getLast().joints();
    List<Joint> joints = new ArrayList<>();
    for (int joint = 0; joint < heights.size(); joint++) {
      joints.add(joint(members, joint, heights.get(joint), grid));
    }
    long whole = members.stream().filter(Joints::isSound).count();
    return new WeldMap(
        grid, whole / (double) members.size() * Math.pow(CLEAN_JOINT, joints.size()), joints);
  }

  private static Joint joint(List<Joints> members, int joint, double height, PatchGrid grid) {
    List<Patch> patches = new ArrayList<>();
    for (int patch = 0; patch < grid.patches(); patch++) {
      patches.add(patch(members, joint, patch, grid));
    }
    long sound = members.stream().filter(m -> m.isSound(joint)).count();
    return new Joint(height, CLEAN_JOINT * sound / members.size(), patches);
  }

  static Patch patch(List<Joints> members, int joint, int patch, PatchGrid grid) {
    Map<BondCause, Integer> causes = new EnumMap<>(BondCause.class);
    double bonded = 0;
    double[] heat = new double[members.size()];
    double[] reduction = new double[members.size()];
    double[] oxide = new double[members.size()];
    for (int m = 0; m < members.size(); m++) {
      PatchBond member = members.get(m).at(joint, patch);
      heat[m] = member.heatMarginC();
      reduction[m] = member.reductionMargin();
      oxide[m] = member.oxideMarginUm();
      bonded += member.bonded();
      BondCause cause = member.cause();
      if (cause != null) {
        causes.merge(cause, 1, Integer::sum);
      }
    }
    return new Patch(
        patch / grid.across(),
        patch % grid.across(),
        bonded / members.size(),
        median(heat),
        median(reduction),
        median(oxide),
        causes.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey));
  }

  private static double median(double[] of) {
    Arrays.sort(of);
    int middle = of.length / 2;
    return of.length % 2 == 1 ? of[middle] : (of[middle - 1] + of[middle]) / 2;
  }

  /** The joint with the least chance, the lowest of equals; empty where there is none. */
  public Optional<Joint> weakest() {
    return joints.stream().min(Comparator.comparingDouble(Joint::chance));
  }
}
