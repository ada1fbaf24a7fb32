package app.geminal.weldmap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What docs/joints.md says of the guesses is what is sampled. */
class GuessesTest {
  @Test
  void everyUnknownIsInTheDocumentWithItsRange() throws IOException {
    List<List<Double>> documented =
        Files.readAllLines(Path.of("../docs/joints.md")).stream()
            .filter(line -> line.startsWith("| ") && line.matches(".*\\| (guess|reported) \\|$"))
            .map(line -> Arrays.asList(line.split("\\|")).subList(2, 5))
            .map(cells -> cells.stream().map(c -> Double.parseDouble(c.strip())).toList())
            .toList();
    assertThat(documented)
        .containsExactlyElementsOf(
            Arrays.stream(Unknown.values())
                .map(u -> List.of(u.likely(), u.range().low(), u.range().high()))
                .toList());
  }
}
