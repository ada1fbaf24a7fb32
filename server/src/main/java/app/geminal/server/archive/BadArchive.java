package app.geminal.server.archive;

import app.geminal.check.BadValue;

/** An archive that cannot be taken in; nothing of it was. */
final class BadArchive {
  private BadArchive() {}

  static BadValue because(String words) {
    return new BadValue("archive", words + " Nothing was taken in.");
  }
}
