package app.geminal.fire;

import app.geminal.text.Message;
import java.util.Optional;

/**
 * Something to lay out before the forge is lit.
 *
 * @param what it is
 * @param caution where it can hurt, if it can
 */
public record LaidOut(Message what, Optional<Message> caution) {

  static LaidOut of(Message what) {
    return new LaidOut(what, Optional.empty());
  }

  static LaidOut of(Message what, Message caution) {
    return new LaidOut(what, Optional.of(caution));
  }
}
