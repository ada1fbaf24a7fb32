package app.geminal.server.book;

import app.geminal.server.stored.Document;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.StoredKind;
import app.geminal.weld.WeldConditions;
import java.util.List;

/** How a weld was made, as it is stored; what no one knows is left out. */
final class WeldConditionsDocument {
  static final Document<WeldConditions> HOW =
      new Document<>(
          StoredKind.WELD, List.of(), WeldConditionsDocument::how, WeldConditionsDocument::how);

  private WeldConditionsDocument() {}

  static WeldConditions how(DocumentReader in) {
    return new WeldConditions(
        in.numberOrNull("floorC"),
        in.numberOrNull("ceilingC"),
        in.numberOrNull("soakMin"),
        in.numberOrNull("neededSoakMin"),
        in.numberOrNull("waitedS"),
        in.numberOrNull("workingS"),
        in.wholeOrNull("heats"),
        in.numberOrNull("forceKn"),
        in.numberOrNull("reduction"),
        in.whole("joints", WeldConditions.UNKNOWN.joints()),
        in.is("later", false),
        in.numberOrNull("mapChance"));
  }

  static DocumentWriter how(WeldConditions how) {
    return new DocumentWriter()
        .number("floorC", how.floorC())
        .number("ceilingC", how.ceilingC())
        .number("soakMin", how.soakMin())
        .number("neededSoakMin", how.neededSoakMin())
        .number("waitedS", how.waitedS())
        .number("workingS", how.workingS())
        .whole("heats", how.heats())
        .number("forceKn", how.forceKn())
        .number("reduction", how.reduction())
        .whole("joints", how.joints())
        .is("later", how.later())
        .number("mapChance", how.mapChance());
  }
}
