package app.geminal.notation;

import app.geminal.operation.FieldType;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.Said;
import app.geminal.operation.Usual;
import app.geminal.operation.Wording;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Message;
import app.geminal.text.MessageKey;
import app.geminal.text.Worded;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads one step: what has a word of its own first, wherever it is; what is left over is said
 * alone, in the order of the fields. Package use only, for one step.
 */
final class StepReader {
  private static final Pattern BY = Pattern.compile("[x×*]");

  private final ShopDefaults defaults;
  private final FieldWords values;
  private final Clauses clauses;
  private final Span step;
  private final Map<String, @Nullable Object> read = new HashMap<>();

  /** Of what follows the word of a step. */
  StepReader(ShopDefaults defaults, FieldWords values, Span step, Span rest) {
    this.defaults = defaults;
    this.values = values;
    this.step = step;
    clauses = new Clauses(rest);
  }

  Operation read(OperationKind<?> kind) {
    kind.fields().forEach(this::worded);
    List<OperationField> fields = kind.fields();
    for (int i = 0; i < fields.size(); i++) {
      int end = i + 1;
      while (end < fields.size() && fields.get(end).said().wording() instanceof Wording.By) {
        end++;
      }
      alone(fields.subList(i, end));
    }
    clauses.end(kind.afterwards());
    return made(kind, read, defaults);
  }

  /** A step of what was read and, for the rest, of what is usual. */
  static Operation made(
      OperationKind<?> kind, Map<String, @Nullable Object> read, ShopDefaults defaults) {
    for (OperationField field : kind.fields()) {
      if (!read.containsKey(field.name())) {
        read.put(field.name(), field.said().usual().of(defaults, read).is());
      }
    }
    return kind.make(field -> read.get(field.name()));
  }

  private void worded(OperationField field) {
    switch (field.said().wording()) {
      case Wording.After after -> clauses.after(after.word()).ifPresent(s -> put(field, s));
      case Wording.Before before ->
          clauses.before(before.one() + "|" + before.several()).ifPresent(s -> put(field, s));
      case Wording.Alone alone when !alone.unit().isEmpty() ->
          clauses.before(alone.unit() + "s?").ifPresent(s -> put(field, s));
      case Wording.YesByWord word -> {
        boolean no = clauses.flag(word.no());
        if (clauses.flag(word.yes()) || no) {
          read.put(field.name(), !no);
        }
      }
      case Wording.ByChoice _ -> {
        for (Worded each : FieldWords.words((FieldType.Choice<?>) field.type())) {
          if (!read.containsKey(field.name()) && clauses.flag(each.word())) {
            read.put(field.name(), each);
          }
        }
      }
      case Wording.Alone _, Wording.By _ -> {
        // Among what is left over.
      }
    }
  }

  /** A field that may be said alone, and those that follow it after an x. */
  private void alone(List<OperationField> fields) {
    OperationField field = fields.getFirst();
    Said said = field.said();
    if (read.containsKey(field.name()) || said.wording() instanceof Wording.By) {
      return;
    }
    Usual.Value usual = said.usual().of(defaults, read);
    if (said.mirror() != null) {
      mirrored(field, said.mirror());
    } else if (!usual.isThere()) {
      missing(fields);
    } else if (said.wording() instanceof Wording.Alone) {
      clauses.nextIf(FieldWords.form(field.type())).ifPresent(s -> put(field, s));
    }
  }

  private void missing(List<OperationField> fields) {
    Message words = ifMissing(fields.getFirst().said());
    Span clause = clauses.next(words);
    List<Span> parts = fields.size() == 1 ? List.of(clause) : clause.split(BY);
    if (parts.size() != fields.size()) {
      throw step.misread(words);
    }
    for (int i = 0; i < parts.size(); i++) {
      put(fields.get(i), parts.get(i));
    }
  }

  private static Message ifMissing(Said said) {
    String word = said.wording() instanceof Wording.After after ? after.word() : "";
    return Optional.ofNullable(said.ifMissing())
        .map(MessageKey::with)
        .orElseGet(() -> NotationText.WRITE_WORD_AND_LENGTH.with("word", word));
  }

  private void mirrored(OperationField field, String mirror) {
    if (!read.containsKey(mirror)) {
      put(field, clauses.next(ifMissing(field.said())));
      read.put(mirror, mirror(read.get(field.name())));
    }
  }

  /** A list the other way round. */
  static List<?> mirror(@Nullable Object list) {
    return list instanceof List<?> there ? there.reversed() : List.of();
  }

  private void put(OperationField field, Span words) {
    read.put(field.name(), values.read(field.type(), words));
  }
}
