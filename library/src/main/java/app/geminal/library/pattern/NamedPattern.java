package app.geminal.library.pattern;

import app.geminal.billet.Plan;

/**
 * A pattern every smith has a name for, as a plan to open and change.
 *
 * @param id for links
 * @param name as smiths say it
 * @param about one sentence: what is done and what comes of it
 * @param shows which view shows it best
 * @param plan the billet, lengths in mm
 */
public record NamedPattern(String id, String name, String about, Shows shows, Plan plan) {
  /** The end grain, or a broad face. */
  public enum Shows {
    END,
    FACE
  }
}
