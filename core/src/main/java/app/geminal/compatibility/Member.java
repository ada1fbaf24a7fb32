package app.geminal.compatibility;

import app.geminal.steel.Steel;
import app.geminal.validation.Require;

/**
 * A steel in a question.
 *
 * @param share part of the whole thickness, above 0; shares need not add up to 1
 */
public record Member(Steel steel, Role role, double share) {
  /** Checks the share. */
  public Member {
    Require.present("steel", steel);
    Require.present("role", role);
    Require.number("share", share, 1e-6, 1e6);
  }

  /** Whether it must harden: it is, or crosses, the edge. */
  boolean atEdge() {
    return role == Role.MIXED || role == Role.EDGE;
  }
}
