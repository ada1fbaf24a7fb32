package app.geminal.server.network;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/**
 * A QR code to draw.
 *
 * @param dots along a side, its margin included
 * @param path of an SVG of that size, one dot to a unit
 */
record QrCode(int dots, String path) {
  static QrCode of(String text) {
    try {
      BitMatrix code =
          new QRCodeWriter()
              .encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 2));
      StringBuilder path = new StringBuilder();
      for (int y = 0; y < code.getHeight(); y++) {
        for (int x = 0; x < code.getWidth(); x++) {
          if (code.get(x, y)) {
            path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
          }
        }
      }
      return new QrCode(code.getWidth(), path.toString());
    } catch (WriterException e) {
      throw new IllegalStateException("The address is too long for a QR code.", e);
    }
  }
}
