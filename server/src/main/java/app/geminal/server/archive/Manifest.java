package app.geminal.server.archive;

import java.time.Instant;
import java.util.List;

/**
 * What is in an archive.
 *
 * @param format always {@value #FORMAT}
 * @param version of the archive's own layout
 * @param schema of the tables: the number of the last migration
 * @param files all others in the archive
 */
record Manifest(String format, int version, String schema, Instant madeAt, List<Item> files) {
  static final String FORMAT = "geminal-shop";
  static final int VERSION = 1;
  static final String NAME = "manifest.json";

  /**
   * One file.
   *
   * @param rows lines in it, 1 for a photograph
   * @param sha256 of its bytes, small hexadecimal digits
   */
  record Item(String name, long rows, String sha256) {}
}
