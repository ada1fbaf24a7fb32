package app.geminal.notation;

import app.geminal.operation.Operation;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.Said;
import app.geminal.operation.Usual;
import app.geminal.operation.Wording;
import app.geminal.shop.ShopDefaults;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Writes steps: what is said alone first, then what has words, and nothing that is as usual.
 * Package use only.
 */
final class StepWriter {
  private final ShopDefaults defaults;
  private final FieldWords values;

  StepWriter(ShopDefaults defaults, FieldWords values) {
    this.defaults = defaults;
    this.values = values;
  }

  String write(Operation operation) {
    OperationKind<?> kind = OperationKinds.of(operation);
    Map<String, @Nullable Object> all = new HashMap<>();
    kind.fields().forEach(field -> all.put(field.name(), kind.get(operation, field)));
    List<OperationField> fields = new ArrayList<>(kind.fields());
    fields.sort(Comparator.comparingInt(field -> place(kind, field.said().wording())));
    boolean isMirrored = fields.stream().anyMatch(field -> isMirrored(field, all));
    StringBuilder words = new StringBuilder(kind.name());
    for (OperationField field : fields) {
      boolean isImage =
          isMirrored
              && fields.stream().anyMatch(other -> field.name().equals(other.said().mirror()));
      String clause = isImage ? "" : clause(field, all, isMirrored(field, all));
      if (!clause.isEmpty()) {
        boolean isFirst = words.length() == kind.name().length();
        words.append(between(field.said().wording(), isFirst || kind.isInAnyOrder()));
        words.append(clause);
      }
    }
    return words.toString();
  }

  private static int place(OperationKind<?> kind, Wording wording) {
    return switch (wording) {
      case Wording.Alone _, Wording.By _ -> 0;
      case Wording.Before _ -> kind.isInAnyOrder() ? 2 : 1;
      default -> 1;
    };
  }

  private static String between(Wording wording, boolean isFirst) {
    return switch (wording) {
      case Wording.By _ -> " x ";
      case Wording.After after when after.isApart() -> ", ";
      default -> isFirst ? " " : ", ";
    };
  }

  private static boolean isMirrored(OperationField field, Map<String, @Nullable Object> all) {
    String mirror = field.said().mirror();
    return mirror != null
        && Objects.equals(all.get(mirror), StepReader.mirror(all.get(field.name())));
  }

  /** Empty where it is not said. */
  private String clause(
      OperationField field, Map<String, @Nullable Object> all, boolean isMirrored) {
    Object value = all.get(field.name());
    Said said = field.said();
    if (value == null || (!said.isAlways() && isUsual(said, value, all))) {
      return "";
    }
    if (said.wording() instanceof Wording.YesByWord word) {
      return (boolean) value ? word.yes() : word.no();
    }
    String figure = values.write(field.type(), value);
    return switch (said.wording()) {
      case Wording.After after when !isMirrored -> after.word() + " " + figure;
      case Wording.Before before ->
          figure + " " + (value.equals(1) ? before.one() : before.several());
      default -> figure;
    };
  }

  private boolean isUsual(Said said, Object value, Map<String, @Nullable Object> all) {
    Usual.Value usual = said.usual().of(defaults, all);
    return usual.isThere() && value.equals(usual.is());
  }
}
