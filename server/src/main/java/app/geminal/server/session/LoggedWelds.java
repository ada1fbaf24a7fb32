package app.geminal.server.session;

import app.geminal.session.HeatSession;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Welds as they were logged at the fire. */
@Component
public class LoggedWelds {
  private final LiveSessions live;

  LoggedWelds(LiveSessions live) {
    this.live = live;
  }

  /**
   * How a weld was made in a session.
   *
   * @param session number of the session
   * @param step names of the parts the step is in, then its key, with strokes between
   * @return a copy; empty where the session was not about that step, or followed no joints
   */
  public Optional<HeatSession> course(long session, String step) {
    LiveSession found = live.get(session);
    return found.session().billets().stream()
        .filter(b -> b.plan().stepPath().equals(step) && !b.heat().welds().isEmpty())
        .findFirst()
        .map(b -> found.course(b.place()).copy());
  }
}
