package app.geminal.flaw;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.geometry.Block;
import app.geminal.geometry.Folded;
import app.geminal.geometry.PlacedBar;
import app.geminal.geometry.ShapeChange;
import app.geminal.layup.Piece;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The joints that were laid last before a stage, as far as they run level through the bar: those a
 * weld there closes, counted from the underside.
 */
public final class LatestJoints {
  private LatestJoints() {}

  /**
   * Heights of the joints over the underside, mm, voids closed, lowest first.
   *
   * @param stage of the Run
   * @return empty where none was laid or where they do not lie level
   */
  public static List<Double> of(Run run, int stage) {
    int laid = run.laidAt(stage);
    List<Double> heights = heights(run, laid);
    Bars bars = run.stages().get(laid).bars();
    double high = bars.section().heightMm();
    List<Double> now = new ArrayList<>();
    for (double z : heights) {
      Spot middle =
          new Spot(
              0,
              bars.lengthMm() / 2,
              bars.lengthMm() / 2,
              bars.widthMm() / 2,
              bars.widthMm() / 2,
              Math.min(z, high),
              Math.min(z, high));
      FlawTracker.of(run, "", laid, middle).stream()
          .filter(at -> at.part().isEmpty() && at.stage() == stage && !at.aside())
          .map(FlawTracker.At::spot)
          .filter(s -> s.toZMm() - s.fromZMm() < 1e-6)
          .findFirst()
          .ifPresent(s -> now.add(s.fromZMm()));
    }
    return List.copyOf(now);
  }

  private static List<Double> heights(Run run, int laid) {
    Stage stage = run.stages().get(laid);
    if (laid == 0) {
      return below(run.plan().stack().pieces().stream().map(Piece::solidMm).toList(), 1);
    }
    double measured = stage.bars().section().heightMm() / stage.calculated().section().heightMm();
    int folds = 0;
    for (ShapeChange change : stage.changes()) {
      if (change instanceof Block block && block.isUp()) {
        return below(block.placed().stream().map(PlacedBar::sizeMm).toList(), measured);
      }
      folds += change instanceof Folded ? 1 : 0;
    }
    int bars = 1 << folds;
    double each = stage.calculated().section().heightMm() / bars;
    return below(Collections.nCopies(bars, each), measured);
  }

  private static List<Double> below(List<Double> thicknesses, double factor) {
    List<Double> heights = new ArrayList<>();
    double z = 0;
    for (double mm : thicknesses.subList(0, Math.max(0, thicknesses.size() - 1))) {
      z += mm * factor;
      heights.add(z);
    }
    return heights;
  }
}
