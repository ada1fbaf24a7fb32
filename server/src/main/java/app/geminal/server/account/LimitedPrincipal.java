package app.geminal.server.account;

import java.security.Principal;

/** Someone who acts for a person and may do less than that person. */
public interface LimitedPrincipal extends Principal {
  /** The most it may do, whatever its person may. */
  Rank mostRank();
}
