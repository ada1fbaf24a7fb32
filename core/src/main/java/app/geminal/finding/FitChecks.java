package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.operation.Fit;
import app.geminal.operation.LayUp;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** Checks of how separately forged parts meet. */
final class FitChecks {
  private static final double DUST_MM = 1e-9;

  private FitChecks() {}

  static List<Finding> of(StepContext at) {
    List<Finding> found = new ArrayList<>();
    for (Fit fit : at.now().fits()) {
      double apart = Math.abs(fit.apartMm());
      switch (fit.what()) {
        case HEIGHT -> {
          if (apart > at.limits().heightsDifferMm() + DUST_MM) {
            found.add(height(at, fit, apart));
          }
        }
        case WIDTH, LENGTH -> {
          if (apart > at.limits().sizesDifferMm() + DUST_MM) {
            found.add(widthOrLength(at, fit, apart));
          }
        }
      }
    }
    return found;
  }

  private static Finding height(StepContext at, Fit fit, double apart) {
    Finding.Builder found =
        Finding.of(FindingKind.HEIGHTS_DIFFER, Severity.WARNING, at.stage())
            .about(fit.part())
            .against(apart, at.limits().heightsDifferMm())
            .figures(
                "part", fit.part(),
                "lower", fit.apartMm() < 0,
                "apart", Quantity.mm(apart),
                "partHeight", Quantity.mm(fit.partMm()),
                "barHeight", Quantity.mm(fit.ownMm()),
                "limit", Quantity.mm(at.limits().heightsDifferMm()));
    if (at.operation() instanceof LayUp layUp) {
      found.instead(shimmed(at, layUp, fit, apart));
    }
    return found.found();
  }

  /** The shim is of the steel it is on, so that it does not show. */
  private static LayUp shimmed(StepContext at, LayUp layUp, Fit fit, double apart) {
    if (fit.apartMm() > 0) {
      String steel = at.before().section().up().topSteel();
      List<Piece> shims = new ArrayList<>(layUp.shims());
      shims.add(new Piece(steel, apart));
      return layUp.withShims(shims);
    }
    Run part = Objects.requireNonNull(at.run().parts().get(fit.part()));
    String steel = part.last().bars().section().up().topSteel();
    return layUp.withSides(
        shimmed(layUp.left(), fit.part(), steel, apart),
        shimmed(layUp.right(), fit.part(), steel, apart));
  }

  private static List<Laid> shimmed(List<Laid> laid, String part, String steel, double mm) {
    return laid.stream()
        .map(l ->
            l instanceof PartBar bar && bar.part().equals(part)
                ? bar.withShim(new Piece(steel, mm))
                : l)
        .toList();
  }

  private enum Larger {
    PART,
    BAR
  }

  private static Finding widthOrLength(StepContext at, Fit fit, double apart) {
    return Finding.of(FindingKind.PART_SIZE_DIFFERS, Severity.WARNING, at.stage())
        .about(fit.part())
        .against(apart, at.limits().sizesDifferMm())
        .figures(
            "part", fit.part(),
            "size", fit.what(),
            "larger", fit.apartMm() > 0 ? Larger.PART : Larger.BAR,
            "apart", Quantity.mm(apart),
            "partSize", Quantity.mm(fit.partMm()),
            "barSize", Quantity.mm(fit.ownMm()),
            "limit", Quantity.mm(at.limits().sizesDifferMm()))
        .found();
  }
}
