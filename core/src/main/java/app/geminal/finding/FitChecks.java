package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.operation.Fit;
import app.geminal.operation.LayUp;
import app.geminal.units.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** Checks of how separately forged parts meet. */
final class FitChecks {
  private static final double DUST_MM = 1e-9;

  private FitChecks() {}

  static List<Finding> of(At at) {
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

  private static Finding height(At at, Fit fit, double apart) {
    boolean partLower = fit.apartMm() < 0;
    Finding.Builder found =
        Finding.of("heights-do-not-match", Strength.AT_RISK, at.stage())
            .about(fit.part())
            .against(apart, at.limits().heightsDifferMm())
            .what(
                "“%s” stands %s %s.",
                fit.part(), Measure.mm(apart), partLower ? "too low" : "too high")
            .why(
                "It is %s high and the bar beside it %s; more than %s and a die does not touch both, so the side joint is not pressed.",
                Measure.mm(fit.partMm()),
                Measure.mm(fit.ownMm()),
                Measure.mm(at.limits().heightsDifferMm()));
    if (at.operation() instanceof LayUp layUp) {
      found.instead("Shim it by " + Measure.mm(apart), shimmed(at, layUp, fit, apart));
    }
    return found.mend(
        "Grind %s off the higher one, or lay a shim of %s on the lower one.",
        Measure.mm(apart), Measure.mm(apart));
  }

  /** The shim is of the steel it lies on, so that it does not show. */
  private static LayUp shimmed(At at, LayUp layUp, Fit fit, double apart) {
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

  private static Finding widthOrLength(At at, Fit fit, double apart) {
    boolean width = fit.what() == Fit.Measured.WIDTH;
    String how = width ? "wide" : "long";
    String larger = fit.apartMm() > 0 ? "“" + fit.part() + "”" : "The bar";
    return Finding.of("widths-differ", Strength.AT_RISK, at.stage())
        .about(fit.part())
        .against(apart, at.limits().sizesDifferMm())
        .what("“%s” is not as %s as the bar.", fit.part(), how)
        .why(
            "It is %s %s and the bar %s; what sticks out past %s leaves a cold shut and is cut off in this plan.",
            Measure.mm(fit.partMm()),
            how,
            Measure.mm(fit.ownMm()),
            Measure.mm(at.limits().sizesDifferMm()))
        .mend("%s loses %s; draw both to one size before they meet.", larger, Measure.mm(apart));
  }
}
