package app.geminal.server.card;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class TagPdfTest {
  private static final String LINK = "https://192.168.7.20:8443/billets/12/bench";

  @Test
  void aTelephoneReadsTheBilletFromIt() throws Exception {
    for (String name : new String[] {"Net needle", "Splicing knife of three tones for the ferry"}) {
      try (PDDocument pdf = Loader.loadPDF(TagPdf.of(12, name, "64", LINK))) {
        assertThat(pdf.getNumberOfPages()).isEqualTo(1);
        assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
            .contains(name, "Billet 12", "64 layers");
        BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, 200);
        assertThat(
                new QRCodeReader()
                    .decode(new BinaryBitmap(new HybridBinarizer(pixels(page))))
                    .getText())
            .isEqualTo(LINK);
      }
    }
  }

  private static RGBLuminanceSource pixels(BufferedImage page) {
    int width = page.getWidth();
    int height = page.getHeight();
    return new RGBLuminanceSource(width, height, page.getRGB(0, 0, width, height, null, 0, width));
  }
}
