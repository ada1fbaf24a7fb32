package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.validation.InvalidValue;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Files that are no photographs, or were made to hurt, are refused in words and leave nothing. */
class HostilePicturesTest {
  private static final int FILES = 200;

  private static byte[] picture(String format) throws IOException {
    BufferedImage picture = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(4);
    for (int i = 0; i < 300 * 200; i++) {
      picture.setRGB(i % 300, i / 300, random.nextInt(0x1000000));
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(picture, format, bytes);
    return bytes.toByteArray();
  }

  /** Bytes changed, cut out, doubled or cut off, by a seed. */
  private static byte[] broken(byte[] whole, long seed) {
    Random random = new Random(seed);
    byte[] broken = whole.clone();
    switch (random.nextInt(4)) {
      case 0 -> {
        for (int i = 1 + random.nextInt(40); i > 0; i--) {
          broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
        }
      }
      case 1 -> broken = Arrays.copyOf(broken, random.nextInt(broken.length));
      case 2 -> {
        int from = random.nextInt(broken.length);
        int count = Math.min(broken.length - from, random.nextInt(2000));
        System.arraycopy(broken, 0, broken, from, count);
      }
      default -> Arrays.fill(broken, random.nextInt(60), 60 + random.nextInt(500), (byte) 0xff);
    }
    return broken;
  }

  @Test
  void brokenFilesAreReadOrRefusedAndNothingElse() throws IOException {
    byte[][] whole = {picture("jpeg"), picture("png")};
    int refused = 0;
    for (int i = 0; i < FILES; i++) {
      try {
        Photograph read = Photograph.read(broken(whole[i % 2], i));
        assertThat(read.widthPx()).isPositive();
      } catch (InvalidValue why) {
        refused++;
      }
    }
    assertThat(refused).isGreaterThan(FILES / 3);
  }

  /** A header that promises forty thousand pixels a side, and nothing behind it. */
  @Test
  void aPictureTooLargeIsRefusedBeforeItIsUnpacked() {
    byte[] header = ByteBuffer.allocate(13).putInt(40_000).putInt(40_000).put((byte) 8).array();
    ByteBuffer png = ByteBuffer.allocate(33);
    png.put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
    byte[] type = "IHDR".getBytes(StandardCharsets.US_ASCII);
    CRC32 check = new CRC32();
    check.update(type);
    check.update(header);
    png.putInt(13).put(type).put(header).putInt((int) check.getValue());
    assertThatThrownBy(() -> Photograph.read(png.array())).isInstanceOf(InvalidValue.class);
  }

  @Test
  void whatIsNoPictureIsRefused() {
    for (String text : new String[] {"", "GIF89a", "<svg/>", "%PDF-1.7", "13 layers"}) {
      assertThatThrownBy(() -> Photograph.read(text.getBytes(StandardCharsets.UTF_8)))
          .isInstanceOf(InvalidValue.class);
    }
  }
}
