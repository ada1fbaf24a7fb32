package app.geminal.heatplan;

import app.geminal.text.Message;
import java.util.Optional;

/**
 * One step of a heat plan.
 *
 * @param heat which heat it belongs to, from 1
 * @param act what is tapped when it is done, empty for waiting until the heat is even
 * @param title a few words
 * @param how what to do and why
 * @param moment when
 */
public record HeatStep(
    int heat, Optional<ForgeAction> act, Message title, Message how, Message moment) {

  static HeatStep of(int heat, ForgeAction act, Message title, Message how, Message moment) {
    return new HeatStep(heat, Optional.of(act), title, how, moment);
  }

  static HeatStep even(int heat, Message how, Message moment) {
    return new HeatStep(heat, Optional.empty(), HeatText.SOAK_TITLE.with(), how, moment);
  }
}
