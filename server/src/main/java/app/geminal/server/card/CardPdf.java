package app.geminal.server.card;

import app.geminal.library.picture.XmlText;
import app.geminal.server.text.RequestLanguage;
import app.geminal.text.Message;
import app.geminal.units.Text;
import app.geminal.units.Units;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.web.util.HtmlUtils;

/** A card as one A4 page, PDF: large figures, black on white. */
final class CardPdf {
  private static final int QR_PX = 480;

  /** Tried one after the other until all of it fits on one page. */
  private static final double[] SIZES_PT = {16, 14.5, 13, 12, 11, 10, 9, 8, 7, 6, 5};

  /** What the base fonts of a PDF can write of what the core says; the rest is near enough. */
  private static final Map<String, String> PLAIN =
      Map.of("≥", ">=", "≤", "<=", "→", "->", "−", "-", "\u2009", " ", "\u202f", " ");

  private CardPdf() {}

  /** The page, set as large as fits. */
  static byte[] of(Card card) throws IOException {
    String code = qr(card.link());
    byte[] page = new byte[0];
    for (double pt : SIZES_PT) {
      page = set(html(card, pt, code));
      try (PDDocument pdf = Loader.loadPDF(page)) {
        if (pdf.getNumberOfPages() == 1) {
          break;
        }
      }
    }
    return page;
  }

  private static byte[] set(String html) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.withProducer("Geminal");
    builder.withHtmlContent(html, null);
    builder.toStream(bytes);
    builder.run();
    return bytes.toByteArray();
  }

  private static String html(Card card, double pt, String code) {
    return Text.of(
        """
        <html><head><title>%s</title><style>
        @page { size: A4; margin: 11mm 12mm; }
        body { font-family: Helvetica, sans-serif; font-size: %.1fpt; color: #000; }
        h1 { font-size: 24pt; margin: 0; }
        h2 { font-size: 1.05em; margin: 3.2mm 0 1mm 0; border-bottom: 0.6pt solid #000; }
        p, ul { margin: 0.6mm 0; }
        ul { padding-left: 4mm; }
        table { width: 100%%; border-collapse: collapse; }
        td, th { text-align: left; vertical-align: top; padding: 0.7mm 2mm 0.7mm 0; }
        th { font-size: 0.8em; font-weight: normal; }
        tr.row td { border-bottom: 0.3pt solid #999; }
        .big { font-size: 1.2em; font-weight: bold; white-space: nowrap; }
        .count { font-size: 30pt; font-weight: bold; }
        .qr { width: 27mm; height: 27mm; }
        .right { text-align: right; padding-right: 0; }
        </style></head><body>
        <table><tr>
          <td><h1>%s</h1><p>%s</p></td>
          <td class="right" style="width: 58mm"><span class="count">%s</span> %s
            <br/>%s<br/>%s</td>
          <td class="right" style="width: 29mm"><img class="qr" src="data:image/png;base64,%s"/>
            <br/>%s</td>
        </tr></table>
        <h2>%s</h2><p style="font-size: 1.2em">%s</p>
        <h2>%s</h2>
        <table><tr><th>%s</th><th>%s</th><th>%s</th>
          <th>%s</th></tr>%s</table>
        %s%s
        <h2>%s</h2><ul>%s</ul>
        </body></html>
        """,
        text(card.name()),
        pt,
        text(card.name()),
        text(card.purpose()),
        text(card.counts().visible()),
        said(CardText.VISIBLE_LAYERS),
        text(said(CardText.NOMINAL.with("layers", card.counts().shop()))),
        text(card.counts().bar()),
        code,
        said(CardText.START_SESSION),
        said(CardText.CUT_LIST),
        card.cutList().stream().map(CardPdf::text).collect(Collectors.joining("<br/>")),
        said(CardText.RUN),
        said(CardText.STEP),
        said(CardText.AFTER),
        said(CardText.LAYERS),
        said(CardText.STOPS),
        card.rows().stream().map(CardPdf::row).collect(Collectors.joining()),
        heats(card.heats()),
        flaws(card.flaws()),
        said(CardText.SAFETY),
        card.cautions().stream()
            .map(c -> "<li>" + text(c) + "</li>")
            .collect(Collectors.joining()));
  }

  private static String row(Card.Row row) {
    return Text.of(
        "<tr class=\"row\"><td>%s</td><td class=\"big\">%s</td><td class=\"big\">%s</td><td>%s</td></tr>",
        text(row.what()), text(row.after()), text(row.layers()), text(row.stops()));
  }

  private static String heats(List<Card.Heat> heats) {
    if (heats.isEmpty()) {
      return "";
    }
    return "<h2>"
        + said(CardText.HEATS)
        + "</h2><table>"
        + heats.stream()
            .map(h ->
                Text.of(
                    "<tr class=\"row\"><td>%s</td><td class=\"big\">%s</td><td>%s</td><td>%s</td><td>%s</td></tr>",
                    text(h.title()),
                    text(h.aim()),
                    text(h.window()),
                    text(said(CardText.SOAKED.with("soak", h.soak()))),
                    text(h.protection())))
            .collect(Collectors.joining())
        + "</table>";
  }

  private static String flaws(List<String> flaws) {
    if (flaws.isEmpty()) {
      return "";
    }
    return "<h2>"
        + said(CardText.OPEN_FLAWS)
        + "</h2><ul>"
        + flaws.stream().map(f -> "<li>" + text(f) + "</li>").collect(Collectors.joining())
        + "</ul>";
  }

  private static String said(CardText label) {
    return text(said(label.with()));
  }

  private static String said(Message words) {
    return RequestLanguage.texts().read(words, Units.METRIC);
  }

  private static String text(String said) {
    String plain = XmlText.of(said);
    for (Map.Entry<String, String> sign : PLAIN.entrySet()) {
      plain = plain.replace(sign.getKey(), sign.getValue());
    }
    return HtmlUtils.htmlEscape(plain, "UTF-8");
  }

  private static String qr(String link) throws IOException {
    try {
      BitMatrix dots =
          new QRCodeWriter()
              .encode(link, BarcodeFormat.QR_CODE, QR_PX, QR_PX, Map.of(EncodeHintType.MARGIN, 1));
      BufferedImage image = new BufferedImage(QR_PX, QR_PX, BufferedImage.TYPE_BYTE_BINARY);
      for (int y = 0; y < QR_PX; y++) {
        for (int x = 0; x < QR_PX; x++) {
          image.setRGB(x, y, dots.get(x, y) ? 0 : 0xFFFFFF);
        }
      }
      ByteArrayOutputStream png = new ByteArrayOutputStream();
      ImageIO.write(image, "png", png);
      return Base64.getEncoder().encodeToString(png.toByteArray());
    } catch (WriterException e) {
      throw new IllegalStateException("The link is too long for a QR code.", e);
    }
  }
}
