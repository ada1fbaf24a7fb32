package app.geminal.server.archive;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Sums of the files in an archive. */
final class Checksums {
  private Checksums() {}

  static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  static String hex(MessageDigest digest) {
    return HexFormat.of().formatHex(digest.digest());
  }
}
