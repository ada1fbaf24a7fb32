package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class RipTest extends ShellTest {
  @Test
  void aSawBladeIsRipped() {
    int status =
        run(
            "rip",
            "--plate",
            "205x600x3.2mm",
            "--kerf",
            "1.2mm",
            "--want",
            "9x45x150mm",
            "--want",
            "6x32x150mm",
            "--json");
    JsonNode json = JsonMapper.shared().readTree(out.toString());
    assertThat(status).isZero();
    assertThat(json.get("cut")).hasSize(15);
    assertThat(json.get("missing")).isEmpty();
    assertThat(json.get("usedShare").asDouble()).isEqualTo(0.728);
    assertThat(json.get("proven").asBoolean()).isTrue();
    assertThat(json.get("cuts")).isNotEmpty();
  }

  @Test
  void whatHasNoRoomIsNamed() {
    int status =
        run("rip", "--plate", "100 x 300 mm", "--want", "9 x 45 x 150 mm", "--kerf", "2 mm");
    assertThat(status).isEqualTo(Geminal.NO);
    assertThat(out.toString()).contains("2 pieces", "1. Across, at 150 mm", "Missing: 7 of 45 mm");
  }

  @Test
  void inchesAreInches() {
    assertThat(
            run("rip", "--inch", "--plate", "8 x 24", "--want", "4 x 1 3/4 x 6", "--kerf", "1/16"))
        .isZero();
    assertThat(out.toString()).contains("4 pieces", "at 1 3/4 in of the width");
  }

  @Test
  void cutsAreSaidToTheHundredth() {
    run("rip", "--plate", "205x600mm", "--kerf", "1.2mm", "--want", "9x45x150mm");
    assertThat(out.toString()).contains("at 452.4 mm of the length");
  }

  @Test
  void aSizeThatCannotBeReadIsSaid() {
    assertThat(run("rip", "--plate", "wide", "--want", "1x45x150")).isEqualTo(2);
    assertThat(run("rip", "--plate", "200x600", "--want", "some x 45 x 150")).isEqualTo(2);
    assertThat(err.toString()).contains("--want").contains("--help");
    assertThat(run("rip", "--plate", "20x600", "--want", "1x4x150", "--leave-off", "10,10,0,0"))
        .isEqualTo(2);
    assertThat(err.toString()).contains("Nothing of the plate");
  }
}
