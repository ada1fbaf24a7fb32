package app.geminal.instrument;

import app.geminal.text.Message;

/** How far an instrument can be believed. */
public enum SensorState {
  /** Nothing heard yet. */
  WAITING,
  /** Believed. */
  GOOD,
  /** No answer. */
  LOST,
  /** The same figure for too long. */
  FROZEN,
  /** Further than it can go in a second. */
  JUMPING,
  /** No forge or press is at that. */
  OUT_OF_RANGE;

  /** In a few words. */
  public Message words() {
    return Message.word(this);
  }
}
