package app.geminal.operation;

import app.geminal.bar.Bars;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Which of several equal bars are meant, counted from 1 in the order the saw left them. Package use
 * only.
 */
final class BarSelection {
  private BarSelection() {}

  /** Why these are not there, empty when all of them are. */
  static Optional<Impossible> missing(String field, List<Integer> which, Bars bars) {
    return which.stream()
        .filter(n -> n > bars.count())
        .findFirst()
        .map(n ->
            new Impossible(
                field,
                OperationText.NO_SUCH_BAR.with("bar", n, "bars", bars.count()),
                OperationText.CHOOSE_EXISTING_BAR.with()));
  }

  /** All bars in the order they are numbered afterwards: those that stay, then those that go. */
  static List<Integer> order(List<Integer> which, int count) {
    return IntStream.concat(
            IntStream.range(0, count).filter(i -> !which.contains(i + 1)),
            IntStream.range(0, count).filter(i -> which.contains(i + 1)))
        .boxed()
        .toList();
  }
}
