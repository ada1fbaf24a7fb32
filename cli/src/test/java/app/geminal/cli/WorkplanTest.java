package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class WorkplanTest extends ShellTest {
  private static final String KNIFE =
      "13 (1075 3.2, 15N20 1.6) 38 x 150 > set 3 1180C dry > draw 38 x 10, 4 heats"
          + " > trim 15, 15 > cut 5 > grind 0.3, 0.3 > restack same > set 3 1180C dry"
          + " > draw 32 x 6, 3 heats";
  private static final String BAR = "5 (1084 3.2, 15N20 1.6) 38 x 120 > set 2 1180C";

  private JsonNode json(String... words) {
    run(words);
    assertThat(err.toString()).isEmpty();
    return JsonMapper.shared().readTree(out.toString());
  }

  /** Both plans from that Monday on, with other options. */
  private JsonNode planned(String... options) {
    return json(
        Stream.of(
                Stream.of("workplan", "--from", "2026-12-07", "--steps", "200", "--json"),
                Stream.of(options),
                Stream.of(KNIFE, BAR))
            .flatMap(Function.identity())
            .toArray(String[]::new));
  }

  @Test
  void twoPlansInTwoWeeks() {
    JsonNode plan =
        json("workplan", "--from", "2026-12-07", "--steps", "300", "--json", KNIFE, BAR);
    assertThat(plan.get("unplaced")).isEmpty();
    assertThat(plan.get("late")).isEmpty();
    assertThat(plan.get("tasks").size()).isEqualTo(10 + 3);
    for (JsonNode task : plan.get("tasks")) {
      String starts = task.get("starts").asString();
      assertThat(starts.substring(0, 10)).isBetween("2026-12-07", "2026-12-20");
      assertThat(starts.substring(11)).isBetween("08:00", "20:59");
    }
    assertThat(plan.get("firings")).isNotEmpty();
  }

  @Test
  void theSameSeedIsTheSamePlan() {
    JsonNode first = planned();
    out.getBuffer().setLength(0);
    assertThat(planned()).isEqualTo(first);
  }

  @Test
  void theForgeIsLitOnSaturdaysOnly() {
    JsonNode plan = planned("--forge", "Sat");
    for (JsonNode firing : plan.get("firings")) {
      assertThat(firing.get("lit").asString().substring(0, 10)).isIn("2026-12-12", "2026-12-19");
    }
    assertThat(plan.get("firings")).isNotEmpty();
  }

  @Test
  void aLateBilletIsExplained() {
    int status =
        run(
            "workplan",
            "--from",
            "2026-12-07",
            "--steps",
            "200",
            "--forge",
            "Sat",
            "--due",
            "2=2026-12-08",
            KNIFE,
            BAR);
    assertThat(status).isEqualTo(Geminal.NO);
    assertThat(out.toString())
        .contains(
            "Sat 2026-12-12", "Shorthand 2 is due on 2026-12-08", "the forge is lit too seldom")
        .contains("Light the forge on 2026-12-0", "Forge lit", "The forge burns");
  }

  @Test
  void anEveningIsLostAndTwoPeopleWork() {
    JsonNode plan =
        planned(
            "--hours",
            "Ann: Mon-Thu 18:00-22:00, Sat 8:00-16:00",
            "--hours",
            "Ben: Sat 8:00-16:00",
            "--day",
            "2026-12-07 off");
    assertThat(plan.get("tasks"))
        .isNotEmpty()
        .noneMatch(t -> t.get("starts").asString().startsWith("2026-12-07"));
    assertThat(plan.toString()).contains("Ann");
  }

  @Test
  void whatCannotBeReadIsNamed() {
    assertThat(run("workplan", "--hours", "Someday 18:00-21:00", BAR))
        .isEqualTo(Geminal.UNREADABLE);
    assertThat(err.toString()).contains("--hours", "\"Someday\"");
    assertThat(run("workplan", "--hours", "Mon 18:00-17:00", BAR)).isEqualTo(Geminal.UNREADABLE);
    assertThat(run("workplan", "--hours", "Mon 18-21", BAR)).isEqualTo(Geminal.UNREADABLE);
    assertThat(run("workplan", "--from", "tomorrow", BAR)).isEqualTo(Geminal.UNREADABLE);
    assertThat(run("workplan", "--due", "3=2026-12-08", BAR)).isEqualTo(Geminal.UNREADABLE);
    assertThat(run("workplan", "--day", "2026-12-08", BAR)).isEqualTo(Geminal.UNREADABLE);
    assertThat(run("workplan", "--forge", "Sa", BAR)).isEqualTo(Geminal.UNREADABLE);
  }
}
