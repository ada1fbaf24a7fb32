package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

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

  @Test
  void theCardsAreWrittenToPrint() throws IOException {
    Path file = folder.resolve("card.pdf");
    assertThat(run("gauge-card", file.toString())).isZero();
    assertThat(Files.readString(file, StandardCharsets.ISO_8859_1)).startsWith("%PDF");
    assertThat(out.toString()).contains("Print it at full size");
    assertThat(run("gauge-card", folder.resolve("none/card.pdf").toString())).isEqualTo(2);
  }
}
