package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class WeldmapTest extends ShellTest {
  private static final String COLD = "7 (1075 3.2, 15N20 1.6) 38 x 150 > set 2 6% borax 5min";

  private JsonNode json(String... words) {
    assertThat(run(words)).as(err.toString()).isZero();
    return JsonMapper.builder().build().readTree(out.toString()).path("welds");
  }

  @Test
  void aLineForEachJointTheTopOneFirst() {
    assertThat(
            run(
                "weldmap",
                "--inch",
                COLD.replace("3.2", "1/8").replace("1.6", "1/16").replace("38 x 150", "1 1/2 x 6")))
        .isZero();
    assertThat(out.toString().lines().toList())
        .hasSizeGreaterThan(7)
        .satisfies(lines -> {
          assertThat(lines.getFirst()).startsWith("Step 1: ").contains("°F", "of 6 from below");
          assertThat(lines.get(1)).matches("  joint  6 [█▓▒░·]{8} \\d+(\\.\\d+)?%");
          assertThat(lines.get(6)).startsWith("  joint  1 ");
          assertThat(lines.get(7)).contains("%: Soak ");
        });
  }

  @Test
  void everythingIsInTheDocument() {
    JsonNode welds = json("weldmap", COLD, "--json");
    assertThat(welds).hasSize(1);
    JsonNode weld = welds.get(0);
    assertThat(weld.path("step").asInt()).isEqualTo(1);
    assertThat(weld.path("joints")).hasSize(6);
    JsonNode patches = weld.path("joints").get(0).path("patches");
    assertThat(patches).hasSize(32);
    assertThat(patches.get(5).path("along").asInt()).isEqualTo(1);
    assertThat(patches.get(5).path("across").asInt()).isEqualTo(1);
    assertThat(patches.valueStream().map(p -> p.path("cause").asString(""))).contains("HEAT");
    assertThat(patches.get(0).path("heatC").isNumber()).isTrue();
    assertThat(patches.get(0).path("reductionPct").isNumber()).isTrue();
    assertThat(patches.get(0).path("oxideUm").isNumber()).isTrue();
    JsonNode remedy = weld.path("remedies").get(0);
    assertThat(remedy.path("chance").asDouble())
        .isGreaterThan(weld.path("chance").asDouble() + 0.02);
    out.getBuffer().setLength(0);
    JsonNode remedied = json("weldmap", remedy.path("plan").asString(), "--json").get(0);
    assertThat(remedied.path("chance").asDouble())
        .isCloseTo(remedy.path("chance").asDouble(), within(1e-9));
  }

  @Test
  void oneStepCanBeAskedForAndPartsComeFirst() {
    String plan = Path.of("../docs/formats/examples/edge-bar.json").toString();
    JsonNode welds = json("weldmap", plan, "--json");
    assertThat(welds.get(0).path("part").asString()).isEmpty();
    out.getBuffer().setLength(0);
    int step = welds.get(0).path("step").asInt();
    assertThat(json("weldmap", plan, "--step", Integer.toString(step), "--json")).hasSize(1);
    assertThat(run("weldmap", plan, "--step", "99")).isEqualTo(2);
    assertThat(err.toString()).contains("step 99 is not a set weld");
  }

  @Test
  void aRollHasNoMap() {
    assertThat(run("weldmap", "5 (1075 2, 15N20 1) 38 x 150 > set 3 > draw 40 x 4 > roll > set 3"))
        .as(err.toString())
        .isZero();
    assertThat(out.toString()).contains("Step 4: no map");
  }
}
