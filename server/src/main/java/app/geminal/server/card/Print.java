package app.geminal.server.card;

import app.geminal.library.picture.XmlText;
import app.geminal.server.network.QrCode;
import app.geminal.server.text.RequestLanguage;
import app.geminal.text.Message;
import app.geminal.units.Units;
import com.google.zxing.common.BitMatrix;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;
import org.springframework.web.util.HtmlUtils;

/** What printed pages share: setting them, words in them, codes to scan. */
final class Print {
  private static final int QR_PX = 480;

  /** What the base fonts of a PDF can write of what the core says; the rest is near enough. */
  private static final Map<String, String> PLAIN =
      Map.of("≥", ">=", "≤", "<=", "→", "->", "−", "-", "\u2009", " ", "\u202f", " ");

  private Print() {}

  /** The page of this HTML. */
  static byte[] pdf(String html) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.withProducer("Geminal");
    builder.withHtmlContent(html, null);
    builder.toStream(bytes);
    builder.run();
    return bytes.toByteArray();
  }

  /** The words of a label in the reader's language, for HTML. */
  static String said(CardText label) {
    return text(said(label.with()));
  }

  /** The words in the reader's language. */
  static String said(Message words) {
    return RequestLanguage.texts().read(words, Units.METRIC);
  }

  /** Words for HTML, of signs that a PDF can write. */
  static String text(String said) {
    String plain = XmlText.of(said);
    for (Map.Entry<String, String> sign : PLAIN.entrySet()) {
      plain = plain.replace(sign.getKey(), sign.getValue());
    }
    return HtmlUtils.htmlEscape(plain, "UTF-8");
  }

  /** The code of an address: a PNG, Base64. */
  static String qr(String address) throws IOException {
    BitMatrix dots = QrCode.dots(address, QR_PX, 1);
    BufferedImage image = new BufferedImage(QR_PX, QR_PX, BufferedImage.TYPE_BYTE_BINARY);
    for (int y = 0; y < QR_PX; y++) {
      for (int x = 0; x < QR_PX; x++) {
        image.setRGB(x, y, dots.get(x, y) ? 0 : 0xFFFFFF);
      }
    }
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(image, "png", png);
    return Base64.getEncoder().encodeToString(png.toByteArray());
  }
}
