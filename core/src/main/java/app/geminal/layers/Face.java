package app.geminal.layers;

/** One of the two broad faces of a bar. */
public enum Face {
  BOTTOM,
  TOP;

  Face other() {
    return this == TOP ? BOTTOM : TOP;
  }
}
