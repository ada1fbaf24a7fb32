package app.geminal.library.picture;

import app.geminal.pattern.Pane;
import app.geminal.pattern.Picture;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Optional;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOInvalidTreeException;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** A picture as PNG, its scale in the file: pixels per metre, which image programs read as dpi. */
public final class Png {
  private static final int MOST_COLOURS = 256;
  private static final String FORMAT = "javax_imageio_png_1.0";

  private Png() {}

  /**
   * The file.
   *
   * @param pane the part of the view it shows, for the scale
   * @param quick whether it is for the screen and gone in a moment: larger, and sooner there
   */
  public static byte[] of(Picture picture, Pane pane, boolean quick) {
    BufferedImage image = indexed(picture).orElseGet(() -> coloured(picture));
    ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream(1 << 18);
    try (ImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
      writer.setOutput(out);
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(quick ? 0.9f : 0.3f);
      IIOMetadata data = writer.getDefaultImageMetadata(new ImageTypeSpecifier(image), param);
      data.mergeTree(FORMAT, scale(picture, pane));
      writer.write(null, new IIOImage(image, null, data), param);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  private static IIOMetadataNode scale(Picture picture, Pane pane) throws IIOInvalidTreeException {
    IIOMetadataNode physical = new IIOMetadataNode("pHYs");
    physical.setAttribute("pixelsPerUnitXAxis", perMetre(picture.widthPx(), pane.widthMm()));
    physical.setAttribute("pixelsPerUnitYAxis", perMetre(picture.heightPx(), pane.heightMm()));
    physical.setAttribute("unitSpecifier", "meter");
    IIOMetadataNode root = new IIOMetadataNode(FORMAT);
    root.appendChild(physical);
    return root;
  }

  private static String perMetre(int pixels, double mm) {
    return Long.toString(Math.round(pixels / mm * 1000));
  }

  private static BufferedImage coloured(Picture picture) {
    int width = picture.widthPx();
    int height = picture.heightPx();
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    image.setRGB(0, 0, width, height, picture.argb(), 0, width);
    return image;
  }

  /** One byte a pixel where there are few enough colours, as there are in every grey picture. */
  private static Optional<BufferedImage> indexed(Picture picture) {
    Colours colours = new Colours();
    byte[] index = new byte[picture.argb().length];
    for (int i = 0; i < index.length; i++) {
      int at = colours.indexOf(picture.argb()[i]);
      if (at >= MOST_COLOURS) {
        return Optional.empty();
      }
      index[i] = (byte) at;
    }
    IndexColorModel model =
        new IndexColorModel(8, colours.count, colours.argb, 0, true, -1, DataBuffer.TYPE_BYTE);
    BufferedImage image =
        new BufferedImage(
            picture.widthPx(), picture.heightPx(), BufferedImage.TYPE_BYTE_INDEXED, model);
    image.getRaster().setDataElements(0, 0, picture.widthPx(), picture.heightPx(), index);
    return Optional.of(image);
  }

  /** Numbers colours as they come; open addressing, as a million of them are asked for. */
  private static final class Colours {
    private static final int SLOTS = 1024;

    private final int[] keys = new int[SLOTS];
    private final int[] values = new int[SLOTS];
    private final int[] argb = new int[MOST_COLOURS];
    private int count;

    Colours() {
      Arrays.fill(values, -1);
    }

    int indexOf(int colour) {
      int slot = (colour * 0x9E3779B1) >>> 22;
      while (values[slot] >= 0) {
        if (keys[slot] == colour) {
          return values[slot];
        }
        slot = (slot + 1) % SLOTS;
      }
      if (count == MOST_COLOURS) {
        return MOST_COLOURS;
      }
      keys[slot] = colour;
      values[slot] = count;
      argb[count] = colour;
      return count++;
    }
  }
}
