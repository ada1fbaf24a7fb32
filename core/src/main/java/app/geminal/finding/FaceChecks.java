package app.geminal.finding;

import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.operation.BarFace;
import app.geminal.operation.Grind;
import app.geminal.operation.Meeting;
import app.geminal.operation.Operation;
import java.util.List;
import java.util.function.DoubleFunction;

/** Checks of faces that were in the fire and should be laid together. */
final class FaceChecks {
  private FaceChecks() {}

  static List<Finding> of(StepContext at, Meeting meeting) {
    if (meeting.groundMm() > 0 || isBright(at, meeting.faces())) {
      return List.of();
    }
    DoubleFunction<Operation> ground = meeting.ground();
    return List.of(
        ground == null
            ? Finding.of(FindingKind.FACE_SCALED_IN_FOLD, Severity.WARNING, at.stage())
                .before(new Grind(0, usualMm(at)))
                .found()
            : Finding.of(FindingKind.FACE_SCALED, Severity.WARNING, at.stage())
                .instead(ground.apply(usualMm(at)))
                .found());
  }

  private static double usualMm(StepContext at) {
    return Math.max(0.1, at.shop().defaults().faceGrindMm());
  }

  /** Whether the faces were ground since the bar was last in the fire, or never were in it. */
  private static boolean isBright(StepContext at, BarFace meeting) {
    for (int i = at.stage() - 1; i > 0; i--) {
      Stage stage = at.run().stages().get(i);
      Operation operation = stage.step().map(Step::operation).orElseThrow();
      if (stage.isOff()) {
        continue;
      }
      if (operation.brightens().contains(meeting)) {
        return true;
      }
      if (operation.atHeat(at.shop().defaults()).isPresent()) {
        return false;
      }
    }
    return true;
  }
}
