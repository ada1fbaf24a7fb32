package app.geminal.compatibility;

import app.geminal.steel.Steel;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import app.geminal.weld.AtmosphereProtection;
import java.util.List;

/**
 * Which steels, for what, welded how.
 *
 * @param members 2 to 6, in the order they lie on each other
 * @param process how oxygen is kept out
 * @param cuttingEdge whether it should cut; fittings and tool bodies need not harden
 * @param carbonApart part of the difference in carbon that is left between the layers of a mixed
 *     pattern when it is done: 0 in fine layers, where it evens out, 1 in thick ones
 */
public record SteelQuestion(
    List<Member> members, AtmosphereProtection process, boolean cuttingEdge, double carbonApart) {
  /** Most steels one question takes. */
  public static final int MOST = 6;

  /** Checks every field and copies the list. */
  public SteelQuestion {
    members = Require.list("members", members, 2, MOST);
    Require.present("process", process);
    Require.number("carbonApart", carbonApart, 0, 1);
    if (members.stream().map(m -> m.steel().id()).distinct().count() < 2) {
      throw new InvalidValue(
          "members", SteelsText.ONE_STEEL.with("steel", members.getFirst().steel().id()));
    }
  }

  /** In layers fine enough for carbon to even out. */
  public SteelQuestion(List<Member> members, AtmosphereProtection process, boolean cuttingEdge) {
    this(members, process, cuttingEdge, 0);
  }

  /** Equal parts of a pattern for a blade. */
  public static SteelQuestion mixed(AtmosphereProtection process, List<Steel> steels) {
    return new SteelQuestion(
        steels.stream().map(s -> new Member(s, Role.MIXED, 1)).toList(), process, true);
  }

  boolean sealed() {
    return process == AtmosphereProtection.SEALED;
  }
}
