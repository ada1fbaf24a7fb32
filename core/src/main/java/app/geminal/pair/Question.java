package app.geminal.pair;

import app.geminal.check.Require;
import app.geminal.steel.Steel;
import app.geminal.weld.OxygenSchool;
import java.util.List;

/**
 * Which steels, for what, welded how.
 *
 * @param members 2 to 6, in the order they lie on each other
 * @param process how oxygen is kept out
 * @param cuttingEdge whether it shall cut; fittings and tool bodies need not harden
 */
public record Question(List<Member> members, OxygenSchool process, boolean cuttingEdge) {
  /** Most steels one question takes. */
  public static final int MOST = 6;

  /** Checks every field and copies the list. */
  public Question {
    members = Require.list("members", members, 2, MOST);
    Require.present("process", process);
  }

  /** Equal parts of a pattern for a blade. */
  public static Question mixed(OxygenSchool process, List<Steel> steels) {
    return new Question(
        steels.stream().map(s -> new Member(s, Role.MIXED, 1)).toList(), process, true);
  }

  boolean sealed() {
    return process == OxygenSchool.SEALED;
  }
}
