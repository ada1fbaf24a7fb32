package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/**
 * Small pictures as they were when they were last looked at, each with a figure that says what is
 * right about it. UPDATE_PICTURES=1 writes them again, to be looked at again.
 */
class GoldenPicturesTest {
  private static final Path PICTURES = Path.of("src/test/resources/pictures");
  private static final String RANDOM =
      "12 (D 2.5, B 2.5) 24 x 240 > set 3 > draw 30 x 8 > trim 5, 5 > cut 3 > restack same > set 3";

  private static Picture seen(String name, SectionView sight) throws IOException {
    return seen(name, sight, Pane.whole(sight, 160));
  }

  private static Picture seen(String name, SectionView sight, Pane pane) throws IOException {
    Picture picture = Painter.paint(sight, pane, TestViews.TONES);
    Path file = PICTURES.resolve(name + ".png");
    if (System.getenv("UPDATE_PICTURES") != null) {
      Files.createDirectories(PICTURES);
      BufferedImage image =
          new BufferedImage(picture.widthPx(), picture.heightPx(), BufferedImage.TYPE_INT_ARGB);
      image.setRGB(
          0, 0, picture.widthPx(), picture.heightPx(), picture.argb(), 0, picture.widthPx());
      ImageIO.write(image, "png", file.toFile());
    }
    BufferedImage golden = Objects.requireNonNull(ImageIO.read(file.toFile()), name);
    assertThat(golden.getWidth()).isEqualTo(picture.widthPx());
    assertThat(golden.getHeight()).isEqualTo(picture.heightPx());
    double off = 0;
    for (int row = 0; row < picture.heightPx(); row++) {
      for (int column = 0; column < picture.widthPx(); column++) {
        off += Math.abs(green(golden.getRGB(column, row)) - green(picture.at(column, row)));
      }
    }
    assertThat(off / picture.argb().length).as("mean difference of 255").isLessThan(1.0);
    return picture;
  }

  private static int green(int argb) {
    return argb >> 8 & 0xFF;
  }

  private static SectionView face(Field field, double depth) {
    return SectionView.of(field, new View.Face(false, depth), 0);
  }

  @Test
  void ladder() throws IOException {
    Run run = TestViews.run(RANDOM + " > draw 24 x 12 > ladder pitch 20, width 12, depth 4");
    Field field = TestViews.last(run);
    Picture picture = seen("ladder", face(field, 1), new Pane(100, 0, 80, 24, 160, 48));
    // Flattening lengthens the bar, and the pitch with it. One pitch further it is the same again;
    // half a pitch is not.
    Bars grooved = run.stages().get(run.stages().size() - 2).bars();
    double pitch = 2 * 20 * field.bars().lengthMm() / grooved.lengthMm();
    assertThat(likeness(picture, pitch)).isGreaterThan(0.9);
    assertThat(likeness(picture, pitch / 2)).isLessThan(0.3);
  }

  @Test
  void twist() throws IOException {
    Field field = TestViews.last(RANDOM + " > draw 16 x 16 > twist 8");
    Picture picture = seen("twist", face(field, 5), new Pane(100, 0, 80, 16, 160, 32));
    double pitch = 2 * field.bars().lengthMm() / 8;
    assertThat(likeness(picture, pitch)).isGreaterThan(0.9);
    assertThat(likeness(picture, pitch / 2)).isLessThan(0.5);
  }

  @Test
  void tile() throws IOException {
    Field field =
        TestViews.last(RANDOM + " > draw 20 x 20 > resquare 45 > trim 4, 4 > fourway same");
    Picture picture = seen("tile", TestViews.end(field));
    double off = 0;
    for (int row = 0; row < picture.heightPx(); row++) {
      for (int column = 0; column < 80; column++) {
        off += Math.abs(green(picture.at(column, row)) - green(picture.at(159 - column, row)));
      }
    }
    assertThat(off / (80 * picture.heightPx())).isLessThan(6);
  }

  @Test
  void spiral() throws IOException {
    Field field = TestViews.last("(D 1, B 1) 24 x 160 > roll square");
    seen("spiral", TestViews.end(field));
    double width = field.bars().widthMm();
    ScanLine up = ScanLine.of(TestViews.end(field), width / 2, 0, width / 2, width);
    // 160 × 2 mm fill a disc of radius 10.1 mm: five wraps of two layers to each side of the
    // middle, and the scarfed end of another.
    assertThat(up.count()).isBetween(20L, 23L);
  }

  @Test
  void uneven() throws IOException {
    Field field = TestViews.last(RANDOM + " > draw 30 x 8 > uneven 1.5, scale 12, seed 4");
    Picture picture = seen("uneven", face(field, 1), new Pane(20, 0, 72, 30, 160, 67));
    double[] light = {0};
    double share = field.bars().layers().thicknessBySteel().getOrDefault("B", 0.0);
    for (int argb : picture.argb()) {
      light[0] += green(argb) > 130 ? 1 : 0;
    }
    assertThat(light[0] / picture.argb().length)
        .isCloseTo(share / field.bars().section().heightMm(), within(0.12));
  }

  /** Correlation of a picture with itself so many pixels to the right. */
  private static double likeness(Picture picture, double right) {
    int by = (int) Math.round(right);
    int n = 0;
    double sum = 0;
    double both = 0;
    double squares = 0;
    for (int argb : picture.argb()) {
      sum += green(argb);
    }
    double mean = sum / picture.argb().length;
    for (int row = 0; row < picture.heightPx(); row++) {
      for (int column = 0; column + by < picture.widthPx(); column++) {
        double here = green(picture.at(column, row)) - mean;
        both += here * (green(picture.at(column + by, row)) - mean);
        squares += here * here;
        n++;
      }
    }
    assertThat(n).isPositive();
    return both / squares;
  }
}
