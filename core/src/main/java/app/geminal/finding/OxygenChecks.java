package app.geminal.finding;

import app.geminal.operation.SetWeld;
import app.geminal.shop.Lining;
import app.geminal.units.Quantity;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import java.util.ArrayList;
import java.util.List;

/** Checks of the way oxygen is kept out. */
final class OxygenChecks {
  private OxygenChecks() {}

  static List<Finding> of(StepContext at, SetWeld weld) {
    List<Finding> found = new ArrayList<>();
    boolean flux =
        weld.protection() == AtmosphereProtection.BORAX
            || weld.protection() == AtmosphereProtection.BOTH;
    boolean fuel =
        weld.protection() == AtmosphereProtection.DRY
            || weld.protection() == AtmosphereProtection.BOTH;
    if (flux && at.shop().forge().lining() == Lining.FIBRE) {
      found.add(
          Finding.of(FindingKind.FLUX_ON_FIBRE, Severity.NOTE, at.stage())
              .instead(weld.withProtection(AtmosphereProtection.DRY))
              .found());
    }
    if (flux && !at.before().loose()) {
      found.add(
          Finding.of(FindingKind.FLUX_NEEDLESS, Severity.NOTE, at.stage())
              .instead(weld.withProtection(AtmosphereProtection.DRY))
              .found());
    }
    if (weld.isSealed() && weld.jacket() == Jacket.CLOSED) {
      found.add(
          Finding.of(FindingKind.CAN_WITHOUT_VENT, Severity.WARNING, at.stage())
              .safety()
              .figures(
                  "dry", Quantity.mpa(0.5),
                  "water", Quantity.kg(0.001),
                  "can", Quantity.litres(0.5),
                  "wet", Quantity.mpa(1.4),
                  "ventFrom", Quantity.mm(2),
                  "ventTo", Quantity.mm(3))
              .instead(weld.withJacket(Jacket.VENTED))
              .found());
    }
    if (fuel && at.before().loose()) {
      found.add(Finding.of(FindingKind.FUEL_FLARE, Severity.NOTE, at.stage()).safety().found());
    }
    if (!weld.isSealed() && at.before().loose() && !at.shop().forge().airControl()) {
      found.add(
          Finding.of(FindingKind.AIR_RICH_BURNER, Severity.WARNING, at.stage())
              .instead(weld.withProtection(AtmosphereProtection.SEALED))
              .found());
    }
    return found;
  }
}
