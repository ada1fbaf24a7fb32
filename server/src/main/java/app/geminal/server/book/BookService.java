package app.geminal.server.book;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.check.BadValue;
import app.geminal.finding.Known;
import app.geminal.fire.SchoolCost;
import app.geminal.operation.SetWeld;
import app.geminal.server.account.Accounts;
import app.geminal.server.problem.NotThere;
import app.geminal.server.shop.ShopKeeper;
import app.geminal.server.steel.SteelShelf;
import app.geminal.weld.HoldChance;
import app.geminal.weld.MadeWeld;
import app.geminal.weld.OxygenSchool;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was done. */
@Service
public class BookService {
  /** A clock in the forge may be a little ahead of the server's. */
  private static final Duration AHEAD = Duration.ofMinutes(10);

  private final BookRepository welds;
  private final Accounts accounts;
  private final SteelShelf shelf;
  private final ShopKeeper shops;
  private final Clock clock;

  BookService(
      BookRepository welds, Accounts accounts, SteelShelf shelf, ShopKeeper shops, Clock clock) {
    this.shelf = shelf;
    this.shops = shops;
    this.welds = welds;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** Every weld, newest first. */
  @Transactional(readOnly = true)
  public List<WeldView> all() {
    return welds.all();
  }

  /** How likely a weld holds by this shop's record; suspect ones are not decided yet. */
  @Transactional(readOnly = true)
  public HoldChance holdChance() {
    return welds.holdChance();
  }

  /** Welds of one billet, newest first. */
  @Transactional(readOnly = true)
  public List<WeldView> of(long billetId) {
    return welds.of(billetId);
  }

  /** All welds as the core knows them, by billet. */
  @Transactional(readOnly = true)
  public Map<Long, List<MadeWeld>> weldsByBillet() {
    return all().stream()
        .collect(
            Collectors.groupingBy(
                WeldView::billetId, Collectors.mapping(WeldView::made, Collectors.toList())));
  }

  /**
   * Writes a weld into the Book.
   *
   * @param plan the billet's plan, which must have the step
   * @throws BadValue when the step is no set weld of the plan, or the weld was made in the future
   */
  @Transactional
  public WeldView log(long billetId, Plan plan, MadeWeld weld, String login) {
    if (weld.madeAt().isAfter(clock.instant().plus(AHEAD))) {
      throw new BadValue("madeAt", "This is still to come; a weld is logged when it was made.");
    }
    String title = title(plan, weld.stepKey());
    long id = welds.add(billetId, title, weld, joined(plan, weld.stepKey()), accounts.id(login));
    return welds.find(id).orElseThrow();
  }

  /**
   * Writes a weld of the fire's record into the Book. The plan may have changed since the session
   * began: a step that is gone keeps the title it had.
   *
   * @param session the session at the fire
   * @param entry the entry that said what became of it; the same one twice is one weld
   */
  @Transactional
  public void logFromFire(
      long billetId,
      Plan plan,
      String title,
      MadeWeld weld,
      String login,
      long session,
      String entry) {
    boolean there = plan.setWelds().stream().anyMatch(p -> p.path().equals(weld.stepKey()));
    long id =
        welds.add(
            billetId,
            there ? title(plan, weld.stepKey()) : title,
            weld,
            there ? joined(plan, weld.stepKey()) : Set.of(),
            accounts.id(login));
    welds.setFire(id, session, entry);
  }

  /** Strikes the weld an entry of the fire's record wrote, or takes the striking back. */
  @Transactional
  public void strikeFromFire(long session, String entry, boolean struck) {
    welds.strikeFromFire(session, entry, struck);
  }

  /** Welds by each way of keeping oxygen out; suspect ones are not decided yet. */
  @Transactional(readOnly = true)
  public Map<OxygenSchool, SchoolCost.Told> bySchool() {
    return welds.bySchool();
  }

  /** Strikes a weld that was logged by mistake, or takes the striking back. */
  @Transactional
  public void setStruck(long id, boolean struck) {
    if (welds.find(id).isEmpty()) {
      throw new NotThere("There is no entry number " + id + " in the Book.");
    }
    welds.setStruck(id, struck);
  }

  /** Combinations of steels and school that held at least once. */
  @Transactional(readOnly = true)
  public Set<Known.Welded> welded() {
    return welds.welded();
  }

  /** "Weld 2, step 5", with the part it belongs to before it. */
  private static String title(Plan plan, String path) {
    int stroke = path.lastIndexOf('/');
    String part = stroke < 0 ? "" : path.substring(0, stroke);
    String key = path.substring(stroke + 1);
    List<Step> steps = plan.at(part).map(Plan::steps).orElse(List.of());
    int nth = 0;
    for (int i = 0; i < steps.size(); i++) {
      boolean weld = steps.get(i).operation() instanceof SetWeld;
      nth += weld ? 1 : 0;
      if (steps.get(i).key().equals(key) && weld) {
        return (part.isEmpty() ? "" : part + ": ") + "Weld %d, step %d".formatted(nth, i + 1);
      }
    }
    throw new BadValue("stepKey", "The plan has no set weld of this key.");
  }

  /** The steels the weld joins, as the plan stands now. */
  private Set<String> joined(Plan plan, String path) {
    return Run.of(plan, shelf.steels(), shops.practice())
        .find(path)
        .map(f -> f.run().stages().get(f.stage() - 1).bars().section().areaBySteel().keySet())
        .orElse(Set.of());
  }
}
