package app.geminal.server.attack;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes a request into one that someone careless or hostile might send. */
final class Mutation {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** At and past every limit, and what no figure can be; as they stand in a document. */
  private static final List<String> FIGURES =
      List.of(
          "0",
          "-0.0",
          "-1",
          "1",
          "2",
          "3.5",
          "1e300",
          "-1e300",
          "1e999",
          "5e-324",
          "1e-9",
          "9223372036854775807",
          "9223372036854775808",
          "2147483647",
          "-2147483648",
          "1000000",
          "100000",
          "500",
          "0.005",
          "\"NaN\"",
          "\"Infinity\"",
          "\"12\"");

  private static final List<String> TEXTS =
      List.of(
          "",
          " ",
          "\u0000",
          "a\u0001b",
          "\ud800",
          "=1+1",
          "../x",
          "<b>&\"'",
          "\uffff",
          "0001-01-01T00:00:00Z",
          "-999999999-01-01T00:00:00Z",
          "+999999999-12-31T23:59:59Z",
          "2199-01-01T00:00:00Z",
          "no-such-thing",
          "1075",
          "%s%n",
          "'; DROP TABLE billet; --",
          "\r\n\r\n",
          "\u202e",
          "e\u0301".repeat(40));

  private static final List<String> OTHERS =
      List.of("null", "true", "[]", "{}", "[null]", "{\"kind\":null}", "\"x\"", "7");

  private final Random random;

  Mutation(Random random) {
    this.random = random;
  }

  /** The same document with one to four places changed. */
  String of(JsonNode sample) {
    JsonNode body = sample.deepCopy();
    String text = body.toString();
    for (int i = random.nextInt(3); i >= 0; i--) {
      List<Place> places = new ArrayList<>();
      collect(body, places);
      if (!places.isEmpty()) {
        text = body.toString();
        change(places.get(random.nextInt(places.size())));
        text = body.toString();
      }
    }
    return switch (random.nextInt(60)) {
      case 0 -> text.substring(0, random.nextInt(text.length() + 1));
      case 1 -> "[" + text + "]";
      case 2 -> text.replaceFirst("\\d+", "1e999");
      case 3 -> "";
      case 4 -> "[".repeat(200) + text;
      default -> text;
    };
  }

  /** The same for text that is no JSON. */
  String ofText(String text) {
    String changed = text;
    for (int i = random.nextInt(4); i >= 0; i--) {
      int at = random.nextInt(changed.length() + 1);
      int to = Math.min(changed.length(), at + random.nextInt(6));
      String put =
          switch (random.nextInt(4)) {
            case 0 -> one(TEXTS);
            case 1 -> one(FIGURES).replace("\"", "");
            case 2 -> List.of(",", "\n", "\"", ";", "-", "\t").get(random.nextInt(6));
            default -> "";
          };
      changed = changed.substring(0, at) + put + changed.substring(to);
    }
    return changed;
  }

  /** An address of the same kind with other numbers and words in it. */
  String ofPath(String path) {
    if (random.nextInt(3) > 0) {
      return path;
    }
    String number =
        List.of("999999", "0", "-1", "1", "2", "9223372036854775808", "x", "1.5", "%00")
            .get(random.nextInt(9));
    return random.nextBoolean()
        ? path.replaceFirst("(?<=/)\\d+", number)
        : path.replaceFirst("(?<==)[^&]*", number);
  }

  private record Place(JsonNode parent, String name, int index) {}

  private static void collect(JsonNode node, List<Place> places) {
    if (node instanceof ObjectNode object) {
      for (String name : object.propertyNames()) {
        places.add(new Place(object, name, -1));
        collect(object.get(name), places);
      }
    } else if (node instanceof ArrayNode array) {
      for (int i = 0; i < array.size(); i++) {
        places.add(new Place(array, "", i));
        collect(array.get(i), places);
      }
    }
  }

  private void change(Place place) {
    if (place.parent() instanceof ObjectNode object) {
      switch (random.nextInt(20)) {
        case 0 -> object.remove(place.name());
        case 1 -> object.put("unknown", 1);
        default -> object.set(place.name(), value(object.get(place.name())));
      }
    } else if (place.parent() instanceof ArrayNode array) {
      switch (random.nextInt(8)) {
        case 0 -> array.remove(place.index());
        case 1 -> array.add(array.get(place.index()).deepCopy());
        default -> array.set(place.index(), value(array.get(place.index())));
      }
    }
  }

  private JsonNode value(JsonNode was) {
    int kind = random.nextInt(20);
    if (kind == 0) {
      return JSON.readTree(one(OTHERS));
    }
    if (was.isNumber() || kind == 1) {
      String figure = one(FIGURES);
      // What a tree cannot hold is written by hand later; here it represents the largest there is.
      return figure.equals("1e999") ? JSON.valueToTree("Infinity") : JSON.readTree(figure);
    }
    if (was.isString() || kind == 2) {
      return JSON.valueToTree(
          random.nextInt(12) == 0 ? "long ".repeat(1 + random.nextInt(3000)) : one(TEXTS));
    }
    return JSON.readTree(one(OTHERS));
  }

  private String one(List<String> of) {
    return of.get(random.nextInt(of.size()));
  }
}
