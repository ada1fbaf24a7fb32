package app.geminal.vision;

import app.geminal.units.Units;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.util.Matrix;

/** Both gauge cards on one page to print at full size, with lines to cut along. */
public final class CardPdf {
  private static final double POINTS_PER_MM = 72 / 25.4;
  private static final double MARGIN_MM = 25;
  private static final double STROKE_MM = 0.15;
  private static final float CUT_MM = 0.1f;
  private static final float LETTERS_MM = 2.6f;

  private final PDPageContentStream page;

  private CardPdf(PDPageContentStream page) {
    this.page = page;
  }

  /** The page, A4; on US Letter it fits too. */
  public static byte[] page() {
    try (PDDocument document = new PDDocument()) {
      PDPage sheet = new PDPage(PDRectangle.A4);
      document.addPage(sheet);
      try (PDPageContentStream stream = new PDPageContentStream(document, sheet)) {
        CardPdf drawn = new CardPdf(stream);
        double top = PDRectangle.A4.getHeight() / POINTS_PER_MM - MARGIN_MM;
        for (GaugeCard card : GaugeCard.values()) {
          drawn.draw(card, top);
          top -= card.heightMm() + MARGIN_MM;
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** From here on all is in mm from the card's bottom left corner. */
  private void draw(GaugeCard card, double topMm) throws IOException {
    page.saveGraphicsState();
    page.transform(
        Matrix.getTranslateInstance(
            (float) (MARGIN_MM * POINTS_PER_MM),
            (float) ((topMm - card.heightMm()) * POINTS_PER_MM)));
    page.transform(Matrix.getScaleInstance((float) POINTS_PER_MM, (float) POINTS_PER_MM));
    page.setLineWidth(CUT_MM);
    page.addRect(0, 0, (float) card.widthMm(), (float) card.heightMm());
    page.stroke();
    double cell = card.squareMm() / GaugeCard.CELLS;
    for (GaugeCard.Square square : card.squares()) {
      for (int row = 0; row < GaugeCard.CELLS; row++) {
        for (int column = 0; column < GaugeCard.CELLS; column++) {
          if (GaugeCard.isBlackCell(square.number(), column, row)) {
            fill(
                square.leftMm() + column * cell,
                card.heightMm() - square.topMm() - (row + 1) * cell,
                cell,
                cell);
          }
        }
      }
    }
    double left = (card.widthMm() - card.rulerMm()) / 2;
    for (int mm = 0; mm <= card.rulerMm(); mm++) {
      fill(left + mm - STROKE_MM / 2, card.heightMm() / 2, STROKE_MM, GaugeCard.strokeMm(mm));
    }
    page.beginText();
    page.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), LETTERS_MM);
    page.newLineAtOffset((float) left, (float) (card.heightMm() / 2 - 3.6));
    page.showText(VisionText.RULER_IS.with("mm", (int) card.rulerMm()).read(Units.METRIC));
    page.endText();
    page.restoreGraphicsState();
  }

  private void fill(double x, double y, double wide, double high) throws IOException {
    page.addRect((float) x, (float) y, (float) wide, (float) high);
    page.fill();
  }
}
