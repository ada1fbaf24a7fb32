package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MeasureTest extends ShellTest {
  @TempDir private Path folder;

  @Test
  void aPictureWithoutACardIsRefused() throws IOException {
    Path file = folder.resolve("bench.png");
    ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
    assertThat(run("measure", file.toString(), "--json")).isEqualTo(Geminal.NO);
    assertThat(out.toString()).contains("\"card\"", "No gauge card is seen");
  }

  /** A bright bar of 400 by 80 px on a dark bench. */
  private Path bar() throws IOException {
    BufferedImage picture = new BufferedImage(800, 480, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setColor(new Color(60, 60, 60));
    g.fillRect(0, 0, 800, 480);
    g.setColor(new Color(170, 170, 170));
    g.fillRect(200, 200, 400, 80);
    g.dispose();
    Path file = folder.resolve("bar.png");
    ImageIO.write(picture, "png", file.toFile());
    return file;
  }

  @Test
  void aRuleOrAKnownSideIsEnough() throws IOException {
    String bar = bar().toString();
    assertThat(run("measure", bar, "--rule", "200,400,600,400", "--apart", "200 mm")).isZero();
    assertThat(lastLine()).startsWith("200 mm ±").contains("× 40 mm");
    assertThat(run("measure", bar, "--longer", "8 in", "--inch")).isZero();
    assertThat(lastLine()).startsWith("8 in ±").contains("× 1 19/32 in");
    assertThat(run("measure", bar, "--shorter", "20")).isZero();
    assertThat(lastLine()).startsWith("100 mm ±").contains("× 20 mm");
  }

  private String lastLine() {
    return out.toString().lines().toList().getLast();
  }

  @Test
  void whatIsKnownIsSaidOnceAndWhole() throws IOException {
    String bar = bar().toString();
    assertThat(run("measure", bar, "--rule", "200,400,600,400")).isEqualTo(2);
    assertThat(run("measure", bar, "--longer", "200", "--shorter", "40")).isEqualTo(2);
    assertThat(run("measure", bar, "--longer", "some")).isEqualTo(2);
    assertThat(run("measure", bar, "--rule", "1,1,2,2", "--apart", "10")).isEqualTo(2);
    assertThat(err.toString()).contains("farther apart");
  }

  @Test
  void theCardsAreWrittenToPrint() throws IOException {
    Path file = folder.resolve("card.pdf");
    assertThat(run("gauge-card", file.toString())).isZero();
    assertThat(Files.readString(file, StandardCharsets.ISO_8859_1)).startsWith("%PDF");
    assertThat(out.toString()).contains("Print it at full size");
    assertThat(run("gauge-card", folder.resolve("none/card.pdf").toString())).isEqualTo(2);
  }
}
