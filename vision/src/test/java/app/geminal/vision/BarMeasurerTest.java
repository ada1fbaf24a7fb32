package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.units.Units;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BarMeasurerTest {
  private static final int BARS = Integer.getInteger("geminal.bars", 12);

  /** Of some 300 mm; the tests of a shop's day are done with 4000. */
  private static final int WIDE_PX = Integer.getInteger("geminal.bars.px", 2000);

  private static final PaintedPhotograph.Hardness GENTLE =
      new PaintedPhotograph.Hardness(12, 0.8, 3, 0);

  /** What came of one bar. */
  private record Measured(PaintedBar bar, MeasuredBars found) {
    boolean isFound() {
      return !found.pieces().isEmpty();
    }

    double widthOff() {
      return Math.abs(found.pieces().getFirst().shortMm() - bar.shortMm());
    }

    boolean isNear() {
      return isFound() && widthOff() <= Math.max(0.3, 0.005 * bar.shortMm());
    }

    boolean isCovered() {
      return isFound() && widthOff() <= found.pieces().getFirst().shortErrorMm();
    }
  }

  private static Measured measured(long seed, PaintedPhotograph.Hardness how) {
    PaintedBar bar = PaintedBar.of(seed, WIDE_PX, how);
    return new Measured(bar, BarMeasurer.of(Photograph.of(bar.picture())));
  }

  @Test
  void barsBesideTheCardAreMeasured() {
    List<Measured> all =
        IntStream.range(0, BARS)
            .parallel()
            .mapToObj(seed -> measured(seed, PaintedPhotograph.Hardness.USUAL))
            .toList();
    double near = share(all, Measured::isNear);
    double covered = share(all, Measured::isCovered);
    System.out.println("measured: width near " + near + ", in its range " + covered);
    assertThat(near).isGreaterThanOrEqualTo(0.8);
    assertThat(covered).isGreaterThanOrEqualTo(0.8);
  }

  @Test
  void aCleanBarIsMeasuredBothWays() {
    Measured clean = measured(3, GENTLE);
    MeasuredPiece piece = clean.found().pieces().getFirst();
    assertThat(clean.found().pieces()).hasSize(1);
    assertThat(clean.found().card()).contains(GaugeCard.POCKET);
    assertThat(Math.abs(piece.longMm() - clean.bar().longMm())).isLessThan(piece.longErrorMm());
    assertThat(clean.isNear()).isTrue();
    assertThat(piece.outOfSquareDeg()).isLessThan(0.5);
    assertThat(piece.bowMm()).isLessThan(0.3);
    assertThat(piece.corners()).hasSize(4);
  }

  @Test
  void withoutACardNothingIsMeasured() {
    BufferedImage bare = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
    MeasuredBars none = BarMeasurer.of(Photograph.of(bare));
    assertThat(none.pieces()).isEmpty();
    assertThat(none.refused().orElseThrow().read(Units.METRIC)).contains("No gauge card");
  }

  @Test
  void aCardAloneHasItsScaleAndNoPiece() {
    int pxPerMm = 8;
    BufferedImage picture = new BufferedImage(1000, 800, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setColor(new Color(120, 120, 120));
    g.fillRect(0, 0, 1000, 800);
    g.translate(150, 180);
    g.scale(pxPerMm, pxPerMm);
    CardPainter.paint(g, GaugeCard.POCKET);
    g.dispose();
    MeasuredBars card = BarMeasurer.of(Photograph.of(picture));
    assertThat(card.card()).contains(GaugeCard.POCKET);
    assertThat(card.pxPerMm()).isBetween(7.97, 8.03);
    assertThat(card.refused().orElseThrow().read(Units.METRIC)).contains("no steel");
  }

  @Test
  void everyCardIsReadAsItself() {
    for (GaugeCard card : GaugeCard.values()) {
      BufferedImage picture = CardPainter.picture(card, 10);
      SeenCard seen = SeenCard.in(Photograph.of(picture)).orElseThrow();
      assertThat(seen.card()).isEqualTo(card);
      assertThat(seen.onCard()).hasSize(16);
      for (int i = 0; i < 16; i++) {
        Spot at = seen.onCard().get(i);
        assertThat(seen.onPicture().get(i).to(new Spot(10 * at.x(), 10 * at.y()))).isLessThan(1.5);
      }
    }
  }

  private static double share(List<Measured> all, Predicate<Measured> which) {
    return all.stream().filter(which).count() / (double) all.size();
  }
}
