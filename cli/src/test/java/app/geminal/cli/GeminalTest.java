package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class GeminalTest extends ShellTest {
  private static final Path EXAMPLES = Path.of("../docs/formats/examples");

  @Test
  void shorthandIsEvaluated() {
    int status =
        run(
            "evaluate",
            "13 (1075 3.2, 15N20 1.5) 38 x 150 > set 3 > cut 5 > restack same, ground 0.3");
    assertThat(err.toString()).isEmpty();
    assertThat(status).isZero();
    assertThat(out.toString())
        .contains("61 visible layers")
        .contains("(nominal 65)")
        .contains("Started with")
        .contains("Note, step 3");
  }

  @Test
  void whatRoundingLeavesIsNoLoss() {
    run(
        "evaluate",
        "--inch",
        "(1084 0.0984, 15N20 1/16, D2 1/16, 15N20 0.22, D2 5/32, 1084 0.228) 2.232 x 5.618"
            + " > set 2 24% > draw 1.575 x 0.445 > cut 5, kerf 1/64 > restack same, ground 1/64");
    assertThat(out.toString()).contains("Lost: ").doesNotContain("0.0000").doesNotContain("trim ");
  }

  @Test
  void inchesAndAnPresetCanBeAskedFor() {
    assertThat(
            run(
                "evaluate",
                "--inch",
                "--outfit",
                "hand_hammer",
                "3 (1075 1/8, 15N20 1/16) 1 1/2 x 3 > set 4 2150F"))
        .isZero();
    assertThat(out.toString()).contains("1 1/2").contains("Fume in the forge");
  }

  @Test
  void aPlanFileIsEvaluatedAsJsonWithItsParts() {
    assertThat(run("evaluate", "--json", EXAMPLES.resolve("edge-bar.json").toString())).isZero();
    JsonNode read = JsonMapper.builder().build().readTree(out.toString());
    assertThat(read.path("name").asString()).isEqualTo("Splicing knife with an edge bar");
    assertThat(read.path("parts").path("edge").path("stages")).hasSize(1);
    assertThat(read.path("stages").get(3).path("operation").path("kind").asString())
        .isEqualTo("layup");
    assertThat(read.path("ledger").path("yield").asDouble()).isBetween(0.3, 1.0);
    assertThat(read.path("findings").get(0).path("severity").isString()).isTrue();
  }

  @Test
  void theInsideIsDrawn(@TempDir Path folder) throws IOException {
    String plan = "7 (1075 3, 15N20 2) 30 x 100 > set 3 > draw 24 x 8";
    Path png = folder.resolve("face.png");
    assertThat(run("render", plan, png.toString(), "--at", "1/16 in", "--width", "300")).isZero();
    BufferedImage face = ImageIO.read(png.toFile());
    assertThat(face.getWidth()).isEqualTo(300);
    Path svg = folder.resolve("end.svg");
    assertThat(run("render", plan, svg.toString(), "--view", "end")).isZero();
    assertThat(Files.readString(svg)).contains("width=\"24mm\"").contains("<g id=\"15N20\"");
    assertThat(out.toString()).contains("end.svg: 24 × 8 mm");
    Path blade = folder.resolve("blade.png");
    assertThat(run("render", plan, blade.toString(), "--view", "blade", "--blade", "100 x 20 x 4"))
        .isZero();
    assertThat(ImageIO.read(blade.toFile()).getHeight()).isEqualTo(320);
  }

  @Test
  void whatCannotBeDrawnIsSaid(@TempDir Path folder) {
    String plan = "7 (1075 3, 15N20 2) 30 x 100";
    assertThat(run("render", plan, folder.resolve("face.gif").toString())).isEqualTo(2);
    assertThat(run("render", plan, folder.resolve("a.png").toString(), "--view", "blade"))
        .isEqualTo(2);
    assertThat(run("render", plan, folder.resolve("a.png").toString(), "--at", "deep"))
        .isEqualTo(2);
    assertThat(err.toString())
        .contains(".png or .svg")
        .contains("not a blade yet")
        .contains("deep");
    assertThat(folder).isEmptyDirectory();
  }

  @Test
  void whatWillFailEndsWithOne() {
    assertThat(run("evaluate", "3 (1075 3, 15N20 2) 40 x 100 > draw 40 x 5")).isEqualTo(1);
    assertThat(out.toString()).contains("Error, step 1");
    assertThat(run("evaluate", "(1075 3) 40 x 100 > trim 60")).isEqualTo(1);
    assertThat(out.toString()).contains("stops at step 1");
  }

  @Test
  void whatCannotBeReadSaysWhereAndEndsWithTwo(@TempDir Path folder) throws IOException {
    assertThat(run("evaluate", "3 (1075 3, 15N20 2) 40 x 100 > bend 40")).isEqualTo(2);
    assertThat(err.toString()).contains("is not a step").contains("^^^^^^^");
    assertThat(run("evaluate", "nowhere.json")).isEqualTo(2);
    assertThat(err.toString()).contains("not a readable file");
    Path broken = folder.resolve("broken.json");
    Files.writeString(broken, "{\"format\":\"geminal-plan\",\"version\":9}");
    assertThat(run("evaluate", broken.toString())).isEqualTo(2);
    assertThat(err.toString()).contains("at /version: Versions 1 to 2");
    assertThat(run("evaluate", "(unobtainium 3) 40 x 100")).isEqualTo(2);
    assertThat(err.toString()).contains("at /plan/stack/pieces/0/steel");
    assertThat(run("evaluate")).isEqualTo(2);
  }

  @Test
  void steelsAreListed() {
    assertThat(run("steels")).isZero();
    assertThat(out.toString()).contains("15N20").contains("melts from");
    StringWriter text = new StringWriter();
    CommandLine line = Geminal.commandLine();
    line.setOut(new PrintWriter(text));
    assertThat(line.execute("steels", "--json")).isZero();
    assertThat(JsonMapper.builder().build().readTree(text.toString())).hasSize(52);
  }

  @Test
  void pairsAreJudged() {
    assertThat(run("pair", "1084", "15N20")).isZero();
    assertThat(out.toString()).contains("1084 and 15N20, borax: Excellent");
    assertThat(run("pair", "1084", "304")).isEqualTo(1);
    assertThat(run("pair", "1084", "nope")).isEqualTo(2);
    assertThat(err.toString()).contains("geminal steels lists them");
    assertThat(run("pair", "1084")).isEqualTo(2);
  }

  @Test
  void whatTheCoreRefusesIsASentenceAndNoStackTrace() {
    assertThat(run("pair", "1084", "1084")).isEqualTo(2);
    assertThat(err.toString()).contains("geminal: These are all 1084").doesNotContain("\tat ");
  }

  @Test
  void waysToACountAreFound() {
    assertThat(run("find", "--target", "60", "--show", "2", "--best", "steel")).isZero();
    assertThat(out.toString())
        .contains("schedules reach the count")
        .contains("least steel")
        .contains("pieces")
        .contains("more: use --show");
  }

  @Test
  void foundWaysAreJsonAndTheirPlansCanBeEvaluated() {
    assertThat(run("find", "--target", "60", "--no-sheets", "--json")).isZero();
    JsonNode read = JsonMapper.builder().build().readTree(out.toString());
    assertThat(read.path("outcome").asString()).isEqualTo("Found");
    JsonNode way = read.path("ways").get(0);
    out.getBuffer().setLength(0);
    assertThat(run("evaluate", way.path("plan").asString())).isZero();
    assertThat(out.toString()).contains(way.path("visible").asInt() + " visible layers");
  }

  @Test
  void noWaySaysWhatToAllow() {
    assertThat(run("find", "--target", "300", "--tallest", "15")).isOne();
    assertThat(out.toString()).contains("more than 15 mm").contains("relax limit: a stack of");
  }

  @Test
  void aBadPieceIsSaid() {
    assertThat(run("find", "--target", "300", "--outside", "1084")).isEqualTo(2);
    assertThat(err.toString()).contains("like 1084:3.2");
  }
}
