package app.geminal.finding;

import java.util.Optional;

/**
 * One thing found. Sentences may hold measure marks.
 *
 * @param id the check's name, stable
 * @param strength how much it weighs
 * @param hazard whether people can be hurt; shown first
 * @param stage index into the Run's stages: 0 is the stack
 * @param what the finding in a few words
 * @param why value, limit and reason
 * @param mend what to do
 * @param remedy the same as an edit of the step, where one exists
 */
public record Finding(
    String id,
    Strength strength,
    boolean hazard,
    int stage,
    String what,
    String why,
    String mend,
    Optional<Remedy> remedy) {}
