package app.geminal.operation;

/**
 * A step that makes hollows in the broad faces and levels them, which brings up the layers below.
 */
public interface Hollowed {
  /** How deep each is, mm. */
  double depthMm();

  /** How much of a height the hollows of all faces take, mm. */
  double deepMm();

  /** The same hollows to another depth, levelled until they are just gone. */
  Operation withDepthMm(double newDepthMm);
}
