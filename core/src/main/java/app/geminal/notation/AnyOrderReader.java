package app.geminal.notation;

import app.geminal.operation.FieldType;
import app.geminal.operation.Measure;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.Wording;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Worded;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a step whose fields are said in any order, with or without commas: each figure is known by
 * its unit, each word by itself. {@code set 3 8% 1180C 15min dry}. Package use only.
 */
final class AnyOrderReader {
  private static final Pattern PART =
      Pattern.compile(
          "(?i)(\\d+(?:\\.\\d+)?|\\.\\d+)\\s*(%|min|°?\\s*[CF]\\b|\\p{L}+)?|(\\p{L}+)|[\\s,]+");

  /** The unit of a figure that has none. */
  private static final String COUNTED = "";

  private final OperationKind<?> kind;
  private final FieldWords values;

  /** Every word that is alone, with the field it is of; no word means two things. */
  private final Map<String, OperationField> byWord = new LinkedHashMap<>();

  AnyOrderReader(OperationKind<?> kind, FieldWords values) {
    this.kind = kind;
    this.values = values;
    for (OperationField field : kind.fields()) {
      if (field.type() instanceof FieldType.Choice<?> choice) {
        for (Worded each : FieldWords.words(choice)) {
          byWord.put(each.word(), field);
        }
      }
    }
  }

  Operation read(Span text, ShopDefaults defaults) {
    Map<String, @Nullable Object> read = new HashMap<>();
    Matcher m = PART.matcher(text.text());
    int at = 0;
    while (at < text.text().length()) {
      m.region(at, text.text().length());
      if (!m.lookingAt()) {
        throw text.after(at).misread(kind.afterwards());
      }
      at = m.end();
      if (m.group(1) != null) {
        Optional<OperationField> byUnit = Optional.ofNullable(m.group(2)).flatMap(this::field);
        // What follows a figure and is no unit is a word of its own.
        at = byUnit.isPresent() ? m.end() : m.end(1);
        Span figure = text.part(m.start(), at);
        OperationField field =
            byUnit.or(() -> field(COUNTED)).orElseThrow(() -> figure.misread(kind.afterwards()));
        boolean isCount = field.type() instanceof FieldType.Count;
        Span said = isCount ? text.part(m.start(1), m.end(1)) : figure;
        read.put(field.name(), values.read(field.type(), said));
      } else if (m.group(3) != null) {
        Span word = text.part(m.start(3), m.end(3));
        OperationField field = byWord.get(word.text().toLowerCase(Locale.ROOT));
        if (field == null) {
          throw word.misread(
              NotationText.WRITE_ONE_OF.with("words", String.join(", ", byWord.keySet())));
        }
        read.put(field.name(), values.read(field.type(), word));
      }
    }
    return StepReader.made(kind, read, defaults);
  }

  /** The field whose figures carry that unit; without one they are counted. */
  private Optional<OperationField> field(String unit) {
    String said = unit.toLowerCase(Locale.ROOT);
    return kind.fields().stream().filter(field -> isOf(field, said)).findFirst();
  }

  private static boolean isOf(OperationField field, String unit) {
    if (field.type() instanceof FieldType.Count) {
      return field.said().wording() instanceof Wording.Alone alone
          ? unit.equals(COUNTED) || isCounted(unit, alone.unit())
          : field.said().wording() instanceof Wording.Before before
              && isCounted(unit, before.one());
    }
    return field.type() instanceof FieldType.Figure figure && isUnit(unit, figure.of());
  }

  private static boolean isUnit(String said, Measure of) {
    return switch (of) {
      case SHARE -> said.equals("%");
      case TIME -> said.equals("min");
      case TEMPERATURE -> said.matches("°?\\s*[cf]");
      case LENGTH, ANGLE, NUMBER -> false;
    };
  }

  private static boolean isCounted(String unit, String one) {
    return unit.equals(one) || unit.equals(one + "s");
  }
}
