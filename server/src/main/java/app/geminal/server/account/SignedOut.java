package app.geminal.server.account;

import java.util.Set;

/** Sign-ins that have just ended; the person who still sends to one of them stops. */
public record SignedOut(Set<String> sessionIds) {
  /** Copies the set. */
  public SignedOut {
    sessionIds = Set.copyOf(sessionIds);
  }
}
