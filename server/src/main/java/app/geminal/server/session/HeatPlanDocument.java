package app.geminal.server.session;

import app.geminal.forging.StopLadder;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heatplan.ChecklistItem;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.heatplan.HeatStep;
import app.geminal.heatplan.HeatWindow;
import app.geminal.heatplan.ProtectionCost;
import app.geminal.heatplan.SoakPlan;
import app.geminal.heatplan.SqueezePlan;
import app.geminal.server.stored.Document;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.MessageDocument;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.StoredKind;
import app.geminal.text.Message;
import app.geminal.weld.AtmosphereProtection;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The heat plan of a session as it is stored: as it was when the session began. Texts are stored as
 * the messages they are; format 1 had their words, with figures as marks, and those stay words.
 */
final class HeatPlanDocument {
  static final Document<PlannedHeat> HEAT_PLAN =
      new Document<>(
          StoredKind.HEAT_PLAN,
          List.of(HeatPlanDocument::wordsToMessages),
          in -> new PlannedHeat(plan(in), in.list("welds", WeldSetupDocument::read)),
          heat -> plan(heat.plan()).list("welds", heat.welds(), WeldSetupDocument::write));

  private static final Message NOTHING = Message.written("");
  private static final Names<AtmosphereProtection> PROTECTIONS =
      Names.of(AtmosphereProtection.class);
  private static final Names<Atmosphere> FLAMES = Names.of(Atmosphere.class);
  private static final Names<ForgeAction> ACTS = Names.of(ForgeAction.class);

  private HeatPlanDocument() {}

  /** Format 2 holds messages where format 1 held words. */
  private static void wordsToMessages(ObjectNode plan) {
    toMessages(plan, "title", "cautions");
    for (String part : List.of("window", "soaking", "squeezing")) {
      toMessages(plan.get(part), "why");
    }
    within(plan, "steps", step -> toMessages(step, "title", "how", "moment"));
    within(plan, "layOut", out -> toMessages(out, "what", "caution"));
    within(plan, "schools", protection -> toMessages(protection, "risks"));
  }

  private static void within(ObjectNode plan, String list, Consumer<JsonNode> change) {
    if (plan.get(list) instanceof ArrayNode nodes) {
      nodes.forEach(change);
    }
  }

  /** Text, or a list of texts, under these names; what is empty is dropped. */
  private static void toMessages(@Nullable JsonNode node, String... names) {
    if (!(node instanceof ObjectNode object)) {
      return;
    }
    for (String name : names) {
      JsonNode value = object.get(name);
      if (value instanceof ArrayNode texts) {
        for (int i = 0; i < texts.size(); i++) {
          if (texts.get(i).isString()) {
            texts.set(i, words(texts.get(i)));
          }
        }
      } else if (value != null && value.isString()) {
        if (value.asString().isEmpty()) {
          object.remove(name);
        } else {
          object.set(name, words(value));
        }
      }
    }
  }

  private static ObjectNode words(JsonNode text) {
    return JsonNodeFactory.instance.objectNode().put("words", text.asString());
  }

  /** A title taken out of a stored plan of any format, as JSON; null where it has none. */
  static @Nullable Message title(@Nullable String json) {
    return json == null ? null : MessageDocument.ofJson(json);
  }

  private static HeatPlan plan(DocumentReader in) {
    return new HeatPlan(
        in.text("stepPath"),
        in.in("title", MessageDocument::read),
        Optional.ofNullable(in.oneOrNull("school", PROTECTIONS)),
        in.in("bar", HeatPlanDocument::bar),
        in.number("outerMm"),
        in.number("carbon"),
        in.whole("heats"),
        in.number("reductionPerHeat"),
        in.one("flame", FLAMES, Atmosphere.NEUTRAL),
        in.in("window", HeatPlanDocument::window),
        in.in("soaking", HeatPlanDocument::soaking),
        in.in("squeezing", HeatPlanDocument::squeezing),
        in.list("steps", HeatPlanDocument::step),
        in.list("stops", HeatPlanDocument::stop),
        in.list("cautions", MessageDocument::read),
        in.list("layOut", HeatPlanDocument::checklistItem),
        in.list("schools", HeatPlanDocument::cost));
  }

  private static DocumentWriter plan(HeatPlan p) {
    return new DocumentWriter()
        .text("stepPath", p.stepPath())
        .in("title", p.title(), MessageDocument::write)
        .one("school", p.protection().orElse(null), PROTECTIONS)
        .in("bar", p.bar(), HeatPlanDocument::bar)
        .number("outerMm", p.outerMm())
        .number("carbon", p.carbon())
        .whole("heats", p.heats())
        .number("reductionPerHeat", p.reductionPerHeat())
        .one("flame", p.flame(), FLAMES)
        .in("window", p.window(), HeatPlanDocument::window)
        .in("soaking", p.soaking(), HeatPlanDocument::soaking)
        .in("squeezing", p.squeezing(), HeatPlanDocument::squeezing)
        .list("steps", p.steps(), HeatPlanDocument::step)
        .list("stops", p.stops(), HeatPlanDocument::stop)
        .list("cautions", p.cautions(), MessageDocument::write)
        .list("layOut", p.layOut(), HeatPlanDocument::checklistItem)
        .list("schools", p.protections(), HeatPlanDocument::cost);
  }

