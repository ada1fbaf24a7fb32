package app.geminal.server.stored;

import app.geminal.text.Catalogue;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.units.QuantityKind;
import app.geminal.validation.InvalidValue;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A message as it is stored: which text of the core's catalogue, and its figures. What earlier
 * releases stored as words stays words: {@code {"words": …}}.
 */
public final class MessageDocument {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String EARLIER = "word.oxygen-school.";
  private static final String NOW = "word.atmosphere-protection.";

  private MessageDocument() {}

  /** Reads a stored message. */
  public static Message read(DocumentReader in) {
    if (in.has("words")) {
      return Message.written(in.text("words"));
    }
    Map<String, Object> figures = new LinkedHashMap<>();
    in.list("figures", f -> figures.put(f.text("name"), figure(f)));
    return new Message(Catalogue.CORE, current(in.text("key")), figures);
  }

  /** Words of protections have another name in heat plans that were stored earlier. */
  private static String current(String key) {
    return key.startsWith(EARLIER) ? NOW + key.substring(EARLIER.length()) : key;
  }

  /**
   * Reads a message that was taken out of a stored document: an object, or words where an earlier
   * release stored those.
   */
  public static Message ofJson(String json) {
    JsonNode node = JSON.readTree(json);
    return node.isString() ? Message.written(node.asString()) : read(new DocumentReader(node));
  }

  /** Writes a message to be stored. */
  public static DocumentWriter write(Message message) {
    if (message.key().equals(Message.WRITTEN)) {
      return new DocumentWriter().text("words", (String) message.figures().get("words"));
    }
    return new DocumentWriter()
        .text("key", message.key())
        .list(
            "figures",
            List.copyOf(message.figures().entrySet()),
            f -> figure(f.getValue()).text("name", f.getKey()));
  }

  private static Object figure(DocumentReader in) {
    if (in.has("quantity")) {
      String mark = in.text("quantity");
      return new Quantity(
          QuantityKind.ofMark(mark)
              .orElseThrow(() ->
                  new InvalidValue("quantity", StoredText.UNKNOWN_QUANTITY.with("mark", mark))),
          in.number("value"));
    }
    if (in.has("count")) {
      return (long) in.whole("count");
    }
    if (in.has("decimal")) {
      return in.decimal("decimal");
    }
    if (in.has("message")) {
      return in.in("message", MessageDocument::read);
    }
    return in.has("list") ? in.list("list", MessageDocument::figure) : in.text("text");
  }

  private static DocumentWriter figure(Object figure) {
    return switch (figure) {
      case Quantity q ->
          new DocumentWriter().text("quantity", q.kind().mark()).number("value", q.value());
      case Long count -> new DocumentWriter().whole("count", Math.toIntExact(count));
      case BigDecimal decimal -> new DocumentWriter().text("decimal", decimal.toPlainString());
      case Message message -> new DocumentWriter().in("message", message, MessageDocument::write);
      case List<?> many -> new DocumentWriter().list("list", many, MessageDocument::figure);
      default -> new DocumentWriter().text("text", figure.toString());
    };
  }
}
