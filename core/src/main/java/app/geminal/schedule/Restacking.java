package app.geminal.schedule;

/** One restack of a schedule. */
public sealed interface Restacking {
  /** Pieces that are laid on each other again. */
  int pieces();

  /**
   * Cut and stacked.
   *
   * @param pieces how many
   * @param turned whether every second piece is turned over
   * @param insert whether the question's sheet is in every joint
   */
  record Recut(int pieces, boolean turned, boolean insert) implements Restacking {}

  /** Folded once. */
  record Refold() implements Restacking {
    @Override
    public int pieces() {
      return 2;
    }
  }

  /** Cut in two, laid round the question's core; {@code turned} as above. */
  record RoundCore(boolean turned) implements Restacking {
    @Override
    public int pieces() {
      return 2;
    }
  }
}
