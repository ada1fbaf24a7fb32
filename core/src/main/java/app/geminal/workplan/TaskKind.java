package app.geminal.workplan;

/** A kind of work; how long it takes is learned for each kind. */
public enum TaskKind {
  /** Joint faces are ground and degreased. */
  PREPARE,
  /** A stack is laid, clamped and tacked. */
  STACK,
  /** A stack is welded. */
  WELD,
  /** A bar is drawn or shaped hot. */
  FORGE,
  /** A bar is sawn. */
  SAW,
  /** A bar is ground. */
  GRIND,
  /** A blade is normalized and hardened. */
  HARDEN,
  /** A blade is tempered once. */
  TEMPER,
  /** A blade is etched. */
  ETCH;

  /** Whether the forge is lit for it. */
  public boolean needsFire() {
    return this == WELD || this == FORGE || this == HARDEN;
  }
}
