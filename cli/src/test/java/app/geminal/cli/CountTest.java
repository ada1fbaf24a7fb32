package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CountTest extends ShellTest {
  @TempDir private Path folder;

  /** Eleven layers, 12 px each, on a bench: 200 wide, from row 60. */
  private Path eleven() throws IOException {
    BufferedImage picture = new BufferedImage(320, 260, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setColor(new Color(120, 110, 100));
    g.fillRect(0, 0, 320, 260);
    for (int i = 0; i < 11; i++) {
      g.setColor(i % 2 == 0 ? new Color(60, 60, 60) : new Color(200, 200, 196));
      g.fillRect(60, 60 + 12 * i, 200, 12);
    }
    g.dispose();
    Path file = folder.resolve("end.png");
    ImageIO.write(picture, "png", file.toFile());
    return file;
  }

  @Test
  void layersAlongALineWithTheirPlaces() throws IOException {
    String file = eleven().toString();
    assertThat(run("count", file, "--line", "160,60,160,192", "--json")).as("%s", err).isZero();
    JsonNode count = JsonMapper.builder().build().readTree(out.toString());
    assertThat(count.path("count").intValue()).isEqualTo(11);
    assertThat(count.path("low").intValue()).isEqualTo(11);
    assertThat(count.path("high").intValue()).isEqualTo(11);
    assertThat(count.path("refused").isNull()).isTrue();
    for (int i = 0; i < 11; i++) {
      JsonNode layer = count.path("layers").path(i);
      assertThat(layer.path("fromPx").doubleValue()).isCloseTo(12 * i, within(0.6));
      assertThat(layer.path("toPx").doubleValue()).isCloseTo(12 * (i + 1), within(0.6));
    }
  }

  @Test
  void withoutALineItFindsOneAcrossTheLayers() throws IOException {
    assertThat(run("count", eleven().toString())).as("%s", err).isZero();
    assertThat(out.toString()).startsWith("11 layers, ");
  }

  @Test
  void aPictureWithoutLayersIsRefusedWithItsReason() throws IOException {
    Path file = folder.resolve("bench.png");
    ImageIO.write(new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
    assertThat(run("count", file.toString(), "--json")).isEqualTo(Geminal.NO);
    assertThat(out.toString()).contains("\"count\" : 0", "No layers are found");
  }

  @ParameterizedTest
  @ValueSource(strings = {"1,2,3", "a,b,c,d", "1,2,3,4,5", "0,0,5000,5000", "10,10,12,12"})
  void aLineThatIsNoneIsRefused(String line) throws IOException {
    assertThat(run("count", eleven().toString(), "--line", line)).isEqualTo(Geminal.UNREADABLE);
    assertThat(err.toString()).startsWith("geminal: ");
  }

  @Test
  void whatIsNoPictureIsRefused() throws IOException {
    Path file = folder.resolve("notes.txt");
    Files.writeString(file, "13 layers");
    assertThat(run("count", file.toString())).isEqualTo(Geminal.UNREADABLE);
    assertThat(run("count", folder.resolve("none.jpg").toString())).isEqualTo(Geminal.UNREADABLE);
    assertThat(err.toString()).contains("JPEG or PNG", "cannot be read");
  }
}
