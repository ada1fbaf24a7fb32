package app.geminal.server.book;

import app.geminal.validation.OrderedCopies;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.time.Instant;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A weld as the Book shows it.
 *
 * @param id number
 * @param billetId number of the billet
 * @param billetName name of the billet
 * @param stepKey key of the step
 * @param stepTitle name of the step
 * @param madeAt when the weld was made
 * @param temperatureC temperature of the weld, °C
 * @param protection how air was kept from the joint
 * @param steels designations it joined, empty where no one knows
 * @param outcome how the weld turned out
 * @param note notes, may be empty, at most 2000 characters
 * @param how how it was made, as far as anyone knows
 * @param version 1 as it was first written; more where it was changed since
 * @param fireSession the session at the fire that wrote it, null where it was typed
 * @param madeBy name of the person who recorded it
 */
public record WeldView(
    long id,
    long billetId,
    String billetName,
    String stepKey,
    String stepTitle,
    Instant madeAt,
    double temperatureC,
    AtmosphereProtection protection,
    Set<String> steels,
    WeldOutcome outcome,
    String note,
    WeldConditions how,
    int version,
    @Nullable Long fireSession,
    String madeBy) {

  /** Copies the steels. */
  public WeldView {
    steels = OrderedCopies.copyOf(steels);
  }

  /** The weld as the core knows it. */
  public WeldRecord made() {
    return new WeldRecord(stepKey, madeAt, temperatureC, protection, outcome, note);
  }

  /** The same weld with what a later look has found of it. */
  WeldView found(WeldOutcome found) {
    return new WeldView(
        id,
        billetId,
        billetName,
        stepKey,
        stepTitle,
        madeAt,
        temperatureC,
        protection,
        steels,
        found,
        note,
        how,
        version,
        fireSession,
        madeBy);
  }
}
