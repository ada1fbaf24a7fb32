package app.geminal.following;

/** A look at the bar that takes a second. */
public enum Look {
  /** At its end: whether a dark shadow is across it. */
  SHADOW,
  /** At its color. */
  COLOR,
  /** At the flux on it. */
  FLUX
}
