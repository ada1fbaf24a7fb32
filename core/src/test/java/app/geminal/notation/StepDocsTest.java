package app.geminal.notation;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.operation.FieldType;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.Wording;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Worded;
import app.geminal.units.Units;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * What the documents say of each kind of step is written from the kinds; set UPDATE_STEP_KINDS=1 to
 * write it again.
 */
class StepDocsTest {
  private static final Path FORMATS = Path.of("..", "docs", "formats");
  private static final String BEGIN = "<!-- kinds of steps: written by StepDocsTest -->\n";
  private static final String END = "<!-- end of kinds -->";

  @Test
  void shorthandHasEveryStep() throws IOException {
    String rows =
        OperationKinds.ALL.stream()
            .map(kind -> "| `" + grammar(kind) + "` | " + kind.means().read(Units.METRIC) + " |\n")
            .collect(Collectors.joining());
    upToDate("shorthand.md", "| words | mean |\n|---|---|\n" + rows);
  }

  @Test
  void planFilesNameEveryKind() throws IOException {
    String words =
        OperationKinds.ALL.stream()
            .map(kind ->
                "`"
                    + kind.name()
                    + "` ("
                    + kind.fields().stream()
                        .map(f -> "`" + f.name() + "`")
                        .collect(Collectors.joining(", "))
                    + ")")
            .map(each -> each.replace(" ()", ""))
            .collect(Collectors.joining(", "));
    upToDate("plan.md", "Kinds and their fields: " + words + ".\n");
  }

  private static void upToDate(String name, String written) throws IOException {
    Path file = FORMATS.resolve(name);
    String kept = Files.readString(file);
    int from = kept.indexOf(BEGIN) + BEGIN.length();
    int to = kept.indexOf(END);
    if ("1".equals(System.getenv("UPDATE_STEP_KINDS"))) {
      Files.writeString(file, kept.substring(0, from) + written + kept.substring(to));
    } else {
      assertThat(kept.substring(from, to)).isEqualTo(written);
    }
  }

  private static String grammar(OperationKind<?> kind) {
    StringBuilder words = new StringBuilder(kind.name());
    boolean isFirst = true;
    for (OperationField field : inWrittenOrder(kind).toList()) {
      Wording wording = field.said().wording();
      boolean isSpaced = isFirst || kind.isInAnyOrder();
      String clause =
          (wording instanceof Wording.By ? " x " : isSpaced ? " " : ", ")
              + clause(wording, field.type());
      words.append(mayBeLeftOut(field) ? " [" + clause.strip() + "]" : clause);
      isFirst = false;
    }
    return words.toString().replace("|", "\\|");
  }

  /** What is said alone first. */
  private static Stream<OperationField> inWrittenOrder(OperationKind<?> kind) {
    return Stream.concat(
        kind.fields().stream().filter(StepDocsTest::isAlone),
        kind.fields().stream().filter(field -> !isAlone(field)));
  }

  private static boolean isAlone(OperationField field) {
    return field.said().wording() instanceof Wording.Alone
        || field.said().wording() instanceof Wording.By;
  }

  private static boolean mayBeLeftOut(OperationField field) {
    return !(field.said().wording() instanceof Wording.By)
        && field.said().usual().of(ShopDefaults.common(), Map.of()).isThere();
  }

  private static String clause(Wording wording, FieldType type) {
    return switch (wording) {
      case Wording.Alone alone when alone.unit().isEmpty() -> value(type);
      case Wording.Alone alone -> value(type) + " " + alone.unit() + "s";
      case Wording.By _ -> value(type);
      case Wording.After after -> after.word() + " " + value(type);
      case Wording.Before before -> value(type) + " " + before.several();
      case Wording.YesByWord word ->
          Stream.of(word.yes(), word.no())
              .filter(each -> !each.isEmpty())
              .collect(Collectors.joining("|"));
      case Wording.ByChoice _ -> value(type);
    };
  }

  private static String value(FieldType type) {
    return switch (type) {
      case FieldType.Figure figure ->
          switch (figure.of()) {
            case LENGTH -> "LENGTH";
            case SHARE -> "PERCENT";
            case ANGLE -> "DEGREES";
            case TEMPERATURE -> "TEMPERATURE";
            case TIME -> "MINUTES";
            case NUMBER -> "NUMBER";
          };
      case FieldType.Count _ -> "COUNT";
      case FieldType.Choice<?> choice ->
          Arrays.stream(FieldWords.words(choice))
              .map(Worded::word)
              .collect(Collectors.joining("|"));
      case FieldType.Choices<?> _ -> "turns";
      case FieldType.BarNumbers _ -> "COUNT …";
      case FieldType.LaidList _ -> "laid";
      case FieldType.PieceList _, FieldType.OnePiece _ -> "(piece …)";
      case FieldType.YesNo _ -> throw new IllegalArgumentException("Yes or no is a word alone.");
    };
  }
}
