package app.geminal.library.picture;

import app.geminal.pattern.Picture;
import java.io.IOException;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** The colours of a picture that has few of them, as every grey one has, numbered as they come. */
final class Palette {
  private static final int MOST = 256;
  private static final int SLOTS = 1024;
  private static final int SLOT_SHIFT = 22;

  private final int[] keys = new int[SLOTS];
  private final int[] numbers = new int[SLOTS];
  private final int[] argb = new int[MOST];
  private final byte[] indices;
  private int count;

  private Palette(int pixels) {
    Arrays.fill(numbers, -1);
    indices = new byte[pixels];
  }

  /** Null where there are more than 256. */
  static @Nullable Palette of(int[] pixels) {
    Palette palette = new Palette(pixels.length);
    int before = pixels[0];
    int number = palette.number(before);
    for (int i = 0; i < pixels.length; i++) {
      if (pixels[i] != before) {
        before = pixels[i];
        number = palette.number(before);
        if (number < 0) {
          return null;
        }
      }
      palette.indices[i] = (byte) number;
    }
    return palette;
  }

  /** Open addressing, as a million pixels ask. */
  private int number(int colour) {
    int slot = (colour * 0x9E3779B1) >>> SLOT_SHIFT;
    while (numbers[slot] >= 0) {
      if (keys[slot] == colour) {
        return numbers[slot];
      }
      slot = (slot + 1) % SLOTS;
    }
    if (count == MOST) {
      return -1;
    }
    keys[slot] = colour;
    numbers[slot] = count;
    argb[count] = colour;
    return count++;
  }

  void write(Png.Chunk colours, Png.Chunk alphas) throws IOException {
    for (int i = 0; i < count; i++) {
      colours.out.write(argb[i] >> 16);
      colours.out.write(argb[i] >> 8);
      colours.out.write(argb[i]);
      alphas.out.write(argb[i] >>> 24);
    }
    colours.close();
    alphas.close();
  }

  /** Each row begins with its filter: none. */
  byte[] rows(Picture picture) {
    int width = picture.widthPx();
    byte[] rows = new byte[(width + 1) * picture.heightPx()];
    for (int row = 0; row < picture.heightPx(); row++) {
      System.arraycopy(indices, row * width, rows, row * (width + 1) + 1, width);
    }
    return rows;
  }
}
