package app.geminal.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.layup.Piece;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Lay;
import app.geminal.operation.Practice;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.units.UnitSystem;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChecksTest {

  private static List<Finding> found(String line) {
    Practice practice = Practice.common();
    Run run = Run.of(Shorthand.parse(line, UnitSystem.METRIC, practice), TestSteels.ALL, practice);
    return Checks.of(run, TestSteels.ALL, Limits.common());
  }

  /** Each check: a plan that triggers it, and one just inside the limit that does not. */
  @ParameterizedTest(name = "{0} {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "not-set|WILL_FAIL|3 (D 3, B 2) 40 x 100 > draw 40 x 5|3 (D 3, B 2) 40 x 100 > set 3 > draw 40 x 5",
        "not-set|WILL_FAIL|3 (D 3, B 2) 40 x 200 > cut 2|3 (D 3, B 2) 40 x 200 > set 3 > cut 2",
        "not-set|WILL_FAIL|3 (D 3, B 2) 40 x 200 > fold|3 (D 3, B 2) 40 x 200 > set 3 > fold",
        "piece-too-short|AT_RISK|(D 9) 40 x 239.9 > cut 4, kerf 0|(D 9) 40 x 240 > cut 4, kerf 0",
        "below-welding-heat|WILL_FAIL|3 (D 3, B 2) 40 x 100 > set 3 999C|3 (D 3, B 2) 40 x 100 > set 3 1110C",
        "below-welding-heat|AT_RISK|3 (D 3, B 2) 40 x 100 > set 3 1109C|3 (D 3, B 2) 40 x 100 > set 3 1110C",
        "overheated|AT_RISK|3 (D 3, B 2) 40 x 100 > set 3 1261C|3 (D 3, B 2) 40 x 100 > set 3 1260C",
        "overheated|AT_RISK|3 (D 3, B 2) 40 x 100 > set 3 1261C|(M 3, M 2) 40 x 100 > set 3 1261C",
        "above-solidus|WILL_FAIL|3 (D 3, B 2) 40 x 100 > set 3 1345C|3 (D 3, B 2) 40 x 100 > set 3 1344C",
        "no-weld-window|WILL_FAIL|3 (D 3, Hot 2) 40 x 100 > set 3|3 (D 3, M 2) 40 x 100 > set 3",
        "copper-runs|WILL_FAIL|3 (D 3, Cu 2) 40 x 100 > set 3|3 (D 3, M 2) 40 x 100 > set 3",
        "edge-carbon|AT_RISK|3 (D 3, M 7) 40 x 100 > set 3|3 (D 3, M 3) 40 x 100 > set 3",
        "fume-metals|WORTH_KNOWING|3 (D 3, B 2) 40 x 100 > set 3|3 (D 3, M 3) 40 x 100 > set 3",
        "first-set-too-hard|AT_RISK|3 (D 3, B 2) 40 x 100 > set 2 19.1%|3 (D 3, B 2) 40 x 100 > set 2 18.9%",
        "few-setting-heats|AT_RISK|3 (D 3, B 2) 40 x 100 > set 1|3 (D 3, B 2) 40 x 100 > set 2",
        "joints-merge|WORTH_KNOWING|3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same|4 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same",
        "joints-merge|WORTH_KNOWING|4 (D 3, B 2) 40 x 200 > set 3 > fold|4 (D 3, B 2) 40 x 200 > set 3",
        "layers-lost-to-grinding|WORTH_KNOWING|3 (D 3, B 2) 40 x 200 > grind 3, 0|3 (D 3, B 2) 40 x 200 > grind 2.9, 0",
        "layers-too-fine|WORTH_KNOWING|10 (D 0.049, B 0.049) 40 x 200|10 (D 0.05, B 0.05) 40 x 200",
        "layers-too-fine|WORTH_KNOWING|100 (D 3, B 3) 40 x 2000 > cut 7 > restack same|100 (D 3, B 3) 40 x 2000 > cut 6 > restack same",
      })
  void speaksAboveTheLimitAndNotJustInside(
      String id, Strength strength, String triggers, String inside) {
    assertThat(found(triggers))
        .anySatisfy(f -> {
          assertThat(f.id()).isEqualTo(id);
          assertThat(f.strength()).isEqualTo(strength);
          assertThat(f.why()).isNotEmpty();
          assertThat(f.mend()).isNotEmpty();
        });
    assertThat(found(inside)).extracting(Finding::id).doesNotContain(id);
  }

  @Test
  void hazardsComeFirst() {
    List<Finding> found = found("3 (D 3, B 2) 40 x 100 > draw 40 x 5 > set 1 1400C");
    assertThat(found.getFirst().id()).isEqualTo("above-solidus");
    assertThat(found.getFirst().hazard()).isTrue();
    assertThat(found)
        .isSortedAccordingTo(
            Comparator.comparing((Finding f) -> !f.hazard()).thenComparing(Finding::strength));
  }

  @Test
  void remediesMendWhatTheyAreFor() {
    assertThat(remedied("3 (D 3, B 2) 40 x 100 > set 1", "few-setting-heats"))
        .isInstanceOfSatisfying(SetWeld.class, w -> assertThat(w.heats()).isEqualTo(3));
    assertThat(remedied("3 (D 3, B 2) 40 x 100 > set 3 1400C", "above-solidus"))
        .isInstanceOfSatisfying(SetWeld.class, w -> assertThat(w.temperatureC()).isEqualTo(1190));
    assertThat(remedied("3 (D 3, B 2) 40 x 100 > set 2 30%", "first-set-too-hard"))
        .isInstanceOfSatisfying(
            SetWeld.class, w -> assertThat(w.reductionPerHeat()).isLessThanOrEqualTo(0.1));
    assertThat(remedied("4 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack turned", "joints-merge"))
        .isEqualTo(Restack.of(Lay.SAME));
    assertThat(remedied("3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same", "joints-merge"))
        .isEqualTo(new Restack(Lay.SAME, List.of(new Piece("B", 1.5875))));
  }

  private static Object remedied(String line, String id) {
    return found(line).stream()
        .filter(f -> f.id().equals(id))
        .findFirst()
        .flatMap(Finding::remedy)
        .map(Remedy::instead)
        .orElseThrow();
  }
}
