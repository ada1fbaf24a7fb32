package app.geminal.operation;

import app.geminal.units.QuantityKind;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Holds what is given for a field of a step against its description. Package use only. */
final class FieldCheck {
  private FieldCheck() {}

  /**
   * One field.
   *
   * @throws InvalidValue where its value is missing or out of bounds
   */
  static void of(OperationField field, @Nullable Object value) {
    String name = field.name();
    switch (field.type()) {
      case FieldType.Figure figure -> figure(name, figure, (double) Require.present(name, value));
      case FieldType.Count count ->
          Require.count(name, (int) Require.present(name, value), count.least(), count.most());
      case FieldType.YesNo _, FieldType.Choice<?> _ -> Require.present(name, value);
      case FieldType.Choices<?> choices -> items(name, value, 1, choices.most());
      case FieldType.LaidList laid -> items(name, value, 0, laid.most());
      case FieldType.PieceList pieces -> items(name, value, 0, pieces.most());
      case FieldType.BarNumbers bars -> bars(name, items(name, value, bars.least(), bars.most()));
      case FieldType.OnePiece _ -> {
        // May be none, and checks itself where it is one.
      }
    }
  }

  private static void figure(String name, FieldType.Figure figure, double value) {
    double least = figure.within().least();
    double most = figure.within().most();
    switch (figure.of()) {
      case LENGTH -> {
        if (figure.within().isLeastIn()) {
          Require.lengthUpTo(name, value, most);
        } else {
          Require.lengthAbove(name, value, least, most);
        }
      }
      case ANGLE -> Require.quantity(QuantityKind.ANGLE, name, value, least, most);
      case TEMPERATURE -> Require.temperature(name, value, least, most);
      case TIME -> Require.minutes(name, value, least, most);
      case SHARE, NUMBER -> Require.number(name, value, least, most);
    }
  }

  private static List<?> items(String name, @Nullable Object value, int least, int most) {
    return Require.list(name, (List<?>) value, least, most);
  }

  private static void bars(String name, List<?> numbers) {
    for (int i = 0; i < numbers.size(); i++) {
      Require.count(name + "/" + i, (int) numbers.get(i), 1, FieldType.BarNumbers.MOST_BARS);
    }
    if (new HashSet<>(numbers).size() < numbers.size()) {
      throw new InvalidValue(name, OperationText.SAME_BAR_TWICE.with());
    }
  }
}
