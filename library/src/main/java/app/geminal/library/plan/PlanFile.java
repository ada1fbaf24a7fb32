package app.geminal.library.plan;

import app.geminal.billet.Plan;
import app.geminal.steel.OwnSteel;
import app.geminal.validation.Require;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One billet in the open format: its plan with all its parts, and what is known of the shop's own
 * steels in it. Shipped steels are named only.
 *
 * @param name of the billet, at most 120 characters
 * @param purpose in words, may be empty, at most 500
 * @param plan the plan
 * @param steels own steels the plan uses; 0 to 100
 */
public record PlanFile(String name, String purpose, Plan plan, List<OwnSteel> steels) {
  /** What the document says it is. */
  public static final String FORMAT = "geminal-plan";

  /** The version that is written; every earlier one is read. */
  public static final int VERSION = 2;

  /** Checks every field; purpose and steels may be missing. */
  public PlanFile(
      String name, @Nullable String purpose, Plan plan, @Nullable List<OwnSteel> steels) {
    this.name = Require.text("name", name, 120);
    this.purpose = Objects.requireNonNullElse(purpose, "");
    if (!this.purpose.isEmpty()) {
      Require.text("purpose", this.purpose, 500);
    }
    this.plan = Require.present("plan", plan);
    this.steels = Require.list("steels", Objects.requireNonNullElse(steels, List.of()), 0, 100);
  }
}
