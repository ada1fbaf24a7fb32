package app.geminal.schedule;

import java.util.List;

/**
 * What was looked at.
 *
 * @param calculated schedules calculated to their end
 * @param reaching of these, how many reach the count
 * @param keeping of these, how many keep to every limit
 * @param tooThin how many reach the count and end with less section than the finished bar has
 * @param ruledOut why the others are out, most first
 */
public record Census(
    long calculated, long reaching, long keeping, long tooThin, List<RuledOut> ruledOut) {

  /**
   * Schedules that break one limit.
   *
   * @param limit which
   * @param count how many; one that breaks two limits is counted at both
   * @param alone how many break nothing else
   * @param nearest what the first of these has of it; means nothing where there are none
   */
  public record RuledOut(Limit limit, long count, long alone, double nearest) {}
}
