package app.geminal.server.fire;

import app.geminal.fire.Act;
import app.geminal.fire.FireStep;
import app.geminal.fire.HeatPlan;
import app.geminal.fire.LaidOut;
import app.geminal.fire.SchoolCost;
import app.geminal.fire.Soaking;
import app.geminal.fire.Squeezing;
import app.geminal.fire.Window;
import app.geminal.forging.StopLadder;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.server.stored.Document;
import app.geminal.server.stored.In;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.Out;
import app.geminal.weld.OxygenSchool;
import java.util.List;
import java.util.Optional;

/**
 * The heat plan of a session as it is stored: as it was when the session began, its sentences too,
 * because the smith followed those.
 */
final class HeatPlanDocument {
  static final Document<HeatPlan> HEAT_PLAN =
      new Document<>("heat plan", List.of(), HeatPlanDocument::plan, HeatPlanDocument::plan);

  private static final Names<OxygenSchool> SCHOOLS = Names.of(OxygenSchool.class);
  private static final Names<Atmosphere> FLAMES = Names.of(Atmosphere.class);
  private static final Names<Act> ACTS = Names.of(Act.class);

  private HeatPlanDocument() {}

  private static HeatPlan plan(In in) {
    return new HeatPlan(
        in.text("stepPath"),
        in.text("title"),
        Optional.ofNullable(in.oneOrNull("school", SCHOOLS)),
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
        in.texts("cautions"),
        in.list("layOut", HeatPlanDocument::laidOut),
        in.list("schools", HeatPlanDocument::cost));
  }

  private static Out plan(HeatPlan p) {
    return new Out()
        .text("stepPath", p.stepPath())
        .text("title", p.title())
        .one("school", p.school().orElse(null), SCHOOLS)
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
        .texts("cautions", p.cautions())
        .list("layOut", p.layOut(), HeatPlanDocument::laidOut)
        .list("schools", p.schools(), HeatPlanDocument::cost);
  }

  private static BarHeat.Of bar(In in) {
    return new BarHeat.Of(
        in.number("widthMm"),
        in.number("heightMm"),
        in.number("lengthMm"),
        in.number("pieceMm"),
        in.number("gapWM2K", BarHeat.Of.USUAL_GAP));
  }

  private static Out bar(BarHeat.Of b) {
    return new Out()
        .number("widthMm", b.widthMm())
        .number("heightMm", b.heightMm())
        .number("lengthMm", b.lengthMm())
        .number("pieceMm", b.pieceMm())
        .number("gapWM2K", b.gapWM2K());
  }

  /** Before a margin to running metal was kept, metal ran where the first steel melts. */
  private static Window window(In in) {
    double solidusC = in.number("solidusC");
    return new Window(
        in.number("floorC"),
        in.number("aimC"),
        in.number("ceilingC"),
        in.number("meltsC", solidusC),
        solidusC,
        in.text("softest", ""),
        in.text("why", ""));
  }

  private static Out window(Window w) {
    return new Out()
        .number("floorC", w.floorC())
        .number("aimC", w.aimC())
        .number("ceilingC", w.ceilingC())
        .number("meltsC", w.meltsC())
        .number("solidusC", w.solidusC())
        .text("softest", w.softest())
        .text("why", w.why());
  }

  private static Soaking soaking(In in) {
    return new Soaking(
        in.number("firstMin"),
        in.number("againMin"),
        in.number("plannedMin"),
        in.number("coreWhenSkinC"),
        in.number("limitMin"),
        in.text("why", ""));
  }

  private static Out soaking(Soaking s) {
    return new Out()
        .number("firstMin", s.firstMin())
        .number("againMin", s.againMin())
        .number("plannedMin", s.plannedMin())
        .number("coreWhenSkinC", s.coreWhenSkinC())
        .number("limitMin", s.limitMin())
        .text("why", s.why());
  }

  private static Squeezing squeezing(In in) {
    return new Squeezing(
        in.number("needKn"),
        in.number("haveKn"),
        in.whole("bites"),
        in.number("biteMm"),
        in.number("mostMpa"),
        in.text("why", ""));
  }

  private static Out squeezing(Squeezing s) {
    return new Out()
        .number("needKn", s.needKn())
        .number("haveKn", s.haveKn())
        .whole("bites", s.bites())
        .number("biteMm", s.biteMm())
        .number("mostMpa", s.mostMpa())
        .text("why", s.why());
  }

  private static FireStep step(In in) {
    return new FireStep(
        in.whole("heat"),
        Optional.ofNullable(in.oneOrNull("act", ACTS)),
        in.text("title"),
        in.text("how", ""),
        in.text("moment", ""));
  }

  private static Out step(FireStep s) {
    return new Out()
        .whole("heat", s.heat())
        .one("act", s.act().orElse(null), ACTS)
        .text("title", s.title())
        .text("how", s.how())
        .text("moment", s.moment());
  }

  private static StopLadder.Rung stop(In in) {
    return new StopLadder.Rung(
        in.number("heightMm"), in.number("widthMm"), in.number("lengthMm"), in.number("spreadMm"));
  }

  private static Out stop(StopLadder.Rung r) {
    return new Out()
        .number("heightMm", r.heightMm())
        .number("widthMm", r.widthMm())
        .number("lengthMm", r.lengthMm())
        .number("spreadMm", r.spreadMm());
  }

  private static LaidOut laidOut(In in) {
    return new LaidOut(in.text("what"), in.text("caution", ""));
  }

  private static Out laidOut(LaidOut l) {
    return new Out().text("what", l.what()).text("caution", l.caution());
  }

  private static SchoolCost cost(In in) {
    return new SchoolCost(
        in.one("school", SCHOOLS),
        in.number("fireMin"),
        in.number("benchMin"),
        in.number("skinMm"),
        in.number("lostKg"),
        in.number("softMm"),
        in.number("grainUm"),
        in.number("gasKg"),
        in.whole("made", 0),
        in.whole("held", 0),
        in.texts("risks"));
  }

  private static Out cost(SchoolCost c) {
    return new Out()
        .one("school", c.school(), SCHOOLS)
        .number("fireMin", c.fireMin())
        .number("benchMin", c.benchMin())
        .number("skinMm", c.skinMm())
        .number("lostKg", c.lostKg())
        .number("softMm", c.softMm())
        .number("grainUm", c.grainUm())
        .number("gasKg", c.gasKg())
        .whole("made", c.made())
        .whole("held", c.held())
        .texts("risks", c.risks());
  }
}
