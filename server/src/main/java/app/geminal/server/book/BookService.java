package app.geminal.server.book;

import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.check.BadValue;
import app.geminal.operation.SetWeld;
import app.geminal.server.account.Accounts;
import app.geminal.server.problem.NotThere;
import app.geminal.weld.MadeWeld;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
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
  private final Clock clock;

  BookService(BookRepository welds, Accounts accounts, Clock clock) {
    this.welds = welds;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** Every weld, newest first. */
  @Transactional(readOnly = true)
  public List<WeldView> all() {
    return welds.all();
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
    long id = welds.add(billetId, title, weld, accounts.id(login));
    return welds.find(id).orElseThrow();
  }

  /** Strikes a weld that was logged by mistake, or takes the striking back. */
  @Transactional
  public void setStruck(long id, boolean struck) {
    if (welds.find(id).isEmpty()) {
      throw new NotThere("There is no entry number " + id + " in the Book.");
    }
    welds.setStruck(id, struck);
  }

  private static String title(Plan plan, String stepKey) {
    int nth = 0;
    for (int i = 0; i < plan.steps().size(); i++) {
      Step step = plan.steps().get(i);
      boolean weld = step.operation() instanceof SetWeld;
      nth += weld ? 1 : 0;
      if (step.key().equals(stepKey) && weld) {
        return "Weld %d, step %d".formatted(nth, i + 1);
      }
    }
    throw new BadValue("stepKey", "The plan has no set weld of this key.");
  }
}
