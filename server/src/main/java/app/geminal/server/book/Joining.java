package app.geminal.server.book;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import app.geminal.weld.WeldConditions;
import java.util.Optional;
import java.util.Set;

/**
 * What a weld joins.
 *
 * @param steels designations, none where the plan has no such weld
 * @param joints it closes
 * @param later whether bars were laid together before the ones it closes
 * @param window heats all of them weld at, empty where they share none
 */
record Joining(Set<String> steels, int joints, boolean later, Optional<WeldWindow> window) {
  static final Joining UNKNOWN = new Joining(Set.of(), 0, false, Optional.empty());

  /** Joints laid last before the step; a stack of one piece closes none. */
  static Joining of(Run.Found found, Steels steels) {
    int laid = found.run().laidAt(found.stage() - 1);
    Stage before = found.run().stages().get(found.stage() - 1);
    Set<String> joined = before.bars().section().areaBySteel().keySet();
    return new Joining(
        joined,
        found.run().stages().get(laid).joints(),
        laid > 0,
        WeldWindow.sharedBy(joined.stream().map(steels::get).toList()));
  }

  /** How a weld was made, with what the plan knows of it where no one said otherwise. */
  WeldConditions known(WeldConditions said) {
    return new WeldConditions(
        said.floorC() == null ? window.map(WeldWindow::fromC).orElse(null) : said.floorC(),
        said.ceilingC() == null ? window.map(WeldWindow::toC).orElse(null) : said.ceilingC(),
        said.soakMin(),
        said.neededSoakMin(),
        said.waitedS(),
        said.workingS(),
        said.heats(),
        said.forceKn(),
        said.reduction(),
        joints,
        later,
        said.mapChance());
  }
}
