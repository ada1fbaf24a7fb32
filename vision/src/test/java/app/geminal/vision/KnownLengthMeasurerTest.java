package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import app.geminal.validation.InvalidValue;
import java.awt.image.BufferedImage;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class KnownLengthMeasurerTest {
  private static final int BARS = Integer.getInteger("geminal.bars", 12);
  private static final int WIDE_PX = Integer.getInteger("geminal.bars.px", 2000);

  /** What came of one bar: the piece that is most like it, since the card is a piece too. */
  private record Measured(PaintedBar bar, MeasuredBars found) {
    static Measured byTheRule(long seed) {
      return of(seed, bar -> new KnownLength.BetweenMarks(bar.rule(), PaintedBar.RULE_MM));
    }

    /** Bar or card, whichever is the larger. */
    static Measured byALength(long seed) {
      GaugeCard card = GaugeCard.POCKET;
      double cardMm2 = card.widthMm() * card.heightMm();
      return of(
          seed,
          bar -> {
            double mm = bar.longMm() * bar.shortMm() > cardMm2 ? bar.longMm() : card.widthMm();
            return new KnownLength.OfLargestPiece(true, mm);
          });
    }

    private static Measured of(long seed, Function<PaintedBar, KnownLength> known) {
      PaintedBar bar = PaintedBar.of(seed, WIDE_PX, PaintedPhotograph.Hardness.USUAL);
      Photograph photograph = Photograph.of(bar.picture()).through(bar.focalShare());
      return new Measured(bar, KnownLengthMeasurer.of(photograph, known.apply(bar)));
    }

    boolean isFound() {
      return piece().longMm() > 0;
    }

    MeasuredPiece piece() {
      return found.pieces().stream()
          .min(Comparator.comparingDouble(p -> off(p)))
          .orElse(new MeasuredPiece(0, 0, 0, 0, 0, 0, 0, List.of()));
    }

    private double off(MeasuredPiece piece) {
      return Math.abs(piece.longMm() / bar.longMm() - 1)
          + Math.abs(piece.shortMm() / bar.shortMm() - 1);
    }

    boolean isNear() {
      return isFound()
          && Math.abs(piece().longMm() / bar.longMm() - 1) < 0.015
          && Math.abs(piece().shortMm() / bar.shortMm() - 1) < 0.015;
    }

    boolean isLengthCovered() {
      return isFound() && Math.abs(piece().longMm() - bar.longMm()) <= piece().longErrorMm();
    }

    boolean isWidthNear() {
      return isFound() && Math.abs(piece().shortMm() / bar.shortMm() - 1) < 0.015;
    }

    boolean isWidthCovered() {
      return isFound() && Math.abs(piece().shortMm() - bar.shortMm()) <= piece().shortErrorMm();
    }
  }

  @Test
  void barsBesideARuleAreMeasuredFromTwoTaps() {
    List<Measured> all = IntStream.range(0, BARS).parallel().mapToObj(Measured::byTheRule).toList();
    long found = count(all, Measured::isFound);
    long near = count(all, Measured::isNear);
    long covered = count(all, Measured::isLengthCovered);
    String measured =
        "found " + found + ", within 1.5 % " + near + ", length in its range " + covered;
    System.out.println("measured: two taps, " + measured + " of " + BARS);
    assertThat(near).as(measured).isGreaterThanOrEqualTo(Math.round(0.75 * BARS));
    assertThat(covered).as(measured).isGreaterThanOrEqualTo(Math.round(0.75 * found));
  }

  @Test
  void ofAPieceWhoseLengthIsKnownTheWidthIsMeasured() {
    List<Measured> all = IntStream.range(0, BARS).parallel().mapToObj(Measured::byALength).toList();
    long near = count(all, Measured::isWidthNear);
    long covered = count(all, Measured::isWidthCovered);
    String measured = "width within 1.5 % " + near + ", in its range " + covered;
    System.out.println("measured: length known, " + measured + " of " + BARS);
    assertThat(near).as(measured).isGreaterThanOrEqualTo(Math.round(0.75 * BARS));
    assertThat(covered).as(measured).isGreaterThanOrEqualTo(Math.round(0.75 * BARS));
  }

  @Test
  void withoutAPieceNothingHasAKnownSide() {
    Photograph empty = Photograph.of(new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB));
    MeasuredBars none = KnownLengthMeasurer.of(empty, new KnownLength.OfLargestPiece(false, 38));
    assertThat(none.pieces()).isEmpty();
    assertThat(none.refused()).isPresent();
  }

  private static long count(List<Measured> all, Predicate<Measured> is) {
    return all.stream().filter(is).count();
  }

  @Test
  void marksOnOnePlaceAreRefused() {
    PaintedBar bar = PaintedBar.of(1, 600, PaintedPhotograph.Hardness.USUAL);
    Photograph photograph = Photograph.of(bar.picture());
    assertThatExceptionOfType(InvalidValue.class)
        .isThrownBy(() ->
            KnownLengthMeasurer.of(
                photograph, new KnownLength.BetweenMarks(new Line(100, 100, 110, 100), 150)));
  }
}
