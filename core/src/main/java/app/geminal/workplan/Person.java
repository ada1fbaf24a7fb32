package app.geminal.workplan;

import app.geminal.validation.OrderedCopies;
import app.geminal.validation.Require;
import java.util.Set;

/**
 * Someone who works in the shop.
 *
 * @param name what they are called
 * @param hours when they are there
 * @param does kinds of work they do by themselves; with someone who does it they help in any
 */
public record Person(String name, WorkHours hours, Set<TaskKind> does) {
  /** Checks the name. */
  public Person {
    Require.text("name", name, 80);
    does = OrderedCopies.copyOf(does);
  }
}
