package app.geminal.finder;

import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.Limit;
import app.geminal.schedule.SearchLimits;

/**
 * What a schedule has of everything that is limited.
 *
 * @param tallestMm highest stack or block
 * @param longestMm longest bar
 * @param kg all steel used
 * @param shortestMm shortest piece cut
 * @param outerLayerMm least left of an outer layer at a ground face
 * @param wideMm wider way of the biggest section heated
 * @param highMm narrower way of it
 * @param coarsePercent part of the height that is broad sheets, %
 * @param finestMm its finest layer, those apart that lie at a ground face
 * @param forceKn most force over the narrowest die
 * @param finishedMm length of the finished bar
 */
record LimitFigures(
    double tallestMm,
    double longestMm,
    double kg,
    double shortestMm,
    double outerLayerMm,
    double wideMm,
    double highMm,
    double coarsePercent,
    double finestMm,
    double forceKn,
    double finishedMm) {

  double at(Limit limit) {
    return switch (limit) {
      case TALLEST -> tallestMm;
      case LONGEST -> longestMm;
      case HEAVIEST -> kg;
      case SHORTEST -> shortestMm;
      case OUTER_LAYER -> outerLayerMm;
      case WIDE -> wideMm;
      case HIGH -> highMm;
      case COARSE -> coarsePercent;
      case FINEST -> finestMm;
      case FORCE -> forceKn;
      case LENGTH -> finishedMm;
    };
  }

  /** How far it is over a limit of the question, fraction of it; 0 or less is within. */
  double excess(Limit limit, FinderQuestion question) {
    return limit.excess(at(limit), question.at(limit));
  }

  boolean breaks(Limit limit, FinderQuestion question) {
    double value = at(limit);
    double bound = question.at(limit);
    return limit.isMost() ? value > bound : value < bound;
  }

  boolean satisfies(FinderQuestion question) {
    SearchLimits within = question.within();
    return tallestMm <= within.tallestMm()
        && longestMm <= within.longestMm()
        && kg <= within.heaviestKg()
        && shortestMm >= within.shortestMm()
        && outerLayerMm >= within.outerLayerMm()
        && wideMm <= within.wideMm()
        && highMm <= within.highMm()
        && coarsePercent <= within.coarsePercent()
        && finestMm >= within.finestMm()
        && forceKn <= within.forceKn()
        && finishedMm >= question.finished().lengthMm();
  }
}
