package app.geminal.schedule;

/**
 * What a schedule costs by each {@link Criterion}; less is better.
 *
 * @param welds set welds
 * @param faces joint faces
 * @param steel 10 g, or −1 mm of finished length where the steel is given
 * @param minutes of work and waiting
 * @param risk that not every weld holds, twentieths: no finer than it is known
 * @param distance layers
 * @param coarse part of the height that is broad sheets, %
 */
public record Cost(
    long welds, long faces, long steel, long minutes, long risk, long distance, long coarse) {

  /**
   * As exactly as it is weighed; finer differences do not make a way worth choosing.
   *
   * @param lengthIsGiven whether steel is reported by the finished length instead of the mass
   * @param chance that all welds hold
   * @param coarsePercent part of the height that is broad sheets
   */
  public static Cost of(
      int welds,
      int faces,
      boolean lengthIsGiven,
      double startKg,
      double finishedMm,
      double minutes,
      double chance,
      long distance,
      double coarsePercent) {
    return new Cost(
        welds,
        faces,
        lengthIsGiven ? -Math.round(finishedMm) : Math.round(startKg * 100),
        Math.round(minutes),
        Math.round((1 - chance) * 20),
        distance,
        Math.round(coarsePercent));
  }

  static Cost of(RankedSchedule way, boolean lengthIsGiven) {
    return of(
        way.effort().welds(),
        way.effort().faces(),
        lengthIsGiven,
        way.startKg(),
        way.extent().finishedMm(),
        way.effort().work().minutes(),
        way.effort().chance(),
        way.layers().distance(),
        way.layers().coarsePercent());
  }

  /** By one criterion. */
  public long at(Criterion criterion) {
    return switch (criterion) {
      case WELDS -> welds;
      case FACES -> faces;
      case STEEL -> steel;
      case TIME -> minutes;
      case RISK -> risk;
      case DISTANCE -> distance;
      case EVEN -> coarse;
    };
  }

  /** Whether it is no worse in anything and better in something. */
  public boolean dominates(Cost that) {
    return welds <= that.welds
        && faces <= that.faces
        && steel <= that.steel
        && minutes <= that.minutes
        && risk <= that.risk
        && distance <= that.distance
        && coarse <= that.coarse
        && !equals(that);
  }
}
