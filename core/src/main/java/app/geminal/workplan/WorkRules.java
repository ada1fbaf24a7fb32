package app.geminal.workplan;

import app.geminal.validation.Require;

/**
 * Rules of a shop that a work plan keeps.
 *
 * @param forgePlaces billets the forge heats at once, 1 to 4
 * @param lightMin from lighting the forge until steel can go in, minutes; 0 to 240
 * @param facesKeep whether ground faces are protected so that they keep overnight
 * @param twoForTwist whether a twist takes two people
 * @param fuelSoakMin how long a stack soaks in fuel before it is welded dry, minutes; 0 to 1440
 */
public record WorkRules(
    int forgePlaces, int lightMin, boolean facesKeep, boolean twoForTwist, int fuelSoakMin) {
  /** Checks every field. */
  public WorkRules {
    Require.count("forgePlaces", forgePlaces, 1, 4);
    Require.count("lightMin", lightMin, 0, 240);
    Require.count("fuelSoakMin", fuelSoakMin, 0, 1440);
  }

  /** Where a shop starts: one place to spare, half an hour until the lining glows. */
  public static WorkRules common() {
    return new WorkRules(2, 30, false, false, 15);
  }
}
