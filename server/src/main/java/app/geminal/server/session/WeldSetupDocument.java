package app.geminal.server.session;

import app.geminal.heat.Atmosphere;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.Names;
import app.geminal.shop.FacePrep;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weldmap.Bite;
import app.geminal.weldmap.HotStrength;
import app.geminal.weldmap.WeldSetup;

/** A weld as it is to be made, in the document of the session that makes it. */
final class WeldSetupDocument {
  private static final Names<AtmosphereProtection> PROTECTIONS =
      Names.of(AtmosphereProtection.class);
  private static final Names<Atmosphere> FLAMES = Names.of(Atmosphere.class);
  private static final Names<Jacket> JACKETS = Names.of(Jacket.class);

  /** Sessions from before it was stored count as what most shops do. */
  private static final Names<FacePrep> PREPS = Names.of(FacePrep.class);

  private WeldSetupDocument() {}

  static WeldSetup read(DocumentReader in) {
    return new WeldSetup(
        in.in("bar", HeatPlanDocument::bar),
        in.numbers("joints"),
        in.number("floorC"),
        in.in("fire", WeldSetupDocument::fire),
        in.in("squeeze", WeldSetupDocument::squeeze),
        in.in("faces", WeldSetupDocument::faces));
  }

  static DocumentWriter write(WeldSetup s) {
    return new DocumentWriter()
        .in("bar", s.bar(), HeatPlanDocument::bar)
        .numbers("joints", s.joints())
        .number("floorC", s.floorC())
        .in("fire", s.fire(), WeldSetupDocument::fire)
        .in("squeeze", s.squeeze(), WeldSetupDocument::squeeze)
        .in("faces", s.faces(), WeldSetupDocument::faces);
  }

  private static WeldSetup.Fire fire(DocumentReader in) {
    return new WeldSetup.Fire(
        in.number("chamberC"),
        in.number("powerKw"),
        in.one("flame", FLAMES),
        in.numbers("minutes"));
  }

  private static DocumentWriter fire(WeldSetup.Fire f) {
    return new DocumentWriter()
        .number("chamberC", f.chamberC())
        .number("powerKw", f.powerKw())
        .one("flame", f.flame(), FLAMES)
        .numbers("minutes", f.minutes());
  }

  /** A tool whose force is not known has none stored, and reaches its stop. */
  private static WeldSetup.Squeeze squeeze(DocumentReader in) {
    return new WeldSetup.Squeeze(
        in.number("reduction"),
        in.list("bites", WeldSetupDocument::bite),
        in.number("strokeS"),
        in.number("haveKn", Double.POSITIVE_INFINITY),
        new HotStrength(in.numbers("strengthMpa")),
        in.number("leastReduction"),
        in.number("splitReduction"));
  }

  private static DocumentWriter squeeze(WeldSetup.Squeeze s) {
    return new DocumentWriter()
        .number("reduction", s.reduction())
        .list("bites", s.bites(), WeldSetupDocument::bite)
        .number("strokeS", s.strokeS())
        .number("haveKn", Double.isInfinite(s.haveKn()) ? null : s.haveKn())
        .numbers("strengthMpa", s.strength().mpa())
        .number("leastReduction", s.leastReduction())
        .number("splitReduction", s.splitReduction());
  }

  private static Bite bite(DocumentReader in) {
    return new Bite(in.number("fromMm"), in.number("toMm"));
  }

  private static DocumentWriter bite(Bite b) {
    return new DocumentWriter().number("fromMm", b.fromMm()).number("toMm", b.toMm());
  }

  private static WeldSetup.Faces faces(DocumentReader in) {
    return new WeldSetup.Faces(
        in.one("protection", PROTECTIONS),
        in.one("jacket", JACKETS),
        in.one("prep", PREPS, FacePrep.GROUND),
        in.number("gapMm"),
        in.number("startOxideUm"));
  }

  private static DocumentWriter faces(WeldSetup.Faces f) {
    return new DocumentWriter()
        .one("protection", f.protection(), PROTECTIONS)
        .one("jacket", f.jacket(), JACKETS)
        .one("prep", f.prep(), PREPS)
        .number("gapMm", f.gapMm())
        .number("startOxideUm", f.startOxideUm());
  }
}
