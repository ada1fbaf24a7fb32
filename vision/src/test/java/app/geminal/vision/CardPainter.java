package app.geminal.vision;

import app.geminal.units.Units;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;

/** Draws gauge cards onto pictures. */
final class CardPainter {

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

  /** Whether the card is black at a place of it, mm: the last mark there says it. */
  static boolean isBlack(List<GaugeCard.Mark> lastFirst, double xMm, double yMm) {
    for (GaugeCard.Mark mark : lastFirst) {
      double x = xMm - mark.leftMm();
      double y = yMm - mark.topMm();
      if (x >= 0 && y >= 0 && x < mark.widthMm() && y < mark.heightMm()) {
        return mark.isBlack();
      }
    }
    return false;
  }

  /** Onto what is scaled to mm, its top left corner at 0, 0. */
  static void paint(Graphics2D g, GaugeCard card) {
    g.setColor(Color.WHITE);
    g.fill(new Rectangle2D.Double(0, 0, card.widthMm(), card.heightMm()));
    for (GaugeCard.Mark mark : card.marks()) {
      g.setColor(mark.isBlack() ? Color.BLACK : Color.WHITE);
      g.fill(new Rectangle2D.Double(mark.leftMm(), mark.topMm(), mark.widthMm(), mark.heightMm()));
    }
    g.setColor(Color.BLACK);
    g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont(2.6f));
    g.drawString(
        VisionText.RULER_IS.with("mm", (int) card.rulerMm()).read(Units.METRIC),
        (float) card.rulerLeftMm(),
        (float) (card.heightMm() / 2 + 3.6));
  }
}
