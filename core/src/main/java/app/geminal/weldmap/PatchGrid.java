package app.geminal.weldmap;

import app.geminal.validation.Require;

/**
 * How finely each joint is cut up, and time.
 *
 * @param along patches over the length
 * @param across patches over the width
 * @param stepS longest step of time, s
 */
public record PatchGrid(int along, int across, double stepS) {
  /** What a plan is shown with: 8 by 4, steps of 4 s. */
  public static final PatchGrid USUAL = new PatchGrid(8, 4, 4);

  /** Checks every field. */
  public PatchGrid {
    Require.count("along", along, 1, 100);
    Require.count("across", across, 1, 100);
    Require.number("stepS", stepS, 0.1, 60);
  }

  /** Patches of one joint. */
  public int patches() {
    return along * across;
  }

  /** The middle of a patch along the length, 0 to 1. */
  double alongAt(int patch) {
    int at = patch / across;
    return (at + 0.5) / along;
  }

  /** The middle of a patch across the width, 0 to 1. */
  double acrossAt(int patch) {
    int at = patch % across;
    return (at + 0.5) / across;
  }

  /** Whether a patch is at a long edge. */
  boolean isAtSide(int patch) {
    int at = patch % across;
    return at == 0 || at == across - 1;
  }

  /** Whether a patch reaches an edge or an end. */
  boolean isAtEdge(int patch) {
    int at = patch / across;
    return isAtSide(patch) || at == 0 || at == along - 1;
  }
}
