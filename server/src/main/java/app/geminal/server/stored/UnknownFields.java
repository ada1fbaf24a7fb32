package app.geminal.server.stored;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Carries what a release does not know over into what it writes: a later release may have stored
 * it, or someone by hand.
 *
 * <p>A field is unknown where the stored object has it and the same object, read and written again,
 * has not. Objects in lists are found again by their {@code key}, {@code name} or {@code id}, those
 * without by all that is known of them, or by their place where the list is as long as it was.
 */
final class UnknownFields {
  private UnknownFields() {}

  /**
   * Adds to {@code next} what {@code stored} holds and {@code known} does not.
   *
   * @param stored as it was read
   * @param known the same, read and written by this release
   * @param next what is going to be stored
   */
  static void carry(ObjectNode stored, ObjectNode known, ObjectNode next) {
    stored
        .properties()
        .forEach(field -> {
          String name = field.getKey();
          JsonNode was = field.getValue();
          JsonNode understood = known.get(name);
          JsonNode now = next.get(name);
          if (understood == null) {
            if (now == null) {
              next.set(name, was.deepCopy());
            }
          } else if (was instanceof ObjectNode w
              && understood instanceof ObjectNode u
              && now instanceof ObjectNode n) {
            carry(w, u, n);
          } else if (was instanceof ArrayNode w
              && understood instanceof ArrayNode u
              && now instanceof ArrayNode n
              && w.size() == u.size()) {
            carry(w, u, n);
          }
        });
  }

  private static void carry(ArrayNode stored, ArrayNode known, ArrayNode next) {
    List<String> names = new ArrayList<>();
    known.forEach(element -> names.add(nameOf(element)));
    BitSet used = new BitSet();
    for (int i = 0; i < next.size(); i++) {
      int at = placeOf(nameOf(next.get(i)), i, names, used, next.size() == known.size());
      if (at >= 0
          && stored.get(at) instanceof ObjectNode w
          && known.get(at) instanceof ObjectNode u
          && next.get(i) instanceof ObjectNode n) {
        used.set(at);
        carry(w, u, n);
      }
    }
  }

  /** Where an element was, or −1: at its place, at another by its name, at its place unnamed. */
  private static int placeOf(
      String name, int place, List<String> names, BitSet used, boolean asLong) {
    if (place < names.size() && !used.get(place) && names.get(place).equals(name)) {
      return place;
    }
    return IntStream.range(0, names.size())
        .filter(at -> !used.get(at) && names.get(at).equals(name))
        .findFirst()
        .orElse(asLong && !used.get(place) ? place : -1);
  }

  /** What an element is called, or else all that is known of it. */
  private static String nameOf(JsonNode element) {
    return Stream.of("key", "name", "id")
        .filter(name -> element.path(name).isString())
        .findFirst()
        .map(name -> name + " " + element.path(name).asString())
        .orElseGet(element::toString);
  }
}
