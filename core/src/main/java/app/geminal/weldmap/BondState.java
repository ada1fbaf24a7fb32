package app.geminal.weldmap;

/** What has become of one patch of a joint. */
public enum BondState {
  /** The faces do not touch, or have come apart again. */
  OPEN,
  /** They touch and are not bonded: heat, reduction or cleanliness was short. Can still be set. */
  STUCK,
  /** Welded. */
  BONDED,
  /** Slag is locked in. It does not come out again. */
  INCLUSION
}
