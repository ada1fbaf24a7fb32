package app.geminal.pattern;

import app.geminal.geometry.Point;

/**
 * Where a chain of steps ends: in flat layers, at a joint beyond which several bars lie, or at the
 * bars of an earlier stage.
 */
sealed interface End permits FlatLayers, Gathered, Chain, PartBarsUsed, IdentityMap {
  /** Follows the point to the layers it is in; its z is then its height in them. */
  FlatLayers land(Point p);
}
