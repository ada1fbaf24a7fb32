package app.geminal.weldmap;

import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Why a joint is likely to be open, from the plan alone: how near each cause was to happening at
 * that place, over everything that is not known. Without a log of the heat it says what is likely,
 * never what was.
 *
 * @param suspects the likeliest first; their weights add up to 1 with those left out
 * @param check what shows which of the two likeliest it is; empty with fewer than two
 */
public record OpenJoint(List<Suspect> suspects, Optional<Message> check) {
  /** Less likely than this is not worth a word. */
  private static final double LEAST = 0.03;

  /** Chance a joint has a flaw of its own that no figure shows. */
  private static final double DIRT = 2 * (1 - WeldMap.CLEAN_JOINT);

  /** Faces that were less clean than they were meant to be, which no log shows. A belief. */
  private static final double NOT_GROUND = 0.002;

  /** The same, or a flame that was leaner, where air can reach them. A belief. */
  private static final double NOT_AS_MEANT = 0.05;

  /** A line that is no open joint; a steel that is not what it is taken for. Beliefs. */
  private static final double DECARB = 0.003;

  private static final double OTHER_STEEL = 0.002;
  private static final double NO_COMMON_HEAT = 0.2;

  /** Copies the list. */
  public OpenJoint {
    suspects = List.copyOf(suspects);
  }

  /**
   * One cause.
   *
   * @param weight its share, 0 to 1
   * @param evidence what in the plan speaks for it
   */
  public record Suspect(FailureCause cause, double weight, Message evidence) {}

  /**
   * Where it is open, as far as that is known.
   *
   * @param joint from below, from 1; null for any
   * @param along from one end, in parts of the length; null for anywhere
   * @param across from one edge, in parts of the width; null for anywhere
   */
  public record Place(@Nullable Integer joint, @Nullable Double along, @Nullable Double across) {
    /** Not known. */
    public static final Place ANYWHERE = new Place(null, null, null);

    private boolean holds(int atJoint, int patch, PatchGrid grid) {
      return (joint == null || joint == atJoint + 1)
          && (along == null || index(along, grid.along()) == patch / grid.across())
          && (across == null || index(across, grid.across()) == patch % grid.across());
    }

    private static int index(double part, int of) {
      return (int) Math.clamp(Math.floor(part * of), 0, of - 1);
    }
  }

  /**
   * Ranks the causes.
   *
   * @param course the welds of the joint, in the order they were made
   * @param ensemble ways everything unknown may be
   * @param commonHeat whether its steels have a common welding heat
   */
  static OpenJoint of(
      List<WeldSetup> course, List<Sample> ensemble, Place place, boolean commonHeat) {
    PatchGrid grid = PatchGrid.USUAL;
    List<Joints> members =
        ensemble.parallelStream().map(s -> JointCourse.of(course, s, grid).joints()).toList();
    return of(
        members, Weights.even(members.size()), course.getLast(), place, commonHeat, List.of());
  }

