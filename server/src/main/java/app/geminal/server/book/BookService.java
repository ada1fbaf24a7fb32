package app.geminal.server.book;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.evidence.RecordNotes;
import app.geminal.evidence.WeldObservation;
import app.geminal.finding.ShopKnowledge;
import app.geminal.heatplan.ProtectionCost;
import app.geminal.server.account.Accounts;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.server.problem.NotFound;
import app.geminal.server.problem.VersionConflict;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldRecord;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was done. */
@Service
public class BookService {
  /** A clock in the forge may be a little fast. */
  private static final Duration CLOCK_TOLERANCE = Duration.ofMinutes(10);

  /** What the Book said when it was like that. */
  private record Counted(String state, Map<String, Message> sayings) {}

  /** The welds by billet when it was like that. */
  private record Sorted(String state, Map<Long, List<WeldRecord>> byBillet) {}

  private volatile Sorted sorted = new Sorted("", Map.of());
  private volatile Counted counted = new Counted("", Map.of());
  private final BookRepository welds;
  private final EntryRepository entries;
  private final HistoryRepository history;
  private final Accounts accounts;
  private final SteelShelf shelf;
  private final ShopService shops;
  private final Clock clock;

  BookService(
      BookRepository welds,
      EntryRepository entries,
      HistoryRepository history,
      Accounts accounts,
      SteelShelf shelf,
      ShopService shops,
      Clock clock) {
    this.shelf = shelf;
    this.shops = shops;
    this.welds = welds;
    this.entries = entries;
    this.history = history;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** Every weld, newest first; a later look counts for more than what was thought at the fire. */
  @Transactional(readOnly = true)
  public List<WeldView> all() {
    return LaterInspections.judged(welds.all(), entries.looks());
  }

  /** A page of the welds, newest first, judged like {@link #all}. */
  @Transactional(readOnly = true)
  public Page<WeldView> page(int size, @Nullable Cursor after) {
    Page<WeldView> page = welds.page(size, after);
    Set<Long> shown = page.items().stream().map(WeldView::id).collect(Collectors.toSet());
    Set<Long> billets = page.items().stream().map(WeldView::billetId).collect(Collectors.toSet());
    // What a look says of a weld depends on the other welds of its billet.
    return page.of(
        LaterInspections.judged(welds.of(billets), entries.looks(billets)).stream()
            .filter(w -> shown.contains(w.id()))
            .toList());
  }

  /**
   * What the Book says beside findings, by the check's id. Asked with every change of a plan, so it
   * is counted again only when something was written in the Book since.
   */
  @Transactional(readOnly = true)
  public Map<String, Message> sayings() {
    String state = welds.state();
    Counted last = counted;
    if (!last.state().equals(state)) {
      last = new Counted(state, RecordNotes.of(past()));
      counted = last;
    }
    return last.sayings();
  }

  /** All welds as the evidence reads them. */
  @Transactional(readOnly = true)
  public List<WeldObservation> past() {
    return LaterInspections.past(welds.all(), entries.looks());
  }

  /** Welds of one billet, newest first. */
  @Transactional(readOnly = true)
  public List<WeldView> of(long billetId) {
    return LaterInspections.judged(welds.of(billetId), entries.looks(Set.of(billetId)));
  }

  /**
   * All welds as the core knows them, by billet. Asked with every glance at the Rack, so they are
   * read again only when something was written in the Book since.
   */
  @Transactional(readOnly = true)
  public Map<Long, List<WeldRecord>> weldsByBillet() {
    String state = welds.state();
    Sorted last = sorted;
    if (!last.state().equals(state)) {
      last =
          new Sorted(
              state,
              all().stream()
                  .collect(
                      Collectors.groupingBy(
                          WeldView::billetId,
                          Collectors.mapping(WeldView::made, Collectors.toUnmodifiableList()))));
      sorted = last;
    }
    return last.byBillet();
  }

  /**
   * Writes a weld into the Book.
   *
   * @param plan the billet's plan, which must have the step
   * @throws InvalidValue when the step is no set weld of the plan, or the weld was made in the
   *     future
   */
  @Transactional
  public WeldView log(long billetId, Plan plan, WeldRecord weld, WeldConditions how, String login) {
    Dates.require("madeAt", weld.madeAt());
    if (weld.madeAt().isAfter(clock.instant().plus(CLOCK_TOLERANCE))) {
      throw new InvalidValue("madeAt", BookText.WELD_IN_FUTURE.with());
    }
    String title = title(plan, weld.stepKey());
    Joining joining = joining(plan, weld.stepKey());
    long id =
        welds.add(billetId, title, weld, joining.known(how), joining.steels(), accounts.id(login));
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
      WeldRecord weld,
      WeldConditions how,
      String login,
      long session,
      String entry) {
    boolean there = plan.setWelds().stream().anyMatch(p -> p.path().equals(weld.stepKey()));
    Joining joining = there ? joining(plan, weld.stepKey()) : Joining.UNKNOWN;
    long id =
        welds.add(
            billetId,
            there ? title(plan, weld.stepKey()) : title,
            weld,
            joining.known(how),
            joining.steels(),
            accounts.id(login));
    welds.setFire(id, session, entry);
  }

  /** Deletes the weld an entry of the fire's record wrote, or restores it. */
  @Transactional
  public void deleteFromSession(long session, String entry, boolean deleted) {
    welds.deleteFromSession(session, entry, deleted);
  }

  /** Welds by each way of keeping oxygen out; suspect ones are not decided yet. */
  @Transactional(readOnly = true)
  public Map<AtmosphereProtection, ProtectionCost.MethodRecord> byProtection() {
    return welds.byProtection();
  }

  /** Deletes a weld that was logged by mistake, or restores it. */
  @Transactional
  public void setDeleted(long id, boolean deleted) {
    if (welds.find(id).isEmpty()) {
      throw new NotFound(BookText.NO_ENTRY.with("number", id));
    }
    welds.setDeleted(id, deleted);
  }

  /** Combinations of steels and atmosphere protection that held at least once. */
  @Transactional(readOnly = true)
  public Set<ShopKnowledge.Welded> welded() {
    return welds.welded();
  }

  /** Changes whenever something is written in the Book, changed, deleted or restored. */
  String state() {
    return welds.state();
  }

  private static String title(Plan plan, String path) {
    if (plan.setWelds().stream().noneMatch(p -> p.path().equals(path))) {
      throw new InvalidValue("stepKey", BookText.NO_SUCH_WELD_STEP.with());
    }
    return StepTitles.of(plan, path);
  }

  /** What the weld joins, as the plan is now. */
  Joining joining(Plan plan, String path) {
    return Run.of(plan, shelf.steels(), shops.defaults())
        .find(path)
        .map(f -> Joining.of(f, shelf.steels()))
        .orElse(Joining.UNKNOWN);
  }

  /**
   * Edits what was written of a weld; how it was is kept.
   *
   * @param version the version the change was based on
   * @throws VersionConflict when another version is stored by now
   */
  @Transactional
  public WeldView change(long id, int version, WeldRecord weld, WeldConditions how, String login) {
    WeldView was = weld(id);
    Dates.require("madeAt", weld.madeAt());
    if (weld.madeAt().isAfter(clock.instant().plus(CLOCK_TOLERANCE))) {
      throw new InvalidValue("madeAt", BookText.WELD_IN_FUTURE.with());
    }
    if (!welds.replace(id, version, weld, how)) {
      throw new VersionConflict(BookText.THIS_WELD.with(), was.version());
    }
    history.keep(was, accounts.id(login), clock.instant());
    return weld(id);
  }

  /** One weld, deleted or not, as it was written. */
  @Transactional(readOnly = true)
  public WeldView weld(long id) {
    return welds.find(id).orElseThrow(() -> new NotFound(BookText.NO_WELD.with("number", id)));
  }

  /** How a weld was before, newest first. */
  @Transactional(readOnly = true)
  public List<WeldBefore> before(long id) {
    weld(id);
    return history.ofWeld(id);
  }
}
