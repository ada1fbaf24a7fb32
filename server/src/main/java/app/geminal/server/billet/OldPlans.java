package app.geminal.server.billet;

import app.geminal.billet.Plan;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads plans as earlier releases stored them. Format 1 knew set, draw, trim, grind, cut, restack
 * and fold with fewer figures; what it did not say is what those steps did then.
 */
final class OldPlans {
  private OldPlans() {}

  static Plan read(JsonMapper json, String stored, int format) {
    if (format > 1) {
      return json.readValue(stored, Plan.class);
    }
    JsonNode plan = json.readTree(stored);
    plan.path("steps")
        .forEach(step -> {
          ((ObjectNode) step).put("off", false);
          upgrade((ObjectNode) step.path("operation"));
        });
    return json.treeToValue(plan, Plan.class);
  }

  private static void upgrade(ObjectNode operation) {
    switch (operation.path("kind").asString()) {
      case "set" ->
          operation.put("tack", "SIDES").put("jacket", "BEAD").put("tool", "FLAT").put("bites", 0);
      case "draw" -> operation.put("tool", "ROUND");
      case "cut" -> operation.put("eachMm", 0);
      case "fold" -> operation.put("folds", 1);
      case "restack" -> {
        boolean turned = operation.path("lay").asString().equals("TURNED");
        operation.remove("lay");
        ArrayNode turns = operation.putArray("turns").add("SAME");
        if (turned) {
          turns.add("OVER");
        }
        operation.put("faceGrindMm", 0);
      }
      default -> {}
    }
  }
}
