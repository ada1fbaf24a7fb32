package app.geminal.library.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.operation.FieldType;
import app.geminal.operation.Measure;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.text.Message;
import app.geminal.units.Units;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The pages' forms for steps are made from what the kinds say of themselves; set
 * UPDATE_STEP_KINDS=1 to write that again.
 */
class StepKindsFileTest {
  private static final Path KEPT = Path.of("..", "web/src/features/billet/stepKinds.json");
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  @Test
  void theKeptDescriptionIsUpToDate() throws IOException {
    ArrayNode kinds = JSON.createArrayNode();
    OperationKinds.ALL.forEach(kind -> kinds.add(of(kind)));
    if ("1".equals(System.getenv("UPDATE_STEP_KINDS"))) {
      Files.writeString(KEPT, JSON.writeValueAsString(kinds) + "\n");
    }
    assertThat(JSON.readTree(KEPT.toFile())).isEqualTo(kinds);
  }

  private static ObjectNode of(OperationKind<?> kind) {
    ObjectNode said = JSON.createObjectNode();
    said.put("kind", kind.name());
    said.put("name", words(kind.title()));
    said.put("at", kind.at().name());
    said.put("letter", String.valueOf(kind.letter()));
    ArrayNode fields = said.putArray("fields");
    kind.fields().forEach(field -> fields.add(of(kind, field)));
    return said;
  }

  private static ObjectNode of(OperationKind<?> kind, OperationField field) {
    ObjectNode said = JSON.createObjectNode();
    said.put("name", field.name());
    said.put("holds", holds(field.type()));
    said.put("label", kind.label(field).map(StepKindsFileTest::words).orElse(""));
    if (field.type() instanceof FieldType.YesNo) {
      said.put("yes", words(kind.answer(field, true)));
      said.put("no", words(kind.answer(field, false)));
    }
    if (field.type() instanceof FieldType.Choice<?> choice) {
      ObjectNode options = said.putObject("options");
      for (Enum<?> option : choice.of().getEnumConstants()) {
        options.put(option.name(), words(Message.word(option)));
      }
    }
    return said;
  }

  private static String words(Message message) {
    return message.read(Units.METRIC);
  }

  private static String holds(FieldType type) {
    return switch (type) {
      case FieldType.Figure figure -> holds(figure.of());
      case FieldType.Count _ -> "count";
      case FieldType.YesNo _ -> "yesNo";
      case FieldType.Choice<?> _ -> "choice";
      case FieldType.Choices<?> _ -> "turns";
      case FieldType.BarNumbers _ -> "bars";
      case FieldType.LaidList _ -> "laid";
      case FieldType.PieceList _ -> "pieces";
      case FieldType.OnePiece _ -> "piece";
    };
  }

  private static String holds(Measure measure) {
    return switch (measure) {
      case LENGTH -> "length";
      case SHARE -> "share";
      case ANGLE -> "angle";
      case TEMPERATURE -> "temperature";
      case TIME -> "minutes";
      case NUMBER -> "number";
    };
  }
}
