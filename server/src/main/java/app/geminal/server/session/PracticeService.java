package app.geminal.server.session;

import app.geminal.server.account.Accounts;
import app.geminal.server.problem.NotFound;
import app.geminal.validation.InvalidValue;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is found when a practice run has ended, and how far each person has come with the drills.
 */
@Service
class PracticeService {
  private final ForgeSessionRepository fires;
  private final LiveSessions live;
  private final Accounts accounts;

  PracticeService(ForgeSessionRepository fires, LiveSessions live, Accounts accounts) {
    this.fires = fires;
    this.live = live;
    this.accounts = accounts;
  }

  /**
   * The joints of a practice run that has ended, as they are shown.
   *
   * @throws NotFound where it is none
   */
  public Inspection inspection(long sessionId) {
    return shown(sessionId, made(sessionId));
  }

  private Inspection made(long sessionId) {
    LiveSession fire = live.get(sessionId);
    if (!fire.isRehearsal()) {
      throw new NotFound(SessionText.NO_PRACTICE_RUN.with("number", sessionId));
    }
    if (fire.isOpen()) {
      throw new InvalidValue("", SessionText.PRACTICE_RUN_CONTINUES.with());
    }
    return fire.inspection();
  }

  private Inspection shown(long sessionId, Inspection made) {
    // What was named since the session was loaded is in the database.
    return made.shown(fires.find(sessionId).orElseThrow());
  }

  /**
   * Keeps why a joint of a practice run is open as someone names it; the first answer stays.
   *
   * @return its joints as they are shown now
   * @throws InvalidValue where another joint is asked for, or none
   */
  @Transactional
  public Inspection name(long sessionId, int place, NamedCause named) {
    Inspection made = made(sessionId);
    Inspection.Bar bar =
        made.bars().stream()
            .filter(b -> b.place() == place)
            .findFirst()
            .orElseThrow(() -> new InvalidValue("place", SessionText.SESSION_HAS_NO_BILLET.with()));
    if (!Objects.equals(bar.ask(), named.joint())) {
      throw new InvalidValue("joint", SessionText.JOINT_IS_NOT_ASKED_FOR.with());
    }
    fires.name(sessionId, place, named);
    return shown(sessionId, made);
  }

  /** How far a person has come with each drill. */
  @Transactional(readOnly = true)
  public List<DrillLine> drills(String login) {
    return fires.drills(accounts.id(login));
  }
}
