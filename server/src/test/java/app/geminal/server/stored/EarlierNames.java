package app.geminal.server.stored;

import java.util.Map;

/** What earlier releases called fields that have another name now. */
public final class EarlierNames {
  private static final Map<String, String> NOW =
      Map.of(
          "SCHOOL", "PROTECTION",
          "school", "protection",
          "schools", "protections",
          "practice", "defaults",
          "pace", "taskTimes",
          "looked", "inspection",
          "decided", "disposition",
          "softMm", "decarbDepthMm",
          "standing", "progress");

  private EarlierNames() {}

  /** The present name of a field or of a constant. */
  public static String now(String then) {
    return NOW.getOrDefault(then, then.replaceFirst("^SCHOOL:", "PROTECTION:"));
  }

  /** A document of now as an earlier release wrote it. */
  public static String then(String json) {
    String then = json;
    for (Map.Entry<String, String> name : NOW.entrySet()) {
      then = then.replace("\"" + name.getValue() + "\":", "\"" + name.getKey() + "\":");
    }
    return then;
  }
}
