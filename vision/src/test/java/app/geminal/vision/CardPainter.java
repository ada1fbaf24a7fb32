package app.geminal.vision;

import app.geminal.units.Units;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;

/** Draws gauge cards onto pictures. */
final class CardPainter {
  private static final double STROKE_MM = 0.15;

  private CardPainter() {}

  /** A card as a picture of so many pixels to a mm. */
  static BufferedImage picture(GaugeCard card, int pxPerMm) {
    BufferedImage picture =
        new BufferedImage(
            (int) Math.ceil(card.widthMm() * pxPerMm),
            (int) Math.ceil(card.heightMm() * pxPerMm),
            BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D g = picture.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.scale(pxPerMm, pxPerMm);
    paint(g, card);
    g.dispose();
    return picture;
  }

  /** Onto what is scaled to mm, its top left corner at 0, 0. */
  static void paint(Graphics2D g, GaugeCard card) {
    g.setColor(Color.WHITE);
    g.fill(new Rectangle2D.Double(0, 0, card.widthMm(), card.heightMm()));
    g.setColor(Color.BLACK);
    double cell = card.squareMm() / GaugeCard.CELLS;
    for (GaugeCard.Square square : card.squares()) {
      g.fill(
          new Rectangle2D.Double(
              square.leftMm(), square.topMm(), card.squareMm(), card.squareMm()));
      g.setColor(Color.WHITE);
      for (int row = 0; row < GaugeCard.CELLS; row++) {
        for (int column = 0; column < GaugeCard.CELLS; column++) {
          if (!GaugeCard.isBlackCell(square.number(), column, row)) {
            g.fill(
                new Rectangle2D.Double(
                    square.leftMm() + column * cell, square.topMm() + row * cell, cell, cell));
          }
        }
      }
      g.setColor(Color.BLACK);
    }
    double left = (card.widthMm() - card.rulerMm()) / 2;
    for (int mm = 0; mm <= card.rulerMm(); mm++) {
      double high = GaugeCard.strokeMm(mm);
      g.fill(
          new Rectangle2D.Double(
              left + mm - STROKE_MM / 2, card.heightMm() / 2 - high, STROKE_MM, high));
    }
    g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont(2.6f));
    g.drawString(
        VisionText.RULER_IS.with("mm", (int) card.rulerMm()).read(Units.METRIC),
        (float) left,
        (float) (card.heightMm() / 2 + 3.6));
  }
}