  static BarHeat.Of bar(DocumentReader in) {
    return new BarHeat.Of(
        in.number("widthMm"),
        in.number("heightMm"),
        in.number("lengthMm"),
        in.number("pieceMm"),
        in.number("gapWM2K", BarHeat.Of.USUAL_GAP));
  }

  static DocumentWriter bar(BarHeat.Of b) {
    return new DocumentWriter()
        .number("widthMm", b.widthMm())
        .number("heightMm", b.heightMm())
        .number("lengthMm", b.lengthMm())
        .number("pieceMm", b.pieceMm())
        .number("gapWM2K", b.gapWM2K());
  }

  /** Before a margin to running metal was kept, metal ran where the first steel melts. */
  private static HeatWindow window(DocumentReader in) {
    double solidusC = in.number("solidusC");
    return new HeatWindow(
        in.number("floorC"),
        in.number("aimC"),
        in.number("ceilingC"),
        in.number("meltsC", solidusC),
        solidusC,
        in.text("softest", ""),
        in.in("why", MessageDocument::read, NOTHING));
  }

  private static DocumentWriter window(HeatWindow w) {
    return new DocumentWriter()
        .number("floorC", w.floorC())
        .number("aimC", w.aimC())
        .number("ceilingC", w.ceilingC())
        .number("meltsC", w.meltsC())
        .number("solidusC", w.solidusC())
        .text("softest", w.softest())
        .in("why", w.why(), MessageDocument::write);
  }

  private static SoakPlan soaking(DocumentReader in) {
    return new SoakPlan(
        in.number("firstMin"),
        in.number("againMin"),
        in.number("plannedMin"),
        in.number("coreWhenSkinC"),
        in.number("limitMin"),
        in.in("why", MessageDocument::read, NOTHING));
  }

  private static DocumentWriter soaking(SoakPlan s) {
    return new DocumentWriter()
        .number("firstMin", s.firstMin())
        .number("againMin", s.againMin())
        .number("plannedMin", s.plannedMin())
        .number("coreWhenSkinC", s.coreWhenSkinC())
        .number("limitMin", s.limitMin())
        .in("why", s.why(), MessageDocument::write);
  }

  private static SqueezePlan squeezing(DocumentReader in) {
    return new SqueezePlan(
        in.number("needKn"),
        in.number("haveKn"),
        in.whole("bites"),
        in.number("biteMm"),
        in.number("mostMpa"),
        in.in("why", MessageDocument::read, NOTHING));
  }

  private static DocumentWriter squeezing(SqueezePlan s) {
    return new DocumentWriter()
        .number("needKn", s.needKn())
        .number("haveKn", s.haveKn())
        .whole("bites", s.bites())
        .number("biteMm", s.biteMm())
        .number("mostMpa", s.mostMpa())
        .in("why", s.why(), MessageDocument::write);
  }

  private static HeatStep step(DocumentReader in) {
    return new HeatStep(
        in.whole("heat"),
        Optional.ofNullable(in.oneOrNull("act", ACTS)),
        in.in("title", MessageDocument::read),
        in.in("how", MessageDocument::read, NOTHING),
        in.in("moment", MessageDocument::read, NOTHING));
  }

  private static DocumentWriter step(HeatStep s) {
    return new DocumentWriter()
        .whole("heat", s.heat())
        .one("act", s.act().orElse(null), ACTS)
        .in("title", s.title(), MessageDocument::write)
        .in("how", s.how(), MessageDocument::write)
        .in("moment", s.moment(), MessageDocument::write);
  }

  private static StopLadder.Rung stop(DocumentReader in) {
    return new StopLadder.Rung(
        in.number("heightMm"), in.number("widthMm"), in.number("lengthMm"), in.number("spreadMm"));
  }

  private static DocumentWriter stop(StopLadder.Rung r) {
    return new DocumentWriter()
        .number("heightMm", r.heightMm())
        .number("widthMm", r.widthMm())
        .number("lengthMm", r.lengthMm())
        .number("spreadMm", r.spreadMm());
  }

  private static ChecklistItem checklistItem(DocumentReader in) {
    return new ChecklistItem(
        in.in("what", MessageDocument::read),
        Optional.ofNullable(in.inOrNull("caution", MessageDocument::read)));
  }

  private static DocumentWriter checklistItem(ChecklistItem l) {
    return new DocumentWriter()
        .in("what", l.what(), MessageDocument::write)
        .in("caution", l.caution().orElse(null), MessageDocument::write);
  }

  private static ProtectionCost cost(DocumentReader in) {
    return new ProtectionCost(
        in.one("school", PROTECTIONS),
        in.number("fireMin"),
        in.number("benchMin"),
        in.number("skinMm"),
        in.number("lostKg"),
        in.number("softMm"),
        in.number("grainUm"),
        in.number("gasKg"),
        in.whole("made", 0),
        in.whole("held", 0),
        in.list("risks", MessageDocument::read));
  }

  private static DocumentWriter cost(ProtectionCost c) {
    return new DocumentWriter()
        .one("school", c.protection(), PROTECTIONS)
        .number("fireMin", c.fireMin())
        .number("benchMin", c.benchMin())
        .number("skinMm", c.skinMm())
        .number("lostKg", c.lostKg())
        .number("softMm", c.decarbDepthMm())
        .number("grainUm", c.grainUm())
        .number("gasKg", c.gasKg())
        .whole("made", c.made())
        .whole("held", c.held())
        .list("risks", c.risks(), MessageDocument::write);
  }
}
