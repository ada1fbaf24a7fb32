package app.geminal.library.plan;

import app.geminal.billet.Plan;
import app.geminal.steel.OwnSteel;
import app.geminal.text.Message;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reads and writes {@link PlanFile}s; see docs/formats/plan.md. */
public final class PlanFiles {
  /** Longer than any plan that can be meant: 200 steps in each of 12 parts. */
  public static final int LONGEST = 4_000_000;

  private static final int DEEPEST = 100;
  private static final JsonMapper JSON = mapper();

  private PlanFiles() {}

  private static JsonMapper mapper() {
    JsonMapper.Builder builder =
        JsonMapper.builder(
            JsonFactory.builder()
                .streamReadConstraints(
                    StreamReadConstraints.builder()
                        .maxNestingDepth(DEEPEST)
                        .maxDocumentLength(LONGEST)
                        .maxStringLength(10_000)
                        .build())
                .build());
    PlanJson.strict(builder);
    return builder.enable(SerializationFeature.INDENT_OUTPUT).build();
  }

  /** The document; the first two fields say what it is. */
  private record Document(
      String format,
      int version,
      String name,
      @Nullable String purpose,
      Plan plan,
      @Nullable List<OwnSteel> steels) {}

  /** A document that cannot be taken. */
  public static final class Refused extends Exception {
    private static final long serialVersionUID = 1L;
    private final transient JsonFault fault;

    Refused(JsonFault fault) {
      super(fault.pointer() + " " + fault.reason().marked());
      this.fault = fault;
    }

    /** What is wrong, and where. */
    public JsonFault fault() {
      return fault;
    }
  }

  /** The file as a document. */
  public static String write(PlanFile file) {
    return JSON.writeValueAsString(
            new Document(
                PlanFile.FORMAT,
                PlanFile.VERSION,
                file.name(),
                file.purpose(),
                file.plan(),
                file.steels()))
        + "\n";
  }

  /**
   * Reads a document. Its format and version are looked at first, so that a newer one is refused
   * for what it is and not for its first unknown field.
   *
   * @throws Refused with a JSON pointer and a reason
   */
  public static PlanFile read(String text) throws Refused {
    if (text.length() > LONGEST) {
      throw new Refused(
          new JsonFault(
              JsonFault.Kind.TOO_LARGE,
              "",
              PlanText.PLAN_TOO_LONG.with("most", LONGEST, "has", text.length())));
    }
    try {
      JsonNode tree = JSON.readTree(text);
      refuseUnless(tree != null && tree.isObject(), "", PlanText.PLAN_IS_JSON_OBJECT.with());
      refuseUnless(
          PlanFile.FORMAT.equals(tree.path("format").asString("")),
          "/format",
          PlanText.THIS_IS_NOT_GEMINAL_PLAN.with("format", PlanFile.FORMAT));
      JsonNode version = tree.path("version");
      refuseUnless(
          version.isIntegralNumber() && version.asInt() >= 1 && version.asInt() <= PlanFile.VERSION,
          "/version",
          PlanText.UNKNOWN_VERSION.with(
              "newest",
              PlanFile.VERSION,
              "says",
              version.isMissingNode() ? "none" : version.toString()));
      Document read = JSON.readValue(text, Document.class);
      return new PlanFile(read.name(), read.purpose(), read.plan(), read.steels());
    } catch (JacksonException | app.geminal.validation.InvalidValue wrong) {
      throw new Refused(JsonFault.of(wrong));
    }
  }

  private static void refuseUnless(boolean right, String pointer, Message reason) throws Refused {
    if (!right) {
      throw new Refused(new JsonFault(JsonFault.Kind.UNREADABLE, pointer, reason));
    }
  }
}
