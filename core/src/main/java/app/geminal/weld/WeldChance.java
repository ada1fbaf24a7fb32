package app.geminal.weld;

/** The chance that a weld holds, by what is known of it before it is planned in detail. */
public interface WeldChance {
  /**
   * That all its joints hold, 0 to 1.
   *
   * @param isRestacked whether bars are laid on each other, and not the pieces of the first stack
   * @param heightMm of what is laid, before it is set
   * @param lengthMm of it
   * @param joints it closes
   */
  double of(boolean isRestacked, double heightMm, double lengthMm, int joints);
}
