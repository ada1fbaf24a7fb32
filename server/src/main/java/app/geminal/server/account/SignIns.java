package app.geminal.server.account;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
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

  /**
   * A sign-in as its person sees it.
   *
   * @param since when it began
   * @param lastUsed when it was last used
   * @param here whether it is the sign-in that asks
   */
  public record SignIn(Instant since, Instant lastUsed, boolean here) {}

  /**
   * A person's sign-ins, the one named first, then the latest used.
   *
   * @param here the one that is asked from, or null
   */
  public List<SignIn> of(String login, @Nullable String here) {
    return sessions.findByPrincipalName(login).values().stream()
        .map(s -> new SignIn(s.getCreationTime(), s.getLastAccessedTime(), s.getId().equals(here)))
        .sorted(Comparator.comparing(SignIn::here).thenComparing(SignIn::lastUsed).reversed())
        .toList();
  }

  /** Someone's sign-ins last this long without use from now on. */
  public void last(String login, Duration unused) {
    last(sessions, login, unused);
  }

  private static <S extends Session> void last(
      FindByIndexNameSessionRepository<S> sessions, String login, Duration unused) {
    for (S session : sessions.findByPrincipalName(login).values()) {
      session.setMaxInactiveInterval(unused);
      sessions.save(session);
    }
  }

  /** One sign-in has ended. */
  public void ended(String sessionId) {
    events.publishEvent(new SignedOut(Set.of(sessionId)));
  }
}
