package app.geminal.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The sign-ins there are, and ending them: at once, also for what is being sent to them. */
@Component
public class SignIns {
  /** The attribute of a session that has the name of a device signed in by a code. */
  public static final String DEVICE = "device";

  private final FindByIndexNameSessionRepository<? extends Session> sessions;
  private final ApplicationEventPublisher events;

  SignIns(
      FindByIndexNameSessionRepository<? extends Session> sessions,
      ApplicationEventPublisher events) {
    this.sessions = sessions;
    this.events = events;
  }

  /** The sign-in a request comes from, null for none. */
  public static @Nullable String here(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    return session == null ? null : session.getId();
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
   * @param device name of the device it was made on by a code, null where a password was typed
   */
  public record SignIn(Instant since, Instant lastUsed, boolean here, @Nullable String device) {}

  /**
   * A person's sign-ins, the one named first, then the latest used.
   *
   * @param here the one that is asked from, or null
   */
  public List<SignIn> of(String login, @Nullable String here) {
    return sessions.findByPrincipalName(login).values().stream()
        .map(s ->
            new SignIn(
                s.getCreationTime(),
                s.getLastAccessedTime(),
                s.getId().equals(here),
                s.getAttribute(DEVICE)))
        .sorted(Comparator.comparing(SignIn::here).thenComparing(SignIn::lastUsed).reversed())
        .toList();
  }

  /**
   * A device that is signed in by a code.
   *
   * @param id of its sign-in, which opens nothing
   * @param login name its person signs in with
   * @param name what it is called
   * @param since when it was signed in
   * @param lastUsed when it was last used
   * @param here whether it is the device that asks
   */
  public record Device(
      String id, String login, String name, Instant since, Instant lastUsed, boolean here) {}

  /**
   * A person's devices.
   *
   * @param here the sign-in that is asked from, or null
   */
  public List<Device> devicesOf(String login, @Nullable String here) {
    return sessions.findByPrincipalName(login).values().stream()
        .filter(s -> s.getAttribute(DEVICE) != null)
        .map(s ->
            new Device(
                idOf(s),
                login,
                s.getRequiredAttribute(DEVICE),
                s.getCreationTime(),
                s.getLastAccessedTime(),
                s.getId().equals(here)))
        .toList();
  }

  /** Ends the sign-in of a device. */
  public void endDevice(String login, String id) {
    Set<String> ended =
        sessions.findByPrincipalName(login).values().stream()
            .filter(s -> s.getAttribute(DEVICE) != null && idOf(s).equals(id))
            .map(Session::getId)
            .collect(Collectors.toSet());
    ended.forEach(sessions::deleteById);
    events.publishEvent(new SignedOut(ended));
  }

  /** What a sign-in is called in public: with the session's own number one is signed in. */
  private static String idOf(Session session) {
    return UUID.nameUUIDFromBytes(session.getId().getBytes(StandardCharsets.US_ASCII)).toString();
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
