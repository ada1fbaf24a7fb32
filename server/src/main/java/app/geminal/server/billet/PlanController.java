package app.geminal.server.billet;

import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.layup.Stack;
import app.geminal.notation.Outline;
import app.geminal.notation.Shorthand;
import app.geminal.notation.Suggestion;
import app.geminal.operation.Operation;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.security.Principal;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Works on plans without storing anything. */
@RestController
class PlanController {
  private final RunViews runs;
  private final SteelShelf shelf;
  private final ShopService shops;
  private final Accounts accounts;

  PlanController(RunViews runs, SteelShelf shelf, ShopService shops, Accounts accounts) {
    this.runs = runs;
    this.shelf = shelf;
    this.shops = shops;
    this.accounts = accounts;
  }

  /**
   * A plan to work on.
   *
   * @param plan the plan
   */
  record PlanBody(Plan plan) {}

  /**
   * A plan to work through; the billet it belongs to, where it does.
   *
   * @param plan the plan
   * @param billetId number of the billet whose settings apply, null for none
   */
  record RunBody(Plan plan, @Nullable Long billetId) {}

  /**
   * Shorthand to read; {@code plan} is the one it was edited from, whose keys are kept.
   *
   * @param line plan in shorthand
   * @param plan the plan
   */
  record LineBody(String line, @Nullable Plan plan) {}

  /**
   * A step to add after a stage: 0 is the stack. {@code words} may be a step's name alone.
   *
   * @param plan the plan
   * @param after number of steps of the plan that come before, from 0
   * @param words the step in shorthand
   */
  record StepBody(Plan plan, int after, String words) {}

  /**
   * A stack and the restacks wanted.
   *
   * @param stack the stack
   * @param restacks the restacks, in order
   */
  record OutlineBody(Stack stack, List<Outline.Round> restacks) {}

  /** Works a plan through. */
  @io.swagger.v3.oas.annotations.Operation(operationId = "calculatePlan")
  @PostMapping("/api/v1/runs")
  @RequiredRank(Rank.GUEST)
  RunView run(@RequestBody RunBody body, Principal who) {
    long billet = Objects.requireNonNullElse(body.billetId(), 0L);
    Plan plan = Require.present("plan", body.plan());
    return InvalidValue.within("plan", () -> runs.of(plan, billet, who));
  }

  /** Reads shorthand. */
  @io.swagger.v3.oas.annotations.Operation(operationId = "readShorthand")
  @PostMapping("/api/v1/plans/read")
  @RequiredRank(Rank.GUEST)
  PlanBody read(@RequestBody LineBody body, Principal who) {
    String line = Require.present("line", body.line());
    UnitSystem units = accounts.units(who.getName()).system();
    ShopDefaults defaults = shops.defaults();
    Plan shown = body.plan();
    return new PlanBody(
        shown == null
            ? Shorthand.parse(line, units, defaults)
            : Shorthand.parse(line, units, defaults, shown));
  }

  /** Adds a step. */
  @io.swagger.v3.oas.annotations.Operation(operationId = "addStep")
  @PostMapping("/api/v1/plans/steps")
  @RequiredRank(Rank.GUEST)
  PlanBody addStep(@RequestBody StepBody body, Principal who) {
    Plan plan = Require.present("plan", body.plan());
    String words = Require.text("words", body.words(), 500);
    int after = Require.count("after", body.after(), 0, plan.steps().size());
    ShopDefaults defaults = shops.defaults();
    List<Stage> stages =
        InvalidValue.within("plan", () -> Run.of(plan, shelf.steels(), defaults)).stages();
    Bars bars = stages.get(Math.min(after, stages.size() - 1)).bars();
    Operation operation =
        Suggestion.of(words, bars, defaults)
            .orElseGet(
                () -> Shorthand.parseStep(words, accounts.units(who.getName()).system(), defaults));
    return new PlanBody(plan.withStepAfter(after, operation));
  }

  /** A first whole plan. */
  @io.swagger.v3.oas.annotations.Operation(operationId = "outlinePlan")
  @PostMapping("/api/v1/plans/outline")
  @RequiredRank(Rank.GUEST)
  PlanBody outline(@RequestBody OutlineBody body) {
    return new PlanBody(
        Outline.of(
            Require.present("stack", body.stack()),
            Require.present("restacks", body.restacks()),
            shelf.steels(),
            shops.defaults()));
  }
}
