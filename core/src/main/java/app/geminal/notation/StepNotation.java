package app.geminal.notation;

import app.geminal.operation.Operation;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.text.Message;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One step, read and written. Package use only. */
final class StepNotation {
  private static final Pattern WORD = Pattern.compile("(\\p{L}+)(.*)", Pattern.DOTALL);

  private final Reading reading;
  private final FieldWords values;
  private final StepWriter writer;

  StepNotation(Reading reading, PieceNotation pieces) {
    this.reading = reading;
    values = new FieldWords(reading, pieces);
    writer = new StepWriter(reading.defaults(), values);
  }

  Operation read(Span text) {
    Matcher m = WORD.matcher(text.text());
    if (!m.matches()) {
      throw text.misread(NotationText.WRITE_STEP_HERE.with("steps", steps()));
    }
    String word = m.group(1);
    OperationKind<?> kind =
        OperationKinds.said(word.toLowerCase(Locale.ROOT))
            .orElseThrow(
                () -> text.misread(NotationText.NOT_A_STEP.with("word", word, "steps", steps())));
    Span rest = text.after(m.start(2));
    return Reading.checked(text, () -> read(kind, text, rest));
  }

  private Operation read(OperationKind<?> kind, Span step, Span rest) {
    return kind.isInAnyOrder()
        ? new AnyOrderReader(kind, values).read(rest, reading.defaults())
        : new StepReader(reading.defaults(), values, step, rest).read(kind);
  }

  private static Message steps() {
    List<String> names = OperationKinds.ALL.stream().map(OperationKind::name).toList();
    return NotationText.STEPS.with(
        "first", String.join(", ", names.subList(0, names.size() - 1)), "last", names.getLast());
  }

  String write(Operation operation) {
    return writer.write(operation);
  }
}
