package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CutTest extends ShellTest {
  @TempDir private Path folder;

  private String shelf(String rows) throws IOException {
    Path file = folder.resolve("shelf.csv");
    Files.writeString(file, "steel,width_mm,thickness_mm,length_mm,pieces,price_per_m\n" + rows);
    return file.toString();
  }

  /**
   * By hand: each plan wants two pieces of 140 mm from 1084; a bar of 300 mm holds two of them with
   * their kerfs, and one of 570 mm all four. Cut one plan at a time, the first would take the short
   * bar and the second the long one; together the long one does for both.
   */
  @Test
  void plansAreCutTogether() throws IOException {
    String shelf = shelf("1084,38,3,300,1,5\n1084,38,3,570,1,5\n15N20,38,1.5,1000,1,6\n");
    String plan = "3 (1084 3, 15N20 1.5) 38 x 140 > set 2";
    int status = run("cut", "--from", shelf, "--kerf", "1.5", "--json", plan, plan);
    assertThat(err.toString()).isEmpty();
    assertThat(status).isZero();
    JsonNode json = JsonMapper.shared().readTree(out.toString());
    assertThat(json.get("proven").asBoolean()).isTrue();
    assertThat(json.get("buy")).isEmpty();
    assertThat(json.get("bars"))
        .hasSize(2)
        .anyMatch(b -> b.get("lengthMm").asDouble() == 570 && b.get("piecesMm").size() == 4)
        .noneMatch(b -> b.get("lengthMm").asDouble() == 300);
    assertThat(json.get("shelf"))
        .anyMatch(b -> b.get("lengthMm").asDouble() == 300 && b.get("pieces").asInt() == 1)
        // 1000 mm less two pieces and two kerfs.
        .anyMatch(b -> b.get("lengthMm").asDouble() == 1000 - 2 * 141.5);
  }

  @Test
  void whatTheShelfLacksIsBought() throws IOException {
    String shelf = shelf("1084,38,3,300,1,5\n15N20,38,1.5,1000,1,6\n");
    String plan = "3 (1084 3, 15N20 1.5) 38 x 140 > set 2";
    int status = run("cut", "--from", shelf, "--kerf", "1.5", plan, plan);
    assertThat(status).isEqualTo(Geminal.NO);
    // Two pieces of 140 mm and the kerf between them; 5 a meter.
    assertThat(out.toString())
        .contains("2 bars to cut", "1084 38 × 3 mm, bar of 300 mm: cut 2 × 140 mm")
        .contains(
            "Buy for Shorthand, Shorthand 2: 1084 38 × 3 mm, 282 mm in all, no bar shorter",
            "than 140 mm, about 1.41.");
  }

  @Test
  void aShelfThatCannotBeReadIsNamed() throws IOException {
    String plan = "3 (1084 3, 15N20 1.5) 38 x 140 > set 2";
    assertThat(run("cut", "--from", shelf("1084,38,3,long,1,5\n"), plan))
        .isEqualTo(Geminal.UNREADABLE);
    assertThat(err.toString()).contains("line 2/length_mm", "long");
    assertThat(run("cut", "--from", folder.resolve("no.csv").toString(), plan))
        .isEqualTo(Geminal.UNREADABLE);
    assertThat(run("cut", "--from", shelf("1084,38,3,300,1,5\n"), "--kerf", "thin", plan))
        .isEqualTo(Geminal.UNREADABLE);
  }
}
