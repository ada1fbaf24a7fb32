package app.geminal.server.archive;

import app.geminal.validation.InvalidValue;

/** An archive that cannot be taken in; nothing of it was. */
final class BadArchive {
  private BadArchive() {}

  static InvalidValue because(String words) {
    return new InvalidValue("archive", words + " Nothing was taken in.");
  }
}
