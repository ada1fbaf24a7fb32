package app.geminal.pattern;

/** Where a chain of steps ends: in flat layers, or at a joint beyond which several bars lie. */
sealed interface End permits FlatLayers, Block, Roll {
  /** Follows the point to the layers it lies in. */
  void land(Point p);
}
