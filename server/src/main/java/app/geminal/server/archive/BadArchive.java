package app.geminal.server.archive;

import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;

/** An archive that cannot be taken in; nothing of it was. */
final class BadArchive {
  private BadArchive() {}

  static InvalidValue because(Message words) {
    return new InvalidValue("archive", ArchiveText.NOTHING_WAS_TAKEN.with("words", words));
  }
}
