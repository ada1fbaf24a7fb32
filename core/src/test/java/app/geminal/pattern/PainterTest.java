package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.geometry.Point;
import app.geminal.operation.Blade;
import app.geminal.validation.InvalidValue;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PainterTest {
  private static final String RANDOM =
      "6 (D 2.5, B 2.5) 24 x 240 > set 3 > draw 30 x 6 > trim 5, 5 > cut 6 > restack same > set 3";

  @ParameterizedTest
  @ValueSource(
      strings = {
        RANDOM + " > ladder pitch 12, width 8, depth 3",
        RANDOM + " > draw 12 x 12 > twist 4",
        RANDOM + " > draw 20 x 20 > resquare 45 > trim 4, 4 > fourway same",
        RANDOM + " > uneven 3, scale 12, seed 5",
        "(D 2, B 2) 24 x 200 > roll round",
      })
  void everyPixelIsTheMeanOfWhatIsInIt(String line) {
    Field field = TestViews.last(line);
    SectionView face =
        SectionView.of(field, new View.Face(false, field.bars().section().heightMm() / 5), 0);
    SectionView sight =
        line.contains("roll") || line.contains("fourway") ? TestViews.end(field) : face;
    Pane pane = Pane.whole(sight, 60);
    Picture picture = Painter.paint(sight, pane, TestViews.TONES);
    double sum = 0;
    int far = 0;
    int pixels = 0;
    for (int row = 0; row < pane.heightPx(); row++) {
      for (int column = 0; column < pane.widthPx(); column++) {
        double mean = manyPoints(sight, pane, column, row);
        if (!Double.isNaN(mean)) {
          double off = light(picture.at(column, row)) - mean;
          sum += off * off;
          far += Math.abs(off) > 0.2 ? 1 : 0;
          pixels++;
        }
      }
    }
    // Sixteen random points of black and silver would be off by 0.08.
    assertThat(Math.sqrt(sum / pixels)).isLessThan(0.045);
    assertThat((double) far / pixels).isLessThan(0.004);
  }

  private static double light(int argb) {
    double screen = (argb >> 8 & 0xFF) / 255.0;
    return screen <= 0.04045 ? screen / 12.92 : Math.pow((screen + 0.055) / 1.055, 2.4);
  }

  /** The mean light of 32 × 32 points; NaN at the outline. */
  private static double manyPoints(SectionView sight, Pane pane, int column, int row) {
    Point p = new Point();
    double sum = 0;
    for (int i = 0; i < 1024; i++) {
      double right = pane.atColumn(column + (i % 32 + 0.5) / 32);
      double up = pane.atRow(row + (Math.floorDiv(i, 32) + 0.5) / 32);
      FlatLayers layers = sight.look(right, up, p);
      if (layers == FlatLayers.NOTHING) {
        return Double.NaN;
      }
      sum += TestViews.TONES.light(layers.steel(layers.at(p.z)), 0);
    }
    return sum / 1024;
  }

  @Test
  void theMeanOfAStretchIsExactHoweverManyLayersLieInIt() {
    FlatLayers layers =
        FlatLayers.of(
                TestViews.run(RANDOM + " > draw 30 x 3").last().bars().layers(), FlatLayers.MOST)
            .orElseThrow();
    Blend blend = new Blend(layers, TestViews.TONES);
    SplittableRandom random = new SplittableRandom(1);
    double[] mean = new double[1];
    for (int i = 0; i < 300; i++) {
      double across = random.nextDouble(0, 0.6);
      double along = i % 3 == 0 ? 0 : random.nextDouble(0, 0.6);
      double height = random.nextDouble(0.6, layers.heightMm() - 0.6);
      blend.mean(height, across, along, mean);
      double sum = 0;
      for (int j = 0; j < 160_000; j++) {
        double at =
            height + across * ((j % 400 + 0.5) / 400 - 0.5) + along * ((j / 400 + 0.5) / 400 - 0.5);
        sum += TestViews.TONES.light(layers.steel(layers.at(at)), 0);
      }
      assertThat(mean[0]).isCloseTo(sum / 160_000, within(0.004));
    }
  }

  @Test
  void aPictureNoOneWantsAnyMoreIsLeft() {
    SectionView sight = TestViews.end(TestViews.last(RANDOM));
    AtomicInteger asked = new AtomicInteger();
    Optional<Picture> left =
        Painter.paint(
            sight,
            Pane.whole(sight, 2000),
            TestViews.TONES,
            false,
            () -> asked.incrementAndGet() > 3);
    assertThat(left).isEmpty();
    assertThat(asked.get()).isBetween(4, 40);
  }

  @Test
  void nothingIsPaintedOutsideTheSteel() {
    SectionView sight = TestViews.end(TestViews.last("(D 2, B 2) 24 x 200 > roll round"));
    Picture picture = Painter.paint(sight, Pane.whole(sight, 100), TestViews.TONES);
    assertThat(picture.at(0, 0)).isZero();
    assertThat(picture.at(50, 50) >>> 24).isEqualTo(0xFF);
    double steel = Arrays.stream(picture.argb()).mapToDouble(c -> (c >>> 24) / 255.0).sum();
    assertThat(steel / 10_000).isCloseTo(Math.PI / 4, within(0.002));
  }

  @Test
  void copperIsCopperAndThreeSteelsAreThreeTones() {
    Tones tones = Tones.of(List.of("D", "B", "M", "Cu"), TestSteels.ALL);
    double[] light = new double[3];
    for (int i = 0; i < 3; i++) {
      light[i] = tones.light("Cu", i);
    }
    int copper = tones.colour(light, 0);
    assertThat(copper >> 16 & 0xFF).isGreaterThan((copper & 0xFF) + 80);
    assertThat(TestViews.TONES.light("D", 0)).isLessThan(TestViews.TONES.light("M", 0) - 0.05);
    assertThat(TestViews.TONES.light("M", 0)).isLessThan(TestViews.TONES.light("B", 0) - 0.05);
  }

  @Test
  void reliefRaisesWhatEtchesBright() {
    SectionView sight = TestViews.end(TestViews.last("(D 6, B 6, D 6) 30 x 100"));
    Pane pane = Pane.whole(sight, 100);
    Picture flat = Painter.paint(sight, pane, TestViews.TONES);
    Picture deep = Painter.paint(sight, pane, TestViews.TONES, true, () -> false).orElseThrow();
    int upperEdge = pane.heightPx() / 3;
    int lowerEdge = pane.heightPx() * 2 / 3;
    assertThat(brightest(deep, upperEdge)).isGreaterThan(brightest(flat, upperEdge) + 5);
    assertThat(brightest(deep, lowerEdge)).isLessThanOrEqualTo(brightest(flat, lowerEdge));
    assertThat(deep.at(50, 5)).isEqualTo(flat.at(50, 5));
  }

  private static int brightest(Picture picture, int row) {
    return IntStream.rangeClosed(row - 1, row + 1)
        .map(r -> picture.at(50, r) & 0xFF)
        .max()
        .orElseThrow();
  }

  @Test
  void aBladeIsPaintedInItsOutline() {
    Field bar = TestViews.last(RANDOM + " > draw 30 x 6");
    var blade = new Blade(Blade.Profile.DROP, 120, 24, 5, 0.5, 15, 0.2, 30);
    SectionView sight = SectionView.of(bar, new View.Bevel(blade, 20, 2), 0);
    Picture picture = Painter.paint(sight, Pane.whole(sight, 240), TestViews.TONES);
    assertThat(picture.heightPx()).isEqualTo(48);
    assertThat(picture.at(2, 2)).as("beside the tang").isZero();
    assertThat(picture.at(2, 24)).as("tang").isNotZero();
    assertThat(picture.at(238, 46)).as("below the point").isZero();
    assertThatThrownBy(() -> SectionView.of(bar, new View.Bevel(null, 0, 0), 0))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("not a blade yet");
  }
}
