package app.geminal.library.file;

import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A kind of open file. Its first two fields say what it is: {@code format} and {@code version}.
 *
 * @param name what {@code format} says
 * @param newest version that is written; every earlier one is read
 * @param longest characters of a file
 */
public record OpenFormat(String name, int newest, int longest) {
  private static final int DEEPEST = 100;
  private static final int LONGEST_TEXT = 10_000;

  /** A mapper that reads no deeper and no longer than anything that can be meant. */
  public JsonMapper.Builder mapper() {
    return JsonMapper.builder(
        JsonFactory.builder()
            .streamReadConstraints(
                StreamReadConstraints.builder()
                    .maxNestingDepth(DEEPEST)
                    .maxDocumentLength(longest)
                    .maxStringLength(LONGEST_TEXT)
                    .build())
            .build());
  }

  /**
   * Reads a document. Its format and version are looked at first, so that a newer one is refused
   * for what it is and not for its first unknown field.
   *
   * @param json made by {@link #mapper}
   * @param document its record
   * @param meant what it means; may throw {@link InvalidValue}
   * @throws RefusedFile with a JSON pointer and a reason
   */
  public <D, T> T read(String text, JsonMapper json, Class<D> document, Function<D, T> meant)
      throws RefusedFile {
    if (text.length() > longest) {
      throw new RefusedFile(
          new JsonFault(
              JsonFault.Kind.TOO_LARGE,
              "",
              FileText.FILE_TOO_LONG.with("most", longest, "has", text.length())));
    }
    try {
      JsonNode tree = json.readTree(text);
      refuseUnless(
          tree != null && tree.isObject(), "", FileText.FILE_IS_JSON_OBJECT.with("format", name));
      refuseUnless(
          name.equals(tree.path("format").asString("")),
          "/format",
          FileText.WRONG_FORMAT.with("format", name));
      JsonNode version = tree.path("version");
      refuseUnless(
          version.isIntegralNumber() && version.asInt() >= 1 && version.asInt() <= newest,
          "/version",
          FileText.UNKNOWN_VERSION.with(
              "newest", newest, "says", version.isMissingNode() ? "none" : version.toString()));
      return meant.apply(json.readValue(text, document));
    } catch (JacksonException | InvalidValue wrong) {
      throw new RefusedFile(JsonFault.of(wrong));
    }
  }

  private static void refuseUnless(boolean right, String pointer, Message reason)
      throws RefusedFile {
    if (!right) {
      throw new RefusedFile(new JsonFault(JsonFault.Kind.UNREADABLE, pointer, reason));
    }
  }
}
