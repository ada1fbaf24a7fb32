package app.geminal.server.account;

import java.util.HashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The sign-ins there are, and ending them: at once, also for what is being sent to them. */
@Component
public class SignIns {
  private final FindByIndexNameSessionRepository<? extends Session> sessions;
  private final ApplicationEventPublisher events;

  SignIns(
      FindByIndexNameSessionRepository<? extends Session> sessions,
      ApplicationEventPublisher events) {
    this.sessions = sessions;
    this.events = events;
  }

  /**
   * Ends every sign-in of a person.
   *
   * @param but one that stays, or null for none
   */
  public void end(String login, @Nullable String but) {
    Set<String> ended = new HashSet<>(sessions.findByPrincipalName(login).keySet());
    if (but != null) {
      ended.remove(but);
    }
    ended.forEach(sessions::deleteById);
    events.publishEvent(new SignedOut(ended));
  }

  /** One sign-in has ended. */
  public void ended(String sessionId) {
    events.publishEvent(new SignedOut(Set.of(sessionId)));
  }
}
