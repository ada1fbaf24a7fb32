package app.geminal.server.stored;

import app.geminal.text.Message;

/**
 * A stored row that this release cannot read. It stays as it is, and is tried again each time.
 *
 * @param kind which kind of row
 * @param id its number
 * @param what what it is, as far as that can be read: a billet's and step's name, a steel's name
 * @param why why it cannot be read, in a sentence
 */
public record Unreadable(Kind kind, long id, String what, Message why) {
  /** Kinds of rows, by where they are shown. */
  public enum Kind {
    /** A weld in the Book. */
    WELD,
    /** An inspection, repair or measurement in the Book. */
    ENTRY,
    /** One of the shop's own steels. */
    STEEL,
    /** A session at the forge. */
    SESSION
  }
}
