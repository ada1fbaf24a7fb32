package app.geminal.library.picture;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.billet.Run;
import app.geminal.library.ShippedSteels;
import app.geminal.notation.Shorthand;
import app.geminal.pattern.Field;
import app.geminal.pattern.Painter;
import app.geminal.pattern.Pane;
import app.geminal.pattern.Picture;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.Tones;
import app.geminal.pattern.View;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.units.UnitSystem;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;

class PictureFilesTest {
  private static final Steels STEELS = ShippedSteels.read();
  private static final ShopDefaults PRACTICE = ShopDefaults.common();

  private static SectionView end(String line) {
    Run run = Run.of(Shorthand.parse(line, UnitSystem.METRIC, PRACTICE), STEELS, PRACTICE);
    Field field = Field.of(run, run.stages().size() - 1);
    return SectionView.of(field, new View.End(field.bars().lengthMm() / 2), 0);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "5 (1075 3, 15N20 2) 30 x 100 | 1075;15N20 | true",
        "5 (1075 3, 15N20 2) 30 x 100 | 1075;15N20 | false",
        "(1018 4, Cu 1, 1095 4) 30 x 100 | 1018;Cu;1095 | true",
        "(1018 4, Cu 1, 1095 4) 30 x 100 > draw 20 x 12 > roll round | 1018;Cu;1095 | false",
      })
  void aPngHasThePixelsAndTheScale(String line, String steels, boolean quick) throws IOException {
    SectionView sight = end(line);
    Pane pane = Pane.whole(sight, 120);
    Picture picture = Painter.paint(sight, pane, Tones.of(List.of(steels.split(";")), STEELS));
    byte[] png = Png.of(picture, pane, quick);
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(png));
    for (int row = 0; row < picture.heightPx(); row++) {
      for (int column = 0; column < picture.widthPx(); column++) {
        assertThat(read.getRGB(column, row)).isEqualTo(picture.at(column, row));
      }
    }
    int physical = new String(png, StandardCharsets.ISO_8859_1).indexOf("pHYs");
    assertThat(ByteBuffer.wrap(png).getInt(physical + 4))
        .isEqualTo((int) Math.round(120 / sight.widthMm() * 1000));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "(1075 3, 15N20 2, 1075 3) 30 x 100",
        "(1075 3, 15N20 2, 1075 3) 30 x 100 > draw 20 x 4 > roll round",
      })
  void anSvgIsInTrueSizeWithAGroupForEachSteel(String line)
      throws IOException, SAXException, ParserConfigurationException {
    SectionView sight = end(line);
    List<String> steels = List.of("1075", "15N20");
    String svg = Svg.of(sight, Pane.whole(sight, 300), steels, Tones.of(steels, STEELS), "A & <B>");
    Document document =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
    Element root = document.getDocumentElement();
    double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
    assertThat(width).isEqualTo(Math.round(sight.widthMm() * 1e4) / 1e4);
    assertThat(root.getAttribute("viewBox"))
        .startsWith("0 0 " + root.getAttribute("width").replace("mm", ""));
    assertThat(document.getElementsByTagName("title").item(0).getTextContent())
        .isEqualTo("A & <B>");
    assertThat(document.getElementsByTagName("g").getLength()).isEqualTo(2);
    boolean flat = !line.contains("roll");
    NodeList rectangles = document.getElementsByTagName("rect");
    assertThat(rectangles.getLength()).isEqualTo(flat ? 3 : 0);
    assertThat(document.getElementsByTagName("path").getLength()).isEqualTo(flat ? 0 : 2);
    if (flat) {
      Element bright = (Element) rectangles.item(2);
      assertThat(bright.getAttribute("y")).isEqualTo("3");
      assertThat(bright.getAttribute("height")).isEqualTo("2");
    }
  }
}
