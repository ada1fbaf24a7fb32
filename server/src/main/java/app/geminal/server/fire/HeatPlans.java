package app.geminal.server.fire;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.check.BadValue;
import app.geminal.finding.Known;
import app.geminal.fire.HeatPlan;
import app.geminal.fire.HeatPlanner;
import app.geminal.fire.Rotation;
import app.geminal.operation.Draw;
import app.geminal.operation.SetWeld;
import app.geminal.server.billet.BilletService;
import app.geminal.server.book.BookService;
import app.geminal.server.book.WeldView;
import app.geminal.server.shop.ShopKeeper;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Heat plans of stored billets. */
@Component
class HeatPlans {
  private final BilletService billets;
  private final BookService book;
  private final SteelShelf shelf;
  private final ShopKeeper shops;

  HeatPlans(BilletService billets, BookService book, SteelShelf shelf, ShopKeeper shops) {
    this.billets = billets;
    this.book = book;
    this.shelf = shelf;
    this.shops = shops;
  }

  /**
   * A heat of a billet's plan.
   *
   * @param welds whether it is a weld
   * @param made how many times the Book has it
   * @param next whether it is the first weld that is not in the Book
   */
  record HeatView(String path, String title, boolean welds, long made, boolean next) {}

  /** The heats of a billet and its parts that the Run reaches, in order. */
  List<HeatView> heats(long billetId) {
    Plan plan = billets.get(billetId).plan();
    Shop shop = shops.shop();
    Run run = Run.of(plan, shelf.steels(), shop.practice());
    Map<String, Long> made =
        book.of(billetId).stream()
            .collect(Collectors.groupingBy(WeldView::stepKey, Collectors.counting()));
    List<HeatView> heats = new ArrayList<>();
    boolean found = false;
    for (Plan.Placed placed : plan.allSteps()) {
      boolean weld = placed.step().operation() instanceof SetWeld;
      if ((weld || placed.step().operation() instanceof Draw) && reached(run, placed.path())) {
        long times = made.getOrDefault(placed.path(), 0L);
        boolean next = weld && times == 0 && !found;
        found |= next;
        heats.add(new HeatView(placed.path(), title(run, placed.path()), weld, times, next));
      }
    }
    return heats;
  }

  private static boolean reached(Run run, String path) {
    int stroke = path.lastIndexOf('/');
    return run.at(stroke < 0 ? "" : path.substring(0, stroke))
        .flatMap(r -> r.stageOf(path.substring(stroke + 1)))
        .isPresent();
  }

  private static String title(Run whole, String path) {
    int stroke = path.lastIndexOf('/');
    Run run = whole.at(stroke < 0 ? "" : path.substring(0, stroke)).orElseThrow();
    int stage = run.stageOf(path.substring(stroke + 1)).orElseThrow();
    String part = stroke < 0 ? "" : path.substring(0, stroke) + ": ";
    return part + HeatPlanner.title(run, stage);
  }

  /**
   * The heat plan of a step.
   *
   * @throws BadValue where the billet has no such heat
   */
  HeatPlan of(long billetId, String path) {
    Shop shop = shops.shop();
    Steels steels = shelf.steels();
    Run run = Run.of(billets.get(billetId).plan(), steels, shop.practice());
    return planner(steels, shop)
        .plan(run, path)
        .orElseThrow(() ->
            new BadValue(
                "stepPath", "The plan has no weld and no draw of this key that it can reach."));
  }

  /** A step and the welds and draws that follow it with nothing between that needs the bench. */
  List<HeatPlan> chain(long billetId, String path) {
    Shop shop = shops.shop();
    Steels steels = shelf.steels();
    Plan plan = billets.get(billetId).plan();
    Run run = Run.of(plan, steels, shop.practice());
    HeatPlanner planner = planner(steels, shop);
    int stroke = path.lastIndexOf('/');
    String part = stroke < 0 ? "" : path.substring(0, stroke + 1);
    List<HeatPlan> chain = new ArrayList<>(List.of(of(billetId, path)));
    Run own = run.at(stroke < 0 ? "" : path.substring(0, stroke)).orElseThrow();
    int stage = own.stageOf(path.substring(stroke + 1)).orElseThrow();
    for (int i = stage + 1; i < own.stages().size(); i++) {
      Optional<HeatPlan> next =
          own.stages().get(i).step().flatMap(s -> planner.plan(run, part + s.key()));
      if (next.isEmpty()) {
        break;
      }
      chain.add(next.get());
    }
    return chain;
  }

  /** A day's order for several billets, each as far as the fire alone takes it. */
  Rotation.Day day(List<FireService.Chosen> chosen, int places, double fromMin, double toMin) {
    List<Rotation.Job> jobs = new ArrayList<>();
    for (FireService.Chosen c : chosen) {
      jobs.add(Jobs.of(billets.get(c.billetId()).name(), chain(c.billetId(), c.stepPath())));
    }
    return Rotation.of(jobs, places, fromMin, toMin);
  }

  private HeatPlanner planner(Steels steels, Shop shop) {
    Set<Known.Welded> welded = book.welded();
    return new HeatPlanner(
        steels, shop, new Known(welded, !welded.isEmpty(), Map.of()), book.bySchool());
  }
}
