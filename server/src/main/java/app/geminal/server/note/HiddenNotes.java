package app.geminal.server.note;

import app.geminal.finding.Finding;
import app.geminal.server.account.Accounts;
import app.geminal.server.problem.NotFound;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.time.Clock;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Knows which notes a smith chose not to see again. Errors and warnings are always shown. */
@Service
public class HiddenNotes {
  private static final Set<String> FAMILIES = Finding.families();

  private final HiddenNoteRepository notes;
  private final Accounts accounts;
  private final Clock clock;

  HiddenNotes(HiddenNoteRepository notes, Accounts accounts, Clock clock) {
    this.notes = notes;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** All of them, the latest first. */
  @Transactional(readOnly = true)
  List<HiddenNote> all() {
    return notes.all();
  }

  /**
   * Families whose notes are hidden on a billet.
   *
   * @param billetId its number, 0 for a plan that is no stored billet's
   */
  @Transactional(readOnly = true)
  public Set<String> hidden(long billetId) {
    return notes.hidden(billetId);
  }

  /**
   * Hides notes of a family.
   *
   * @param billetId on this billet only, null for the whole shop
   * @throws InvalidValue when there is no such family
   * @throws NotFound when there is no such billet
   */
  @Transactional
  public List<HiddenNote> hide(String login, String family, @Nullable Long billetId) {
    if (!FAMILIES.contains(Require.present("family", family))) {
      throw new InvalidValue("family", NoteText.THERE_IS_NO_FINDING.with());
    }
    if (billetId != null && !notes.hasBillet(billetId)) {
      throw new NotFound(NoteText.NO_BILLET.with("number", billetId));
    }
    notes.add(family, billetId, accounts.id(login), clock.instant());
    return notes.all();
  }

  /**
   * Shows a note again.
   *
   * @throws NotFound when none of that number is hidden
   */
  @Transactional
  public List<HiddenNote> show(long id) {
    if (!notes.remove(id)) {
      throw new NotFound(NoteText.NO_HIDDEN_NOTE.with("number", id));
    }
    return notes.all();
  }
}
