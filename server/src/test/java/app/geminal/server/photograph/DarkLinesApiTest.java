package app.geminal.server.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class DarkLinesApiTest extends ShopTest {
  private static final int WIDTH = 600;
  private static final int HEIGHT = 400;

  /** The end after the restack of four bars; the joint at three quarters of its height is open. */
  private static byte[] end(boolean isOpen) throws IOException {
    BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    for (int i = 0; i < 10; i++) {
      g.setColor(i % 2 == 0 ? new Color(70, 70, 72) : new Color(180, 180, 178));
      g.fillRect(0, i * HEIGHT / 10, WIDTH, HEIGHT / 10);
    }
    if (isOpen) {
      g.setColor(new Color(12, 12, 12));
      g.fillRect(0, HEIGHT / 4 - 4, WIDTH / 3, 8);
    }
    g.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(picture, "png", bytes);
    return bytes.toByteArray();
  }

  private Answer find(long id, byte[] picture, String face) {
    return smith.send(
        "POST",
        "/api/v1/billets/%d/dark-lines?step=d&face=%s&corners=0,0,1,0,1,1,0,1".formatted(id, face),
        "image/png",
        BodyPublishers.ofByteArray(picture));
  }

  @Test
  void anOpenJointIsProposedWithItsPlaceInTheBar() throws IOException {
    Answer made =
        smith.post(
            "/api/v1/billets",
            "{\"name\": \"Four bars\", \"purpose\": \"\", \"plan\": %s}".formatted(PLAN));
    long id = (long) made.number("$.id");
    double width = made.number("$.run.stages[4].widthMm");
    Answer found = find(id, end(true), "END");
    assertThat(found.status()).as(found.body()).isEqualTo(200);
    assertThat(found.<List<Object>>at("$")).as(found.body()).hasSize(1);
    assertThat(found.number("$[0].joint")).isEqualTo(3);
    assertThat(found.number("$[0].spot.fromXMm")).isZero();
    assertThat(found.number("$[0].spot.toYMm")).isCloseTo(width / 3, within(1.0));
    assertThat(found.number("$[0].spot.fromZMm")).isEqualTo(found.number("$[0].spot.toZMm"));
    assertThat(find(id, end(false), "END").<List<Object>>at("$")).isEmpty();
    assertThat(find(id, end(true), "UNDERSIDE").status()).isEqualTo(400);
  }
}
