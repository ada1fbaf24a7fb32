package app.geminal.library.picture;

import app.geminal.pattern.Pane;
import app.geminal.pattern.Picture;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.Deflater;

/**
 * A picture as PNG (ISO/IEC 15948), its scale in the file: pixels per metre, which image programs
 * read as dpi. Written here and not by the Java image library because a picture for the screen must
 * be there in a moment, and that one takes four times as long (docs/performance.md).
 */
public final class Png {
  private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
  private static final int BITS = 8;
  private static final int INDEXED = 3;
  private static final int COLOUR_AND_ALPHA = 6;
  private static final int METRE = 1;

  private final DataOutputStream out;
  private final ByteArrayOutputStream bytes = new ByteArrayOutputStream(1 << 17);

  private Png() {
    this.out = new DataOutputStream(bytes);
  }

  /**
   * The file.
   *
   * @param pane the part of the view it shows, for the scale
   * @param quick whether it is for the screen and gone in a moment: larger, and sooner there
   */
  public static byte[] of(Picture picture, Pane pane, boolean quick) {
    try {
      Png png = new Png();
      png.write(picture, pane, quick ? Deflater.BEST_SPEED : Deflater.BEST_COMPRESSION);
      return png.bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void write(Picture picture, Pane pane, int level) throws IOException {
    Palette palette = Palette.of(picture.argb());
    out.write(SIGNATURE);
    Chunk head = new Chunk("IHDR");
    head.out.writeInt(picture.widthPx());
    head.out.writeInt(picture.heightPx());
    head.out.write(BITS);
    head.out.write(palette == null ? COLOUR_AND_ALPHA : INDEXED);
    head.out.write(new byte[3]);
    head.close();
    Chunk physical = new Chunk("pHYs");
    physical.out.writeInt((int) Math.round(picture.widthPx() / pane.widthMm() * 1000));
    physical.out.writeInt((int) Math.round(picture.heightPx() / pane.heightMm() * 1000));
    physical.out.write(METRE);
    physical.close();
    if (palette != null) {
      palette.write(new Chunk("PLTE"), new Chunk("tRNS"));
    }
    Chunk data = new Chunk("IDAT");
    deflate(palette == null ? coloured(picture) : palette.rows(picture), level, data.out);
    data.close();
    new Chunk("IEND").close();
  }

  private static void deflate(byte[] rows, int level, DataOutputStream into) throws IOException {
    Deflater deflater = new Deflater(level);
    try {
      deflater.setInput(rows);
      deflater.finish();
      byte[] part = new byte[1 << 15];
      while (!deflater.finished()) {
        into.write(part, 0, deflater.deflate(part));
      }
    } finally {
      deflater.end();
    }
  }

  /** Each row begins with its filter: none. */
  private static byte[] coloured(Picture picture) {
    int stride = 4 * picture.widthPx() + 1;
    byte[] rows = new byte[stride * picture.heightPx()];
    int at = 0;
    for (int i = 0; i < picture.argb().length; i++) {
      if (i % picture.widthPx() == 0) {
        at++;
      }
      int argb = picture.argb()[i];
      rows[at++] = (byte) (argb >> 16);
      rows[at++] = (byte) (argb >> 8);
      rows[at++] = (byte) argb;
      rows[at++] = (byte) (argb >> 24);
    }
    return rows;
  }

  /** A part of the file: its length, name, data and check sum. */
  final class Chunk {
    private final ByteArrayOutputStream data = new ByteArrayOutputStream();
    final DataOutputStream out = new DataOutputStream(data);
    private final byte[] name;

    Chunk(String name) {
      this.name = name.getBytes(StandardCharsets.US_ASCII);
    }

    void close() throws IOException {
      byte[] all = data.toByteArray();
      CRC32 sum = new CRC32();
      sum.update(name);
      sum.update(all);
      Png.this.out.writeInt(all.length);
      Png.this.out.write(name);
      Png.this.out.write(all);
      Png.this.out.writeInt((int) sum.getValue());
    }
  }
}
