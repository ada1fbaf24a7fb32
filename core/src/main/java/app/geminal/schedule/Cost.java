package app.geminal.schedule;

/**
 * What a schedule costs by each {@link Criterion}; less is better.
 *
 * @param welds set welds
 * @param faces joint faces
 * @param steel 10 g, or −1 mm of finished length where the steel is given
 * @param minutes of work and waiting
 * @param risk thousandths
 * @param distance layers
 */
record Cost(long welds, long faces, long steel, long minutes, long risk, long distance) {

  /** Whether it is no worse in anything and better in something. */
  boolean dominates(Cost that) {
    return welds <= that.welds
        && faces <= that.faces
        && steel <= that.steel
        && minutes <= that.minutes
        && risk <= that.risk
        && distance <= that.distance
        && !equals(that);
  }
}
