package app.geminal.vision;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * A bar beside a gauge card, photographed.
 *
 * @param longMm its length
 * @param shortMm its width
 */
record PaintedBar(
    BufferedImage picture, double longMm, double shortMm, Line rule, double focalShare) {
  /** Two marks of a rule beside the bar, as far from each other as that. */
  static final double RULE_MM = 150;

  private static final double SCENE_WIDE_MM = 220;
  private static final double SCENE_HIGH_MM = 140;
  private static final double IN_VIEW_MM = Math.hypot(SCENE_WIDE_MM, SCENE_HIGH_MM) * 1.15;
  private static final int RIM_PX = 120;

  /**
   * By a seed.
   *
   * @param widePx of the picture, some 300 mm
   */
  static PaintedBar of(long seed, int widePx, PaintedPhotograph.Hardness how) {
    Random random = new Random(seed);
    double length = 60 + 140 * random.nextDouble();
    double width = 12 + 45 * random.nextDouble();
    double angle = Math.toRadians(16 * (random.nextDouble() - 0.5));
    double mx = SCENE_WIDE_MM / 2 + 10 * (random.nextDouble() - 0.5);
    double my = 98 + 6 * (random.nextDouble() - 0.5);
    double tone = 50 + 150 * random.nextDouble();
    // Steel is laid on something darker or brighter.
    double apart = 40 + 80 * random.nextDouble();
    double ground = tone > 125 ? tone - apart : tone + apart;
    double scale = 12 * random.nextDouble();
    double waves = 0.1 + 0.4 * random.nextDouble();
    double cardAngle = Math.toRadians(10 * (random.nextDouble() - 0.5));
    double cardX = 5 + 100 * random.nextDouble();
    double cardY = 6 * random.nextDouble();
    GaugeCard card = GaugeCard.POCKET;
    List<GaugeCard.Mark> marks = card.marks().reversed();
    PaintedPhotograph.Flat flat =
        (x, y) -> {
          double u = (x - cardX) * Math.cos(cardAngle) + (y - cardY) * Math.sin(cardAngle);
          double v = (y - cardY) * Math.cos(cardAngle) - (x - cardX) * Math.sin(cardAngle);
          if (u >= 0 && v >= 0 && u <= card.widthMm() && v <= card.heightMm()) {
            return CardPainter.isBlack(marks, u, v) ? 28 : 225;
          }
          double a = (x - mx) * Math.cos(angle) + (y - my) * Math.sin(angle);
          double b = (y - my) * Math.cos(angle) - (x - mx) * Math.sin(angle);
          return Math.abs(a) <= length / 2 && Math.abs(b) <= width / 2
              ? tone + scale * Math.sin(waves * a + 3 * Math.sin(waves * b))
              : Double.NaN;
        };
    double pxPerMm = (widePx - RIM_PX) / IN_VIEW_MM;
    PaintedPhotograph photograph =
        new PaintedPhotograph(seed + 1, flat, SCENE_WIDE_MM, SCENE_HIGH_MM, pxPerMm, how);
    double[] first = photograph.onPicture(30, 136);
    double[] last = photograph.onPicture(30 + RULE_MM, 136);
    double tap = widePx / 2000.0;
    Line rule =
        new Line(
            first[0] + tap * random.nextGaussian(),
            first[1] + tap * random.nextGaussian(),
            last[0] + tap * random.nextGaussian(),
            last[1] + tap * random.nextGaussian());
    return new PaintedBar(
        photograph.painted(how, OptionalDouble.of(Math.max(15, ground))),
        length,
        width,
        rule,
        photograph.focalShare());
  }
}
