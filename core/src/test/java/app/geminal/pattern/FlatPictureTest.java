package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.RandomPlans;
import app.geminal.billet.Run;
import app.geminal.layers.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a picture of flat bars shows is what the ledger counts. */
class FlatPictureTest {
  private static final int THINNEST_PX = 3;
  private static final int MOST_ROWS = 8000;

  /** Joint by joint more would take minutes. */
  private static final int MOST_FOLLOWED = 20_000;

  static LongStream seeds() {
    return RandomPlans.seeds();
  }

  private static List<Layer> ledger(Run run) {
    return run.last().bars().layers().layers(2000).orElse(List.of());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aLineUpTheBarCrossesTheVisibleCount(long seed) {
    Run run = TestViews.run(RandomPlans.level(seed));
    if (run.last().visibleCount() > 1_000_000) {
      assertThatThrownBy(() -> TestViews.upTheMiddle(TestViews.last(run)))
          .hasMessageContaining("million");
      return;
    }
    crosses(run, TestViews.upTheMiddle(TestViews.last(run)));
    if (run.last().visibleCount() < MOST_FOLLOWED) {
      crosses(run, TestViews.upTheMiddle(TestViews.lastUnlisted(run)));
    }
  }

  private static void crosses(Run run, ScanLine line) {
    assertThat(line.count()).isEqualTo(run.last().visibleCount());
    List<Layer> counted = ledger(run);
    if (line.layers().isEmpty() || counted.isEmpty()) {
      return;
    }
    for (int i = 0; i < counted.size(); i++) {
      assertThat(line.layers().get(i).steel()).isEqualTo(counted.get(i).steel());
      assertThat(line.layers().get(i).thicknessMm())
          .isCloseTo(counted.get(i).thicknessMm(), within(1e-6));
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void transitionsInThePictureAreTheVisibleCount(long seed) {
    Run run = TestViews.run(RandomPlans.level(seed));
    List<Layer> layers = ledger(run);
    double height = run.last().bars().section().heightMm();
    double thinnest = layers.stream().mapToDouble(Layer::thicknessMm).min().orElse(0);
    int rows = (int) Math.ceil(THINNEST_PX * height / Math.max(thinnest, height / 1e6));
    if (rows > MOST_ROWS) {
      return;
    }
    double pixel = height / rows;
    double width = run.last().bars().widthMm();
    Pane pane = new Pane(width / 2, 0, Math.min(3 * pixel, width / 4), height, 3, rows);
    Picture picture = Painter.paint(TestViews.end(TestViews.last(run)), pane, TestViews.TONES);
    List<Integer> edges = edgesFromBelow(picture);
    assertThat(edges).hasSize(layers.size() - 1);
    double at = 0;
    for (int i = 0; i < edges.size(); i++) {
      at += layers.get(i).thicknessMm();
      assertThat(edges.get(i) * pixel).isCloseTo(at, within(1.01 * pixel));
    }
  }

  /** Rows at which one pure tone gives way to another; a row of both tones counts as either. */
  private static List<Integer> edgesFromBelow(Picture picture) {
    List<Integer> edges = new ArrayList<>();
    int rows = picture.heightPx();
    int before = picture.at(1, rows - 1);
    for (int up = 1; up < rows; up++) {
      int now = picture.at(1, rows - 1 - up);
      boolean pure = up + 1 == rows || now == picture.at(1, rows - 2 - up);
      if (now != before && pure) {
        edges.add(up);
        before = now;
      }
    }
    return edges;
  }

  @Test
  void someSeedsHaveManyLayers() {
    long many =
        RandomPlans.seeds()
            .filter(s -> TestViews.run(RandomPlans.level(s)).last().visibleCount() > 500)
            .count();
    assertThat(many).isGreaterThan(20);
  }

  @Test
  void layersFinerThanAPixelBecomeTheirMeanGrey() {
    Field field =
        TestViews.last(
            "7 (D 2, B 2) 40 x 200 > set 3 > draw 40 x 6 > trim 5, 5 > cut 8 > restack same > set 3"
                + " > draw 40 x 6 > trim 5, 5 > cut 8 > restack same > set 3");
    SectionView end = TestViews.end(field);
    Picture picture = Painter.paint(end, Pane.whole(end, 60), TestViews.TONES);
    double dark = TestViews.TONES.light("D", 0);
    double bright = TestViews.TONES.light("B", 0);
    double share = brightShare(field);
    int grey = TestViews.TONES.colour(new double[] {dark + (bright - dark) * share}, 0) >> 8 & 0xFF;
    for (int row = 1; row < picture.heightPx() - 1; row++) {
      assertThat(picture.at(30, row) >> 8 & 0xFF).isCloseTo(grey, within(12));
    }
  }

  private static double brightShare(Field field) {
    var bySteel = field.bars().layers().thicknessBySteel();
    return bySteel.getOrDefault("B", 0.0) / field.bars().section().heightMm();
  }
}
