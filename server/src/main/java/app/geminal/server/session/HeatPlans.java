package app.geminal.server.session;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.finding.ShopKnowledge;
import app.geminal.heatplan.HeatPlan;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.operation.Draw;
import app.geminal.operation.SetWeld;
import app.geminal.rotation.Rotation;
import app.geminal.server.billet.BilletService;
import app.geminal.server.book.BookService;
import app.geminal.server.book.WeldView;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import app.geminal.weldmap.WeldMapper;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Heat plans of stored billets. */
@Component
public class HeatPlans {
  private final BilletService billets;
  private final BookService book;
  private final SteelShelf shelf;
  private final ShopService shops;

  HeatPlans(BilletService billets, BookService book, SteelShelf shelf, ShopService shops) {
    this.billets = billets;
    this.book = book;
    this.shelf = shelf;
    this.shops = shops;
  }

  /**
   * A heat of a billet's plan.
   *
   * @param path path of the step: names of the parts it is in, then its key
   * @param title name
   * @param welds whether it is a weld
   * @param made how many times the Book has it
   * @param next whether it is the first weld that is not in the Book
   */
  public record HeatView(String path, String title, boolean welds, long made, boolean next) {}

  /** A billet's plan worked through, and who plans its heats. */
  private record Worked(Plan plan, Run run, HeatPlanner planner) {}

  private Worked worked(long billetId) {
    Shop shop = shops.shop();
    Steels steels = shelf.steels();
    Plan plan = billets.get(billetId).plan();
    Set<ShopKnowledge.Welded> welded = book.welded();
    ShopKnowledge known = new ShopKnowledge(welded, !welded.isEmpty(), Map.of());
    return new Worked(
        plan,
        Run.of(plan, steels, shop.defaults()),
        new HeatPlanner(steels, shop, known, book.byProtection()));
  }

  /** The heats of a billet and its parts that the Run reaches, in order. */
  List<HeatView> heats(long billetId) {
    Plan plan = billets.get(billetId).plan();
    return heats(billetId, Run.of(plan, shelf.steels(), shops.defaults()));
  }

  /** The welds among them with their heat plans, the billet worked through once. */
  public Map<HeatView, HeatPlan> welds(long billetId) {
    Worked worked = worked(billetId);
    Map<HeatView, HeatPlan> welds = new LinkedHashMap<>();
    for (HeatView heat : heats(billetId, worked.run())) {
      if (heat.welds()) {
        welds.put(heat, there(worked.planner().plan(worked.run(), heat.path())));
      }
    }
    return welds;
  }

  private List<HeatView> heats(long billetId, Run run) {
    Map<String, Long> made =
        book.of(billetId).stream()
            .collect(Collectors.groupingBy(WeldView::stepKey, Collectors.counting()));
    List<HeatView> heats = new ArrayList<>();
    boolean found = false;
    for (Plan.Placed placed : run.plan().allSteps()) {
      boolean weld = placed.step().operation() instanceof SetWeld;
      Optional<Run.Found> there = run.find(placed.path());
      if ((weld || placed.step().operation() instanceof Draw) && there.isPresent()) {
        long times = made.getOrDefault(placed.path(), 0L);
        boolean next = weld && times == 0 && !found;
        found |= next;
        heats.add(new HeatView(placed.path(), title(there.get()), weld, times, next));
      }
    }
    return heats;
  }

  /** What a heat is called, after the part it is for. */
  public static String title(Run.Found found) {
    String part = found.part().isEmpty() ? "" : found.part() + ": ";
    return part + HeatPlanner.title(found.run(), found.stage()).marked();
  }

  /**
   * The heat plan of a step, the kinds of atmosphere protection not compared, with the welds of its
   * joints for a session to follow.
   *
   * @throws InvalidValue where the billet has no such heat
   */
  PlannedHeat planned(long billetId, String path) {
    Worked worked = worked(billetId);
    HeatPlan plan = there(worked.planner().plan(worked.run(), path));
    return new PlannedHeat(
        plan,
        new WeldMapper(shelf.steels(), shops.shop(), worked.planner())
            .course(worked.run(), path)
            .orElse(List.of()));
  }

  /** A heat plan with what each atmosphere protection would cost. */
  HeatPlan compared(long billetId, String path) {
    Worked worked = worked(billetId);
    return there(worked.planner().compared(worked.run(), path));
  }

  private static HeatPlan there(Optional<HeatPlan> plan) {
    return plan.orElseThrow(
        () -> new InvalidValue("stepPath", SessionText.PLAN_HAS_NO_WELD_OR_DRAW.with()));
  }

  /** A step and the welds and draws that follow it with nothing between that needs the bench. */
  private List<HeatPlan> chain(long billetId, String path) {
    Worked worked = worked(billetId);
    List<HeatPlan> chain = new ArrayList<>();
    chain.add(there(worked.planner().plan(worked.run(), path)));
    Run.Found first = worked.run().find(path).orElseThrow();
    String part = first.part().isEmpty() ? "" : first.part() + "/";
    List<Stage> after =
        first.run().stages().subList(first.stage() + 1, first.run().stages().size());
    for (Stage stage : after) {
      Optional<HeatPlan> next =
          stage.step().flatMap(s -> worked.planner().plan(worked.run(), part + s.key()));
      if (next.isEmpty()) {
        break;
      }
      chain.add(next.get());
    }
    return chain;
  }

  /** A day's order for several billets, each as far as the fire alone takes it. */
  Rotation.Day day(
      List<ForgeSessionService.Chosen> chosen, int places, double fromMin, double toMin) {
    List<Rotation.Job> jobs = new ArrayList<>();
    for (ForgeSessionService.Chosen c : chosen) {
      jobs.add(
          RotationJobs.of(billets.get(c.billetId()).name(), chain(c.billetId(), c.stepPath())));
    }
    return Rotation.of(jobs, places, fromMin, toMin);
  }
}
