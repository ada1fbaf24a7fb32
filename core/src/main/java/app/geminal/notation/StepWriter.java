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
import java.util.Optional;
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
    Optional<OperationField> mirrored = fields.stream().filter(f -> isMirrored(f, all)).findFirst();
    mirrored.ifPresent(field -> fields.removeIf(f -> f.name().equals(field.said().mirror())));
    StringBuilder words = new StringBuilder(kind.name());
    for (OperationField field : fields) {
      String clause = clause(field, all, mirrored.filter(field::equals).isPresent());
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
      case Wording.After _, Wording.YesByWord _, Wording.ByChoice _ -> 1;
    };
  }

  private static String between(Wording wording, boolean isFirst) {
    if (wording instanceof Wording.By) {
      return " x ";
    }
    boolean isApart = wording instanceof Wording.After after && after.isApart();
    return isFirst && !isApart ? " " : ", ";
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
    return switch (said.wording()) {
      case Wording.After after ->
          (isMirrored ? "" : after.word() + " ") + values.write(field.type(), value);
      case Wording.Before before ->
          values.write(field.type(), value)
              + " "
              + (value.equals(1) ? before.one() : before.several());
      case Wording.YesByWord word -> (boolean) value ? word.yes() : word.no();
      case Wording.Alone _, Wording.By _, Wording.ByChoice _ -> values.write(field.type(), value);
    };
  }

  private boolean isUsual(Said said, Object value, Map<String, @Nullable Object> all) {
    Usual.Value usual = said.usual().of(defaults, all);
    return usual.isThere() && value.equals(usual.is());
  }
}
