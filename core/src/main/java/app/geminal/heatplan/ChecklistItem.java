package app.geminal.heatplan;

import app.geminal.text.Message;
import java.util.Optional;

/**
 * Something to lay out before the forge is lit.
 *
 * @param what it is
 * @param caution where it can hurt, if it can
 */
public record ChecklistItem(Message what, Optional<Message> caution) {

  static ChecklistItem of(Message what) {
    return new ChecklistItem(what, Optional.empty());
  }

  static ChecklistItem of(Message what, Message caution) {
    return new ChecklistItem(what, Optional.of(caution));
  }
}