  /**
   * Ranks the causes by how the joints have come out.
   *
   * @param members one or more, of the same joints
   * @param counts how much each counts
   * @param setup the weld they were last in
   * @param commonHeat whether its steels have a common welding heat
   * @param afterS seconds from the fire to each squeeze of the last heat as they were logged; none
   *     where only the plan is known
   */
  public static OpenJoint of(
      List<Joints> members,
      Weights counts,
      WeldSetup setup,
      Place place,
      boolean commonHeat,
      List<Double> afterS) {
    PatchGrid grid = members.getFirst().grid();
    Map<FailureCause, Double> weights = new EnumMap<>(FailureCause.class);
    List<WeldMap.Patch> places = new ArrayList<>();
    for (int joint = 0; joint < setup.joints().size(); joint++) {
      for (int patch = 0; patch < grid.patches(); patch++) {
        if (place.holds(joint, patch, grid)) {
          places.add(WeldMap.patch(members, counts, joint, patch));
          // Open anywhere means open at its worst place: a mean would thin out a cold end.
          near(members, counts, joint, patch)
              .forEach((cause, weight) -> weights.merge(cause, weight, Math::max));
        }
      }
    }
    weights.put(FailureCause.DIRT, DIRT);
    boolean isSealed = setup.faces().protection() == AtmosphereProtection.SEALED;
    weights.merge(FailureCause.OXIDE, isSealed ? NOT_GROUND : NOT_AS_MEANT, Double::sum);
    weights.put(FailureCause.DECARB, DECARB);
    weights.put(FailureCause.PAIR, commonHeat ? OTHER_STEEL : NO_COMMON_HEAT);
    // A flaw may be on a joint that this weld has not: then what is believed of any joint is left.
    WeldMap.Patch weakest =
        places.stream()
            .min(WeldMap.Patch.WEAKEST_FIRST)
            .orElseGet(() -> WeldMap.patch(members, counts, 0, 0));
    List<Suspect> suspects = suspects(weights, weakest, setup, commonHeat, afterS);
    return new OpenJoint(suspects, check(suspects));
  }

  /** How near each cause was to keeping a place open, 0 to 1. */
  private static Map<FailureCause, Double> near(
      List<Joints> members, Weights counts, int joint, int patch) {
    Map<FailureCause, Double> weights = new EnumMap<>(FailureCause.class);
    for (int m = 0; m < counts.members(); m++) {
      Joints member = members.get(m);
      double counted = counts.of(m);
      member
          .at(joint, patch)
          .nearness(member.rules())
          .forEach((cause, near) -> weights.merge(cause(cause), counted * near, Double::sum));
    }
    return weights;
  }

  private static FailureCause cause(BondCause cause) {
    return switch (cause) {
      case HEAT -> FailureCause.HEAT;
      case PRESSURE -> FailureCause.PRESSURE;
      case OXIDE -> FailureCause.OXIDE;
      case INCLUSION -> FailureCause.INCLUSION;
      case REOPENED -> FailureCause.REOPENED;
    };
  }

  private static List<Suspect> suspects(
      Map<FailureCause, Double> weights,
      WeldMap.Patch at,
      WeldSetup setup,
      boolean commonHeat,
      List<Double> afterS) {
    double sum = weights.values().stream().mapToDouble(w -> w).sum();
    Map<String, Object> figures = WeldMapWords.figures(at, setup, PatchGrid.USUAL);
    figures.put("logged", !afterS.isEmpty());
    if (!afterS.isEmpty() && figures.get("bite") instanceof Integer bite) {
      int squeeze = Math.clamp(bite - 1L, 0, afterS.size() - 1);
      figures.put("after", Quantity.seconds(afterS.get(squeeze)));
    }
    figures.put("commonHeat", commonHeat);
    figures.put("squeeze", WeldMapWords.tenths(setup.squeeze().reduction()));
    figures.put("limit", WeldMapWords.tenths(setup.squeeze().splitReduction()));
    List<Suspect> suspects = new ArrayList<>();
    weights.forEach((cause, weight) -> {
      if (weight / sum >= LEAST) {
        suspects.add(new Suspect(cause, weight / sum, evidence(cause, figures)));
      }
    });
    suspects.sort(Comparator.comparingDouble(Suspect::weight).reversed());
    return suspects;
  }

  private static Message evidence(FailureCause cause, Map<String, Object> figures) {
    Map<String, Object> all = new LinkedHashMap<>(figures);
    all.put("cause", cause);
    return WeldMapText.EVIDENCE.of(all);
  }

  private static Optional<Message> check(List<Suspect> suspects) {
    return suspects.size() < 2
        ? Optional.empty()
        : Optional.of(
            WeldMapText.CHECK.with(
                "first", WeldMapText.LOOKS.with("cause", suspects.get(0).cause()),
                "second", WeldMapText.LOOKS.with("cause", suspects.get(1).cause())));
  }
}
