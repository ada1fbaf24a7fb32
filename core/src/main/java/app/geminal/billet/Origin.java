package app.geminal.billet;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * Where a part came from that was set aside in another billet.
 *
 * @param billetId number of that billet
 * @param billet its name when the bars were picked
 * @param stepKey the step that set them aside
 */
public record Origin(long billetId, String billet, String stepKey) {

  /** Checks every field. */
  public Origin {
    if (billetId < 1) {
      throw new InvalidValue("billetId", BilletText.BILLET_NUMBER.with("number", billetId));
    }
    Require.text("billet", billet, 120);
    Require.text("stepKey", stepKey, Step.LONGEST_PATH);
  }
}
