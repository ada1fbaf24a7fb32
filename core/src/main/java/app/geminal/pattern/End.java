package app.geminal.pattern;

/**
 * Where a chain of steps ends: in flat layers, at a joint beyond which several bars lie, or at the
 * bars of an earlier stage.
 */
sealed interface End permits FlatLayers, BarBlock, Roll, IdentityMap {
  /** Follows the point to the layers it is in. */
  void land(Point p);
}
