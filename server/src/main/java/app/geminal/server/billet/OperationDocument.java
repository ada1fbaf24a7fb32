package app.geminal.server.billet;

import app.geminal.layup.Laid;
import app.geminal.layup.Piece;
import app.geminal.operation.FieldType;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.Names;
import app.geminal.text.Worded;
import app.geminal.validation.InvalidValue;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Steps of a plan as they are stored: the kind under its name, then its fields under theirs. What a
 * field is where an earlier release did not store it, the field says.
 */
final class OperationDocument {
  private OperationDocument() {}

  static Operation read(DocumentReader in) {
    String name = in.text("kind");
    OperationKind<?> kind =
        OperationKinds.named(name)
            .orElseThrow(
                () -> new InvalidValue("kind", BilletText.UNKNOWN_STEP.with("kind", name)));
    return kind.make(field -> read(field, in));
  }

  private static @Nullable Object read(OperationField field, DocumentReader in) {
    String name = field.storedName();
    if (field.missing().isPresent() && !in.has(name)) {
      return field.missing().get();
    }
    return switch (field.type()) {
      case FieldType.Figure _ -> in.number(name);
      case FieldType.Count _ -> in.whole(name);
      case FieldType.YesNo _ -> in.is(name, false);
      case FieldType.Choice<?> one -> in.one(name, Names.of(one.of()));
      case FieldType.Choices<?> some -> in.ones(name, Names.of(some.of()));
      case FieldType.BarNumbers _ -> in.wholes(name);
      case FieldType.LaidList _ -> in.list(name, PlanDocument::laid);
      case FieldType.PieceList _ -> in.list(name, PlanDocument::piece);
      case FieldType.OnePiece _ -> in.inOrNull(name, PlanDocument::piece);
    };
  }

  static DocumentWriter write(Operation operation) {
    OperationKind<?> kind = OperationKinds.of(operation);
    DocumentWriter out = new DocumentWriter().text("kind", kind.name());
    for (OperationField field : kind.fields()) {
      Object value = kind.get(operation, field);
      if (value != null && !value.equals(field.leftOut())) {
        write(out, field, value);
      }
    }
    return out;
  }

  private static void write(DocumentWriter out, OperationField field, Object value) {
    String name = field.storedName();
    switch (field.type()) {
      case FieldType.Figure _ -> out.number(name, (Double) value);
      case FieldType.Count _ -> out.whole(name, (Integer) value);
      case FieldType.YesNo _ -> out.is(name, (Boolean) value);
      case FieldType.Choice<?> one -> writeOne(out, name, one, value);
      case FieldType.Choices<?> some -> writeSome(out, name, some, (List<?>) value);
      case FieldType.BarNumbers _ -> out.wholes(name, cast(value, Integer.class));
      case FieldType.LaidList _ -> out.list(name, cast(value, Laid.class), PlanDocument::laid);
      case FieldType.PieceList _ -> out.list(name, cast(value, Piece.class), PlanDocument::piece);
      case FieldType.OnePiece _ -> out.in(name, (Piece) value, PlanDocument::piece);
    }
  }

  private static <E extends Enum<E> & Worded> void writeOne(
      DocumentWriter out, String name, FieldType.Choice<E> choice, Object value) {
    out.one(name, choice.of().cast(value), Names.of(choice.of()));
  }

  private static <E extends Enum<E> & Worded> void writeSome(
      DocumentWriter out, String name, FieldType.Choices<E> choices, List<?> values) {
    out.ones(name, cast(values, choices.of()), Names.of(choices.of()));
  }

  private static <T> List<T> cast(Object values, Class<T> to) {
    return ((List<?>) values).stream().<T>map(to::cast).toList();
  }
}
