package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What is said and written is the same on every machine, byte for byte: in machines of their own,
 * started in several languages. Each start also draws a new number by which Java shuffles its
 * unchangeable maps and sets.
 */
class SameEverywhereTest {
  private static final List<List<String>> LANGUAGES =
      List.of(
          List.of("-Duser.language=en", "-Duser.country=US"),
          List.of("-Duser.language=de", "-Duser.country=DE"),
          List.of("-Duser.language=ar", "-Duser.country=EG", "-Duser.extensions=nu-arab"),
          List.of("-Duser.language=tr", "-Duser.country=TR"),
          List.of("-Duser.language=en", "-Duser.country=US"));

  @ParameterizedTest
  @ValueSource(
      strings = {
        "evaluate --json ../docs/formats/examples/edge-bar.json",
        "evaluate --inch ../docs/formats/examples/edge-bar.json",
        "pair 304 1084 15N20"
      })
  void everyMachineSaysTheSame(String command) throws Exception {
    List<String> said = new ArrayList<>();
    for (List<String> language : LANGUAGES) {
      said.add(run(language, List.of(command.split(" "))));
    }
    assertThat(said.getFirst()).hasSizeGreaterThan(200);
    assertThat(said).allSatisfy(s -> assertThat(s).isEqualTo(said.getFirst()));
  }

  @Test
  void everyMachineFindsTheSameWays() throws Exception {
    List<String> question = List.of("find", "--target", "60", "--no-sheets", "--json");
    assertThat(run(LANGUAGES.get(2), question)).isEqualTo(run(LANGUAGES.getFirst(), question));
  }

  private static String run(List<String> language, List<String> words)
      throws IOException, InterruptedException {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(
        List.of("-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path")));
    command.addAll(language);
    command.add("app.geminal.cli.Geminal");
    command.addAll(words);
    Process process =
        new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor()).isLessThanOrEqualTo(Geminal.NO);
    return said;
  }
}
