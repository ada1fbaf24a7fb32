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
    for (GaugeCard.Mark mark : card.marks()) {
      page.setNonStrokingColor(mark.isBlack() ? 0f : 1f);
      page.addRect(
          (float) mark.leftMm(),
          (float) (card.heightMm() - mark.topMm() - mark.heightMm()),
          (float) mark.widthMm(),
          (float) mark.heightMm());
      page.fill();
    }
    page.setNonStrokingColor(0f);
    page.beginText();
    page.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), LETTERS_MM);
    page.newLineAtOffset((float) card.rulerLeftMm(), (float) (card.heightMm() / 2 - 3.6));
    page.showText(VisionText.RULER_IS.with("mm", (int) card.rulerMm()).read(Units.METRIC));
    page.endText();
    page.restoreGraphicsState();
  }
}
