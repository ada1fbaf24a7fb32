package app.geminal.server.stored;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.library.plan.PlanJson;
import app.geminal.server.problem.Damaged;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What holds for every kind of stored document. */
public final class DocumentChecks {
  private static final JsonMapper PLAIN = JsonMapper.builder().build();
  private static final JsonMapper STRICT = strict();
  private static final String LATER = "laterRelease";

  private DocumentChecks() {}

  private static JsonMapper strict() {
    JsonMapper.Builder builder = JsonMapper.builder();
    PlanJson.strict(builder);
    return builder.build();
  }

  /** What is written is read as it was. */
  public static <T> void comesBack(Document<T> document, List<T> samples) {
    for (T sample : samples) {
      assertThat(document.read(document.write(sample), document.format())).isEqualTo(sample);
    }
  }

  /**
   * Until documents had shapes of their own, the core's records were the stored shape: what was
   * stored like that is read as it was meant.
   */
  public static <T> void readsWhatRecordsWere(Document<T> document, List<T> samples) {
    for (T sample : samples) {
      String stored = EarlierNames.then(STRICT.writeValueAsString(sample));
      assertThat(document.read(stored, document.format())).as(stored).isEqualTo(sample);
    }
  }

  /**
   * Changes documents in ways no one means. Each is read or refused with its place, never anything
   * else; and what is read and written again has lost nothing that a later release put in.
   *
   * @return how many were read
   */
  public static <T> int withstands(
      Document<T> document, List<T> samples, int mutations, long seed) {
    Random random = new Random(seed);
    int read = 0;
    for (int i = 0; i < mutations; i++) {
      T sample = samples.get(random.nextInt(samples.size()));
      JsonNode tree = PLAIN.readTree(document.write(sample));
      int foreign = random.nextInt(3);
      for (int n = 0; n < foreign; n++) {
        later(tree, random, n);
      }
      if (i % 4 != 0) {
        damage(tree, random);
      }
      String stored = text(tree, random);
      try {
        T value = document.read(stored, document.format());
        read++;
        String again = document.writeOver(value, stored, document.format());
        assertThat(foreigners(PLAIN.readTree(again)))
            .as("seed %d, %d: %s", seed, i, stored)
            .isEqualTo(foreigners(PLAIN.readTree(stored)));
        assertThat(document.read(again, document.format())).as(stored).isEqualTo(value);
      } catch (Damaged refused) {
        assertThat(refused).hasMessageContaining("cannot be read");
      }
    }
    return read;
  }

  /** Puts something in that this release does not know. */
  private static void later(JsonNode tree, Random random, int n) {
    List<ObjectNode> objects = objects(tree);
    ObjectNode one = objects.get(random.nextInt(objects.size()));
    if (random.nextBoolean()) {
      one.put(LATER + n, random.nextInt());
    } else {
      one.putObject(LATER + n).putArray("list").add(1.5).addNull().add("x");
    }
  }

  private static void damage(JsonNode tree, Random random) {
    List<ObjectNode> objects = objects(tree);
    ObjectNode one = objects.get(random.nextInt(objects.size()));
    List<String> names = one.properties().stream().map(p -> p.getKey()).toList();
    if (names.isEmpty()) {
      return;
    }
    String name = names.get(random.nextInt(names.size()));
    switch (random.nextInt(8)) {
      case 0 -> one.remove(name);
      case 1 -> one.putNull(name);
      case 2 -> one.put(name, random.nextBoolean());
      case 3 -> one.put(name, new double[] {-1, 0, 0.5, 1e300, 5e-324, 1e9}[random.nextInt(6)]);
      case 4 -> one.put(name, new String[] {"", "SAME", "nonsense", "\u0000"}[random.nextInt(4)]);
      case 5 -> one.putArray(name).add(1).addObject();
      case 6 -> one.putObject(name);
      default -> one.put(name, random.nextInt(1000));
    }
  }

  /** Now and then the end is missing. */
  private static String text(JsonNode tree, Random random) {
    String text = PLAIN.writeValueAsString(tree);
    return random.nextInt(50) == 0 ? text.substring(0, random.nextInt(text.length())) : text;
  }

  private static List<ObjectNode> objects(JsonNode tree) {
    List<ObjectNode> objects = new ArrayList<>();
    if (tree instanceof ObjectNode object) {
      objects.add(object);
      object
          .properties()
          .forEach(p -> {
            if (!p.getKey().startsWith(LATER)) {
              objects.addAll(objects(p.getValue()));
            }
          });
    } else if (tree instanceof ArrayNode array) {
      array.forEach(element -> objects.addAll(objects(element)));
    }
    return objects;
  }

  private static long foreigners(JsonNode tree) {
    long here = 0;
    if (tree instanceof ObjectNode object) {
      for (var p : object.properties()) {
        here += (p.getKey().startsWith(LATER) ? 1 : 0) + foreigners(p.getValue());
      }
    } else if (tree instanceof ArrayNode array) {
      for (JsonNode element : array) {
        here += foreigners(element);
      }
    }
    return here;
  }
}
