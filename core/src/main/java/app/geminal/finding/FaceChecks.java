package app.geminal.finding;

import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.operation.Grind;
import app.geminal.operation.Heated;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.Sandwich;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import java.util.List;
import java.util.function.DoubleFunction;

/** Checks of faces that were in the fire and should be laid together. */
final class FaceChecks {
  private FaceChecks() {}

  static List<Finding> restack(StepContext at, Restack restack) {
    return joined(at, restack.faceGrindMm(), Faces.BROAD, grind -> restack.withFaceGrindMm(grind));
  }

  static List<Finding> sandwich(StepContext at, Sandwich s) {
    return joined(
        at, s.faceGrindMm(), Faces.BROAD, grind -> new Sandwich(s.below(), s.above(), grind));
  }

  static List<Finding> layUp(StepContext at, LayUp l) {
    return joined(
        at,
        l.faceGrindMm(),
        Faces.SIDES,
        grind -> new LayUp(l.turns(), l.left(), l.right(), l.shims(), grind));
  }

  private static List<Finding> joined(
      StepContext at, double groundMm, Faces meeting, DoubleFunction<Operation> ground) {
    if (groundMm > 0 || isBright(at, meeting)) {
      return List.of();
    }
    return List.of(
        Finding.of(FindingKind.FACE_SCALED, Severity.WARNING, at.stage())
            .instead(ground.apply(usualMm(at)))
            .found());
  }

  static List<Finding> fold(StepContext at) {
    if (isBright(at, Faces.TOP)) {
      return List.of();
    }
    return List.of(
        Finding.of(FindingKind.FACE_SCALED_IN_FOLD, Severity.WARNING, at.stage())
            .before(new Grind(0, usualMm(at)))
            .found());
  }

  private static double usualMm(StepContext at) {
    return Math.max(0.1, at.shop().defaults().faceGrindMm());
  }

  /** Which faces of a bar meet others. */
  private enum Faces {
    TOP,
    BROAD,
    SIDES
  }

  /** Whether the faces were ground since the bar was last in the fire, or never were in it. */
  private static boolean isBright(StepContext at, Faces meeting) {
    for (int i = at.stage() - 1; i > 0; i--) {
      Stage stage = at.run().stages().get(i);
      Operation operation = stage.step().map(Step::operation).orElseThrow();
      if (stage.isOff()) {
        continue;
      }
      if (grinds(operation, meeting)) {
        return true;
      }
      if (operation instanceof SetWeld || operation instanceof Heated) {
        return false;
      }
    }
    return true;
  }

  private static boolean grinds(Operation operation, Faces meeting) {
    return switch (meeting) {
      case TOP -> operation instanceof Grind grind && grind.topMm() > 0;
      case BROAD -> operation instanceof Grind grind && grind.topMm() > 0 && grind.bottomMm() > 0;
      case SIDES -> operation instanceof Trim trim && trim.sidesMm() > 0;
    };
  }
}
