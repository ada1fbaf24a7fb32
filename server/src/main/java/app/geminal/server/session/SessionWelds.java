package app.geminal.server.session;

import app.geminal.heatplan.ForgeAction;
import app.geminal.server.billet.BilletService;
import app.geminal.server.book.BookService;
import app.geminal.session.HeatSession;
import app.geminal.session.LogMark;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What a session says of the welds it made, put into the Book. */
@Component
class SessionWelds {
  private final SessionEntryRepository logged;
  private final BilletService billets;
  private final BookService book;

  SessionWelds(SessionEntryRepository logged, BilletService billets, BookService book) {
    this.logged = logged;
    this.billets = billets;
    this.book = book;
  }

  /**
   * Writes what became of welds into the Book and deletes what was taken back, by the whole log as
   * it is on disk now: an outcome may have come together with the deeds it is about.
   */
  void intoTheBook(LiveSession fire, List<Entry> outcomes, String login) {
    List<KeptEntry> log = logged.entries(fire.id());
    for (Entry outcome : outcomes) {
      write(fire, outcome, fire.course(outcome.place(), log), login);
    }
    Set<String> undone = UndoneEntries.of(log);
    log.stream()
        .filter(k -> k.entry().kind().isOutcome())
        .forEach(k ->
            book.deleteFromSession(fire.id(), k.entry().id(), undone.contains(k.entry().id())));
  }

  private void write(LiveSession fire, Entry e, HeatSession course, String login) {
    Session.Billet billet = fire.session().billets().get(e.place());
    Optional<AtmosphereProtection> protection = billet.plan().protection();
    if (protection.isEmpty()) {
      return;
    }
    double celsius =
        course.marks().stream()
            .filter(m -> m.logEntry().act() == ForgeAction.OUT)
            .mapToDouble(LogMark::skinC)
            .max()
            .orElse(billet.plan().window().aimC());
    WeldRecord weld =
        new WeldRecord(
            billet.plan().stepPath(),
            e.doneAt(),
            Math.clamp(Math.rint(celsius), WeldRecord.COLDEST_C, WeldRecord.HOTTEST_C),
            protection.get(),
            WeldOutcome.valueOf(e.kind().name()),
            note(course, e.note()));
    book.logFromFire(
        billet.billetId(),
        billets.get(billet.billetId()).plan(),
        billet.plan().title().marked(),
        weld,
        LoggedConditions.of(course),
        login,
        fire.id(),
        e.id());
  }

  /** Kept as a note of the weld, so in the words and units of today. */
  private static String note(HeatSession course, String said) {
    List<Quantity> waited =
        course.marks().stream()
            .filter(m -> m.logEntry().act() == ForgeAction.SQUEEZE)
            .map(m -> Quantity.seconds(Math.rint(m.sinceOutS())))
            .toList();
    String own =
        (waited.isEmpty()
                ? SessionText.FROM_SESSION_LOG.with()
                : SessionText.FROM_SESSION_LOG_WITH_SETS.with(
                    "sets", waited.size(), "waited", waited))
            .read(Units.METRIC);
    return said.isEmpty() ? own : said + " " + own;
  }
}
