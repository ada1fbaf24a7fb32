package app.geminal.server.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class CountApiTest extends ShopTest {
  private static final int LAYERS = 11;
  private static final int WIDTH = 400;
  private static final int HEIGHT = 300;

  /** Eleven layers from left to right, their faces at 40 and 361 px. */
  private static byte[] etchedEnd() throws IOException {
    BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setColor(new Color(214, 196, 160));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    for (int i = 0; i < LAYERS; i++) {
      g.setColor(i % 2 == 0 ? new Color(60, 60, 64) : new Color(170, 170, 172));
      g.fill(new Rectangle2D.Double(40 + i * 29.2, 60, 29.2, 180));
    }
    g.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(picture, "png", bytes);
    return bytes.toByteArray();
  }

  private Answer count(byte[] picture, String query) {
    return smith.send(
        "POST",
        "/api/v1/photographs/count" + query,
        "image/png",
        BodyPublishers.ofByteArray(picture));
  }

  @Test
  void countsAcrossThePlaceItFindsItself() throws IOException {
    Answer counted = count(etchedEnd(), "");
    assertThat(counted.status()).as(counted.body()).isEqualTo(200);
    assertThat(counted.number("$.count")).isEqualTo(LAYERS);
    assertThat(counted.<Object>at("$.refused")).isNull();
    assertThat(counted.<List<Double>>at("$.boundaries")).hasSize(LAYERS + 1);
  }

  @Test
  void countsAlongALineInSharesOfThePicture() throws IOException {
    Answer counted = count(etchedEnd(), "?line=0.1,0.5,0.9025,0.5");
    assertThat(counted.number("$.count")).as(counted.body()).isEqualTo(LAYERS);
    assertThat(counted.number("$.line.x1")).isEqualTo(0.1);
    List<Number> boundaries = counted.at("$.boundaries");
    for (int i = 0; i <= LAYERS; i++) {
      assertThat(boundaries.get(i).doubleValue()).isCloseTo(i / (double) LAYERS, within(0.01));
    }
  }

  @Test
  void whatIsNoLineIsRefusedWithItsPlace() throws IOException {
    for (String line : List.of("1,2", "0,0,a,1", "0,0,2,0")) {
      Answer refused = count(etchedEnd(), "?line=" + line);
      assertThat(refused.status()).as(line).isEqualTo(422);
      assertThat(refused.body()).doesNotContain("Exception");
    }
    assertThat(count("no picture".getBytes(StandardCharsets.UTF_8), "").status()).isEqualTo(422);
  }
}
