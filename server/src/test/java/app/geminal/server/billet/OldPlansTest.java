package app.geminal.server.billet;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.billet.Plan;
import app.geminal.library.plan.PlanJson;
import app.geminal.notation.Shorthand;
import app.geminal.shop.Practice;
import app.geminal.units.UnitSystem;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Plans stored by the first release read as what they meant. */
class OldPlansTest {
  private static final String STORED =
      """
      {"stack": {"pieces": [{"steel": "1075", "thicknessMm": 3.0}], "widthMm": 40.0, "lengthMm": 150.0},
       "steps": [
        {"key": "s1", "operation": {"kind": "set", "heats": 3, "reduction": 0.08, "temperatureC": 1180.0,
          "soakMin": 15.0, "school": "BORAX"}},
        {"key": "s2", "operation": {"kind": "draw", "widthMm": 38.0, "heightMm": 2.0, "heats": 3}},
        {"key": "s3", "operation": {"kind": "cut", "pieces": 4, "kerfMm": 1.6}},
        {"key": "s4", "operation": {"kind": "restack", "lay": "TURNED",
          "between": [{"steel": "15N20", "thicknessMm": 1.0}]}},
        {"key": "s5", "operation": {"kind": "fold", "endLossMm": 5.0}},
        {"key": "s6", "operation": {"kind": "trim", "frontMm": 1.0, "backMm": 2.0, "sidesMm": 0.0}}]}
      """;

  @Test
  void formatOne() {
    JsonMapper.Builder builder = JsonMapper.builder();
    PlanJson.strict(builder);
    Plan plan = OldPlans.read(builder.build(), STORED, 1);
    assertThat(Shorthand.format(plan, UnitSystem.METRIC, Practice.common()))
        .isEqualTo(
            "(1075 3) 40 x 150 > set 3 > draw 38 x 2, 3 heats > cut 4"
                + " > restack turned, with (15N20 1) > fold, end 5 > trim 1, 2");
  }
}
