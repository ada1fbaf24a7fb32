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
public record QrCode(int dots, String path) {
  /** No code. */
  public static final QrCode NONE = new QrCode(0, "");

  /** The code of an address. */
  public static QrCode of(String address) {
    BitMatrix code = dots(address, 0, 2);
    StringBuilder path = new StringBuilder();
    for (int y = 0; y < code.getHeight(); y++) {
      for (int x = 0; x < code.getWidth(); x++) {
        if (code.get(x, y)) {
          path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
        }
      }
    }
    return new QrCode(code.getWidth(), path.toString());
  }

  /**
   * The code as dots.
   *
   * @param side so many at least along a side, 0 for as few as it takes
   * @param margin of empty ones around it
   */
  public static BitMatrix dots(String address, int side, int margin) {
    try {
      return new QRCodeWriter()
          .encode(
              address, BarcodeFormat.QR_CODE, side, side, Map.of(EncodeHintType.MARGIN, margin));
    } catch (WriterException e) {
      throw new IllegalStateException("The address is too long for a QR code.", e);
    }
  }
}
