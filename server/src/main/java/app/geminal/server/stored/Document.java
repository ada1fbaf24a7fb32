package app.geminal.server.stored;

import app.geminal.server.problem.Damaged;
import app.geminal.validation.InvalidValue;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * One kind of stored document: its format, how an older one becomes a newer one, how it is read and
 * written. Apart from the core's records and from what passes over the wire, so that both can
 * change and what was stored once is read forever.
 *
 * @param <T> what it holds
 */
public final class Document<T> {
  /** The format of documents in a table that has no column for it, because none has changed yet. */
  public static final int FIRST_FORMAT = 1;

  /** What is on disk has passed the limits of the wire once; these only stop what is damaged. */
  private static final JsonMapper JSON =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder()
                          .maxDocumentLength(64L * 1024 * 1024)
                          .maxNestingDepth(200)
                          .build())
                  .build())
          .build();

  private final StoredKind kind;
  private final List<Consumer<ObjectNode>> upgrades;
  private final Function<DocumentReader, T> read;
  private final Function<T, DocumentWriter> write;

  /**
   * A kind of document.
   *
   * @param kind which
   * @param upgrades the first makes format 2 of format 1, and so on; each changes the object it is
   *     given
   * @param read reads the present format
   * @param write writes the present format
   */
  public Document(
      StoredKind kind,
      List<Consumer<ObjectNode>> upgrades,
      Function<DocumentReader, T> read,
      Function<T, DocumentWriter> write) {
    this.kind = kind;
    this.upgrades = List.copyOf(upgrades);
    this.read = read;
    this.write = write;
  }

  /** The number of the present format. */
  public int format() {
    return upgrades.size() + 1;
  }

  /**
   * Reads a document of this or any earlier format.
   *
   * @throws Damaged where it cannot be meant, with its place, or comes from a later release
   */
  public T read(String text, int format) {
    try {
      return read.apply(new DocumentReader(upgraded(text, format)));
    } catch (InvalidValue bad) {
      throw new Damaged(kind.with(), bad);
    }
  }

  /** Writes one that is new. */
  public String write(T value) {
    return JSON.writeValueAsString(write.apply(value).object());
  }

  /**
   * Writes one over another: what the other holds and this release does not know is kept.
   *
   * @param before the document as it is stored
   * @param format its format
   */
  public String writeOver(T value, String before, int format) {
    ObjectNode next = write.apply(value).object();
    ObjectNode stored;
    ObjectNode known;
    try {
      stored = upgraded(before, format);
      known = write.apply(read.apply(new DocumentReader(stored))).object();
    } catch (InvalidValue unreadable) {
      return JSON.writeValueAsString(next);
    }
    UnknownFields.carry(stored, known, next);
    return JSON.writeValueAsString(next);
  }

  private ObjectNode upgraded(String text, int format) {
    if (format > format()) {
      throw new InvalidValue(
          "",
          StoredText.STORED_BY_LATER_RELEASE.with(
              "what", kind.with(), "format", format, "newest", format()));
    }
    ObjectNode object = object(text);
    for (int f = format; f < format(); f++) {
      upgrades.get(f - 1).accept(object);
    }
    return object;
  }

  private static ObjectNode object(String text) {
    try {
      JsonNode node = JSON.readTree(text);
      if (node instanceof ObjectNode object) {
        return object;
      }
    } catch (JacksonException e) {
      throw new InvalidValue(
          "", StoredText.THIS_IS_NOT_JSON.with("why", String.valueOf(e.getOriginalMessage())));
    }
    throw new InvalidValue("", StoredText.THIS_IS_NOT_JSON_OBJECT.with());
  }
}
