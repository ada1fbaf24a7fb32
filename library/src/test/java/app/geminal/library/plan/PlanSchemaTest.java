package app.geminal.library.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.operation.FieldType;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.units.Units;
import java.io.IOException;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.Constructor;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The steps in the schema of plan files are written from the kinds of steps; set
 * UPDATE_STEP_KINDS=1 to write them again.
 */
class PlanSchemaTest {
  private static final Path KEPT =
      Path.of("src/main/resources/app/geminal/library/plan/geminal-plan-2.schema.json");
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
  private static final String DEF = "operation-";

  @Test
  void everyKindIsInTheSchemaAsItSaysItself() throws IOException {
    ObjectNode schema = (ObjectNode) JSON.readTree(KEPT.toFile());
    ObjectNode kept = schema.deepCopy();
    ObjectNode definitions = (ObjectNode) schema.get("$defs");
    definitions.propertyNames().stream()
        .filter(name -> name.startsWith(DEF))
        .toList()
        .forEach(definitions::remove);
    ArrayNode oneOf =
        ((ObjectNode) schema.at("/$defs/step/properties/operation")).putArray("oneOf");
    for (OperationKind<?> kind : OperationKinds.ALL) {
      oneOf.add(reference(DEF + kind.name()));
      definitions.set(DEF + kind.name(), definition(kind));
    }
    if ("1".equals(System.getenv("UPDATE_STEP_KINDS"))) {
      Files.writeString(KEPT, JSON.writeValueAsString(schema) + "\n");
    } else {
      assertThat(kept).isEqualTo(JSON.readTree(JSON.writeValueAsString(schema)));
    }
  }

  private static ObjectNode reference(String definition) {
    return JSON.createObjectNode().put("$ref", "#/$defs/" + definition);
  }

  private static ObjectNode definition(OperationKind<?> kind) {
    ObjectNode definition = JSON.createObjectNode();
    definition.put("type", "object");
    definition.put("description", kind.means().read(Units.METRIC) + ".");
    ObjectNode properties = definition.putObject("properties");
    ArrayNode required = definition.putArray("required");
    properties.putObject("kind").put("const", kind.name());
    required.add("kind");
    List<OperationField> fields = kind.fields();
    Constructor<?> canonical = canonical(kind);
    for (int i = 0; i < fields.size(); i++) {
      OperationField field = fields.get(i);
      ObjectNode value = value(field.type());
      if (isNullable(canonical.getAnnotatedParameterTypes()[i])) {
        ObjectNode orNull = properties.putObject(field.name());
        orNull.putArray("anyOf").add(value).addObject().put("type", "null");
      } else {
        properties.set(field.name(), value);
        required.add(field.name());
      }
    }
    definition.put("additionalProperties", false);
    return definition;
  }

  private static Constructor<?> canonical(OperationKind<?> kind) {
    return Arrays.stream(kind.type().getDeclaredConstructors())
        .filter(each -> each.getParameterCount() == kind.fields().size())
        .findFirst()
        .orElseThrow();
  }

  private static boolean isNullable(AnnotatedType type) {
    return type.isAnnotationPresent(Nullable.class);
  }

  private static ObjectNode value(FieldType type) {
    ObjectNode value = JSON.createObjectNode();
    switch (type) {
      case FieldType.Figure figure -> {
        value.put("type", "number");
        FieldType.Bounds within = figure.within();
        bound(value, within.isLeastIn() ? "minimum" : "exclusiveMinimum", within.least());
        bound(value, "maximum", within.most());
      }
      case FieldType.Count count -> whole(value, count.least(), count.most());
      case FieldType.YesNo _ -> value.put("type", "boolean");
      case FieldType.Choice<?> choice -> options(value, choice.of());
      case FieldType.Choices<?> choices ->
          options(list(value, 1, choices.most()).putObject("items"), choices.of());
      case FieldType.BarNumbers bars -> {
        list(value, bars.least(), bars.most()).put("uniqueItems", true);
        whole(value.putObject("items"), 1, FieldType.BarNumbers.MOST_BARS);
      }
      case FieldType.LaidList laid -> list(value, 0, laid.most()).set("items", reference("laid"));
      case FieldType.PieceList pieces ->
          list(value, 0, pieces.most()).set("items", reference("piece"));
      case FieldType.OnePiece _ -> value.setAll(reference("piece"));
    }
    return value;
  }

  private static void whole(ObjectNode value, int least, int most) {
    value.put("type", "integer").put("minimum", least).put("maximum", most);
  }

  private static ObjectNode list(ObjectNode value, int least, int most) {
    return value.put("type", "array").put("minItems", least).put("maxItems", most);
  }

  private static void options(ObjectNode value, Class<? extends Enum<?>> of) {
    ArrayNode options = value.putArray("enum");
    for (Enum<?> option : of.getEnumConstants()) {
      options.add(option.name());
    }
  }

  private static void bound(ObjectNode value, String name, double bound) {
    if (bound == Math.rint(bound)) {
      value.put(name, (long) bound);
    } else {
      value.put(name, bound);
    }
  }
}
