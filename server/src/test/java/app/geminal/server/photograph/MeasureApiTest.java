package app.geminal.server.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import app.geminal.vision.CardPdf;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

class MeasureApiTest extends ShopTest {
  private static final double PX_PER_MM = 12;
  private static final int PAGE_MM = 170;

  /** The printed page, from which the pocket card was cut, and a bar beside it. */
  private static byte[] barBesideCard(boolean isCardThere) throws IOException {
    try (PDDocument page = Loader.loadPDF(CardPdf.page())) {
      BufferedImage printed = new PDFRenderer(page).renderImage(0, (float) (PX_PER_MM * 25.4 / 72));
      BufferedImage picture =
          new BufferedImage(
              (int) (PAGE_MM * PX_PER_MM), (int) (PAGE_MM * PX_PER_MM), BufferedImage.TYPE_INT_RGB);
      Graphics2D g = picture.createGraphics();
      g.setColor(new Color(190, 160, 120));
      g.fillRect(0, 0, picture.getWidth(), picture.getHeight());
      if (isCardThere) {
        int left = (int) (20 * PX_PER_MM);
        int high = (int) (90 * PX_PER_MM);
        g.drawImage(
            printed.getSubimage(left, 20 * 12, (int) (100 * PX_PER_MM), high - 240), 0, 0, null);
      }
      g.setColor(new Color(70, 72, 76));
      g.fill(
          new Rectangle2D.Double(20 * PX_PER_MM, 110 * PX_PER_MM, 120 * PX_PER_MM, 30 * PX_PER_MM));
      g.dispose();
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      ImageIO.write(picture, "png", bytes);
      return bytes.toByteArray();
    }
  }

  private Answer measure(byte[] picture) {
    return measure(picture, "");
  }

  private Answer measure(byte[] picture, String query) {
    return smith.send(
        "POST",
        "/api/v1/photographs/measure" + query,
        "image/png",
        BodyPublishers.ofByteArray(picture));
  }

  @Test
  void aBarBesideThePrintedCardIsMeasured() throws IOException {
    Answer measured = measure(barBesideCard(true));
    assertThat(measured.status()).as(measured.body()).isEqualTo(200);
    assertThat(measured.<Object>at("$.refused")).as(measured.body()).isNull();
    assertThat(measured.<String>at("$.card")).isEqualTo("POCKET");
    assertThat(measured.number("$.pieces[0].longMm")).isCloseTo(120, within(0.5));
    assertThat(measured.number("$.pieces[0].shortMm")).isCloseTo(30, within(0.3));
    assertThat(measured.<List<Object>>at("$.pieces[0].corners")).hasSize(4);
  }

  @Test
  void withoutACardNothingIsMeasuredAndItSaysWhatToDo() throws IOException {
    Answer measured = measure(barBesideCard(false));
    assertThat(measured.<Object>at("$.refused")).isNotNull();
    assertThat(measured.<List<Object>>at("$.pieces")).isEmpty();
  }

  @Test
  void aBarIsMeasuredFromTwoMarksOfARule() throws IOException {
    byte[] picture = barBesideCard(false);
    // From the bar's own left end to its right one: 120 of 170 mm.
    String rule = "?rule=%s,0.9,%s,0.9&apartMm=120".formatted(20.0 / PAGE_MM, 140.0 / PAGE_MM);
    Answer measured = measure(picture, rule);
    assertThat(measured.status()).as(measured.body()).isEqualTo(200);
    assertThat(measured.<Object>at("$.card")).isNull();
    assertThat(measured.number("$.pieces[0].longMm")).isCloseTo(120, within(0.6));
    assertThat(measured.number("$.pieces[0].shortMm")).isCloseTo(30, within(0.3));
    assertThat(measure(picture, "?rule=0,0,1&apartMm=120").<String>at("$.where"))
        .isEqualTo("/rule");
    assertThat(measure(picture, "?rule=0,0,1,1").<String>at("$.where")).isEqualTo("/apartMm");
  }

  @Test
  void aBarIsMeasuredByOneSideThatIsKnown() throws IOException {
    byte[] picture = barBesideCard(false);
    Answer measured = measure(picture, "?side=LONGER&sideMm=120");
    assertThat(measured.status()).as(measured.body()).isEqualTo(200);
    assertThat(measured.number("$.pieces[0].longMm")).isCloseTo(120, within(0.01));
    assertThat(measured.number("$.pieces[0].shortMm")).isCloseTo(30, within(0.3));
    Answer byWidth = measure(picture, "?side=SHORTER&sideMm=30");
    assertThat(byWidth.number("$.pieces[0].longMm")).isCloseTo(120, within(1.2));
    assertThat(measure(picture, "?side=LONGER").<String>at("$.where")).isEqualTo("/sideMm");
    assertThat(measure(picture, "?side=MIDDLE&sideMm=3").status()).isEqualTo(400);
  }

  @Test
  void theCardIsThereToPrint() {
    assertThat(smith.get("/api/v1/gauge-card.pdf").body()).startsWith("%PDF");
  }
}
