package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PhotographTest {
  private static final int WIDTH = 5;
  private static final int HEIGHT = 150;

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void isUprightHoweverTheCameraWasHeld(int orientation) {
    BufferedImage sent = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        int tone = (37 * x + y) % 256;
        sent.setRGB(x, y, tone << 16 | tone << 8 | tone);
      }
    }
    ExifOrientation upright = new ExifOrientation(orientation);
    BufferedImage painted = upright.canvas(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = painted.createGraphics();
    g.drawImage(sent, upright.transform(WIDTH, HEIGHT), null);
    g.dispose();

    Photograph photograph = Photograph.of(sent, upright);

    assertThat(photograph.widthPx()).isEqualTo(painted.getWidth());
    assertThat(photograph.heightPx()).isEqualTo(painted.getHeight());
    for (int y = 0; y < painted.getHeight(); y++) {
      for (int x = 0; x < painted.getWidth(); x++) {
        assertThat(photograph.toneAt(x, y))
            .as("%d, %d", x, y)
            .isEqualTo(painted.getRGB(x, y) & 0xff);
      }
    }
  }
}
