package app.geminal.review;

import app.geminal.text.Message;

/**
 * One thing the log of a heat shows.
 *
 * @param kind stable name
 * @param well whether it went as it should
 * @param heat which heat, from 1
 * @param atS second of the session it speaks about
 * @param what in a few words
 * @param why figure and limit
 */
public record ReviewNote(Kind kind, boolean well, int heat, double atS, Message what, Message why) {
  /** What is looked at. */
  public enum Kind {
    /** Core and skin when it left the fire. */
    PULLED,
    /** Seconds from the fire to the dies. */
    WAITED,
    /** How hot the skin got. */
    HEAT,
    /** How far the dies went. */
    SQUEEZED,
    /** How hot the seams were when flux went on. */
    FLUXED,
    /** A fuel-soaked stack that came out before it was at heat. */
    SEAMS,
    /** Steps passed over. */
    LEFT_OUT
  }
}
