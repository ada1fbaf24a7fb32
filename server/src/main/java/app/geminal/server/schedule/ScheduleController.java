package app.geminal.server.schedule;

import app.geminal.billet.Plan;
import app.geminal.finder.Finder;
import app.geminal.finder.SearchOutcome;
import app.geminal.operation.Operation;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.Restacking;
import app.geminal.schedule.Schedule;
import app.geminal.schedule.SchedulePlan;
import app.geminal.schedule.StartingSteel;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.book.WeldChances;
import app.geminal.server.problem.Problems;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.turn.Turns;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import app.geminal.weld.WeldChance;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Ways to a layer count; nothing is stored. */
@RestController
class ScheduleController {
  /** For one person one to run and one that is on its way out; one more for someone else. */
  private final Turns turns =
      new Turns(
          3, 2, Duration.ofSeconds(20), ScheduleText.SEVERAL_SEARCHES_ARE_ALREADY_RUNNING.with());

  private final FinderRequests asking;
  private final SteelShelf shelf;
  private final ShopService shops;
  private final WeldChances chances;
  private final BondTables tables;
  private final Accounts accounts;
  private final JsonMapper json;

  ScheduleController(
      FinderRequests asking,
      SteelShelf shelf,
      ShopService shops,
      WeldChances chances,
      BondTables tables,
      Accounts accounts,
      JsonMapper json) {
    this.accounts = accounts;
    this.asking = asking;
    this.shelf = shelf;
    this.shops = shops;
    this.chances = chances;
    this.tables = tables;
    this.json = json;
  }

  /**
   * A way chosen.
   *
   * @param asked the question it answers
   * @param schedule the schedule to plan
   * @param startMm length of its stack; means nothing for a bar that is there
   * @param blockMm height its blocks are drawn down to make; null for the question's own
   */
  record Chosen(
      FinderRequest asked, ScheduleView schedule, double startMm, @Nullable Double blockMm) {}

  /**
   * The plan of a way.
   *
   * @param plan the plan
   */
  record PlanBody(Plan plan) {}

  /**
   * Searches, and reports on it meanwhile, a JSON object a line. What fails once the first line is
   * sent becomes a last line of kind “failed”.
   */
  @ApiResponse(
      responseCode = "200",
      description = "Search results, one JSON object per line, as they are found.",
      content =
          @Content(
              mediaType = "application/x-ndjson",
              schema = @Schema(implementation = SearchLine.class)))
  @io.swagger.v3.oas.annotations.Operation(operationId = "findSchedules")
  @PostMapping("/api/v1/schedules")
  @RequiredRank(Rank.GUEST)
  void find(@RequestBody FinderRequest asked, Principal who, HttpServletResponse response)
      throws IOException {
    Steels steels = shelf.steels();
    Shop shop = shops.shop();
    FinderQuestion question = asking.question(asked, steels, shop);
    Finder.check(question, steels, shop);
    try (Turns.Turn _ = turns.take(accounts.turnOf(who.getName()))) {
      SearchStream searchStream = new SearchStream(response, json, question, System::nanoTime);
      searchStream.send(
          new SearchLine.Begun(
              question.within(), question.blockMm(), new SearchLine.ChanceView(chances.mapped())));
      try {
        WeldChance chance = chances.recorded(tables.of(question.from(), steels, shop));
        SearchOutcome outcome =
            Finder.find(question, steels, shop, chance, searchStream, Finder.USUAL_WORK);
        searchStream.send(SearchLine.Ended.of(outcome, question));
      } catch (RuntimeException e) {
        searchStream.send(new SearchLine.Failed(Problems.of(e)));
      }
    }
  }

  /** The plan a way represents; from a bar that is there, its plan up to there and then this. */
  @io.swagger.v3.oas.annotations.Operation(operationId = "planSchedule")
  @PostMapping("/api/v1/schedules/plan")
  @RequiredRank(Rank.GUEST)
  PlanBody plan(@RequestBody Chosen chosen) {
    Shop shop = shops.shop();
    FinderRequest asked = Require.present("asked", chosen.asked());
    FinderQuestion usual = asking.question(asked, shelf.steels(), shop);
    Double block = chosen.blockMm();
    FinderQuestion question = block == null ? usual : usual.withBlockMm(block);
    Schedule schedule = Require.present("schedule", chosen.schedule()).schedule();
    if (question.insert() == null
        && schedule.restacks().stream().anyMatch(ScheduleController::lays)) {
      throw new InvalidValue("schedule/restacks", ScheduleText.THIS_USES_SHEETS_IN_JOINTS.with());
    }
    if (question.from() instanceof StartingSteel.Bar) {
      return new PlanBody(goneOn(asked, SchedulePlan.stepsFromBar(schedule, question, shop)));
    }
    if (schedule.start().isEmpty()) {
      throw new InvalidValue("schedule/start", ScheduleText.THIS_SCHEDULE_STARTS_WITH_STACK.with());
    }
    return new PlanBody(SchedulePlan.plan(schedule, question, chosen.startMm(), shop));
  }

  private static boolean lays(Restacking restacking) {
    return restacking instanceof Restacking.Recut recut && recut.insert();
  }

  private static Plan goneOn(FinderRequest asked, List<Operation> operations) {
    Plan plan = Require.present("plan", asked.from().plan());
    int stage = Require.present("stage", asked.from().stage());
    Plan on = plan.withSteps(plan.steps().subList(0, stage));
    for (Operation operation : operations) {
      on = on.withStepAfter(on.steps().size(), operation);
    }
    return on;
  }
}
