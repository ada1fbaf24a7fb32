package app.geminal.finding;

import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.operation.Draw;
import app.geminal.operation.Grind;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import java.util.List;

/** Checks of faces that were in the fire and shall be laid together. */
final class FaceChecks {
  private FaceChecks() {}

  static List<Finding> restack(At at, Restack restack) {
    if (restack.faceGrindMm() > 0 || isBright(at, false)) {
      return List.of();
    }
    return List.of(
        scaled(at)
            .instead(
                "Grind the joint faces",
                restack.withFaceGrindMm(Math.max(0.1, at.shop().practice().faceGrindMm())))
            .mend("Grind the faces that meet; the outsides can wait."));
  }

  static List<Finding> fold(At at) {
    if (isBright(at, true)) {
      return List.of();
    }
    double usual = Math.max(0.1, at.shop().practice().faceGrindMm());
    return List.of(
        scaled(at)
            .before("Grind the inside of the fold", new Grind(0, usual))
            .mend("Grind the face that folds on itself, or flux it open and brush it at heat."));
  }

  private static Finding.Builder scaled(At at) {
    return Finding.of("face-not-ground", Strength.AT_RISK, at.stage())
        .about("joint faces")
        .what("Scale in the joints.")
        .why(
            "The bars come out of the fire and are laid together unground. Scale does not weld; some flux it and trust to that.");
  }

  /** Whether the faces were ground since the bar was last in the fire, or never were in it. */
  private static boolean isBright(At at, boolean topIsEnough) {
    for (int i = at.stage() - 1; i > 0; i--) {
      Stage stage = at.run().stages().get(i);
      Operation operation = stage.step().map(Step::operation).orElseThrow();
      if (stage.isOff()) {
        continue;
      }
      if (operation instanceof Grind grind
          && grind.topMm() > 0
          && (topIsEnough || grind.bottomMm() > 0)) {
        return true;
      }
      if (operation instanceof SetWeld || operation instanceof Draw) {
        return false;
      }
    }
    return true;
  }
}
