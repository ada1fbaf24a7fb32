package app.geminal.compatibility;

import app.geminal.steel.Quench;
import app.geminal.steel.WeldWindow;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The answer.
 *
 * @param grade in a word
 * @param softScore 0 to 100 before anything is taken off; says nothing where there is a stop
 * @param score after a lean edge took its part and uncertain stock its points
 * @param reasons stops first, then conditions, then notes; hazards first among each
 * @param weld heats at which all of them weld, empty where none
 * @param hardening hardening heats of those that must harden, empty where none does
 * @param quench what to quench in: the fiercest any of them needs
 * @param quenchSteps between the mildest and the fiercest
 * @param msApartC between martensite starts, °C
 * @param strainPercent difference in length after the quench, %, ±30 % of it
 * @param toneApart contrast of neighbours, 0 to 1, ±0.15
 * @param meanCarbon mean of the steels that share carbon, mass %; empty where what it comes to is
 *     not estimated, beside stainless and other high alloys
 * @param hardness expected after the temper asked for, where it can be said
 */
public record Verdict(
    Grade grade,
    double softScore,
    double score,
    List<Reason> reasons,
    Optional<WeldWindow> weld,
    Optional<HeatRange> hardening,
    Optional<Quench> quench,
    int quenchSteps,
    double msApartC,
    double strainPercent,
    double toneApart,
    OptionalDouble meanCarbon,
    Optional<HardnessRange> hardness) {
  /** Copies the list. */
  public Verdict {
    reasons = List.copyOf(reasons);
  }

  /** Whether anything of that family was found. */
  public boolean has(String id) {
    return reasons.stream().anyMatch(r -> r.kind().family().equals(id));
  }
}
