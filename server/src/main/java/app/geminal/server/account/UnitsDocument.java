package app.geminal.server.account;

import app.geminal.units.QuantityKind;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import java.util.EnumMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A person's units as they are stored: the system, and beside it the quantities they read in the
 * other one. A quantity or system that this release does not know is passed over.
 */
final class UnitsDocument {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private UnitsDocument() {}

  static Units read(String system, String chosen) {
    Map<QuantityKind, UnitSystem> differs = new EnumMap<>(QuantityKind.class);
    JsonNode stored = JSON.readTree(chosen);
    for (QuantityKind kind : QuantityKind.values()) {
      for (UnitSystem one : UnitSystem.values()) {
        if (stored.path(kind.name()).asString("").equals(one.name())) {
          differs.put(kind, one);
        }
      }
    }
    return new Units(UnitSystem.valueOf(system), differs);
  }

  static String write(Units units) {
    ObjectNode chosen = JSON.createObjectNode();
    units.chosen().forEach((kind, system) -> chosen.put(kind.name(), system.name()));
    return JSON.writeValueAsString(chosen);
  }
}
