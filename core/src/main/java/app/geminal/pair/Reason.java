package app.geminal.pair;

import java.util.List;

/**
 * One thing found. Sentences may hold measure marks.
 *
 * @param id the check's name, stable
 * @param weight how much it weighs
 * @param hazard whether people can be hurt
 * @param steels short names of the steels it speaks of
 * @param what in a few words
 * @param why value, limit and reason
 * @param mend what to do
 */
public record Reason(
    String id,
    Weight weight,
    boolean hazard,
    List<String> steels,
    String what,
    String why,
    String mend) {}
