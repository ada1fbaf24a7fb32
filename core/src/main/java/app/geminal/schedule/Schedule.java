package app.geminal.schedule;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A start and what is done with it, first restack first.
 *
 * @param start the stack; empty where the bar is there already
 * @param restacks 0 to 6
 */
public record Schedule(Optional<StartStack> start, List<Restacking> restacks) {

  /** Copies the list. */
  public Schedule {
    restacks = List.copyOf(restacks);
  }

  /** In a line: {@code 13 pieces, cut 5, fold, cut 4 turned}. */
  public String words() {
    String first =
        start
            .map(s ->
                s.layout() == Layout.PLAIN
                    ? s.pieces() + " pieces"
                    : s.pieces() + " pieces " + s.layout().words())
            .orElse("the bar");
    return restacks.isEmpty()
        ? first
        : restacks.stream()
            .map(Schedule::words)
            .collect(Collectors.joining(", ", first + ", ", ""));
  }

  private static String words(Restacking restacking) {
    return switch (restacking) {
      case Restacking.Recut cut ->
          "cut "
              + cut.pieces()
              + (cut.turned() ? " turned" : "")
              + (cut.insert() ? " with sheets" : "");
      case Restacking.Refold _ -> "fold";
      case Restacking.RoundCore core -> core.turned() ? "round the core, turned" : "round the core";
    };
  }
}
