package app.geminal.server.shop;

import app.geminal.heat.Atmosphere;
import app.geminal.server.stored.Document;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.StoredKind;
import app.geminal.shop.FacePrep;
import app.geminal.shop.Forge;
import app.geminal.shop.Hammer;
import app.geminal.shop.Limits;
import app.geminal.shop.Lining;
import app.geminal.shop.Mill;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.TaskTimes;
import app.geminal.shop.Tool;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Tack;
import java.util.List;

/**
 * The shop as it is stored. What a document does not say is as in {@link Shop#common()}: a figure
 * that a later release asks for is usual there until someone says otherwise.
 */
final class ShopDocument {
  private static final Names<Lining> LININGS = Names.of(Lining.class);
  private static final Names<Atmosphere> FLAMES = Names.of(Atmosphere.class);
  private static final Names<AtmosphereProtection> PROTECTIONS =
      Names.of(AtmosphereProtection.class);
  private static final Names<Tack> TACKS = Names.of(Tack.class);
  private static final Names<Jacket> JACKETS = Names.of(Jacket.class);
  private static final Names<Tool> TOOLS = Names.of(Tool.class);
  private static final Names<FacePrep> FACES = Names.of(FacePrep.class);
  static final Document<Shop> SHOP =
      new Document<>(StoredKind.SHOP, List.of(), ShopDocument::shop, ShopDocument::shop);

  private static final Shop COMMON = Shop.common();

  private ShopDocument() {}

  private static Shop shop(DocumentReader in) {
    return new Shop(
        in.in("forge", ShopDocument::forge, COMMON.forge()),
        in.inOrNull("press", ShopDocument::press),
        in.inOrNull("hammer", ShopDocument::hammer),
        in.inOrNull("mill", ShopDocument::mill),
        in.in("practice", ShopDocument::defaults, COMMON.defaults()),
        in.in("limits", ShopDocument::limits, COMMON.limits()),
        in.in("pace", ShopDocument::taskTimes, COMMON.taskTimes()),
        in.number("hourPrice", COMMON.hourPrice()));
  }

  private static DocumentWriter shop(Shop s) {
    return new DocumentWriter()
        .in("forge", s.forge(), ShopDocument::forge)
        .in("press", s.press(), ShopDocument::press)
        .in("hammer", s.hammer(), ShopDocument::hammer)
        .in("mill", s.mill(), ShopDocument::mill)
        .in("practice", s.defaults(), ShopDocument::defaults)
        .in("limits", s.limits(), ShopDocument::limits)
        .in("pace", s.taskTimes(), ShopDocument::taskTimes)
        .number("hourPrice", s.hourPrice());
  }

  private static Forge forge(DocumentReader in) {
    Forge usual = COMMON.forge();
    return new Forge(
        in.number("widthMm", usual.widthMm()),
        in.number("heightMm", usual.heightMm()),
        in.number("lengthMm", usual.lengthMm()),
        in.number("doorWidthMm", usual.doorWidthMm()),
        in.number("doorHeightMm", usual.doorHeightMm()),
        in.is("openEnds", usual.openEnds()),
        in.whole("burners", usual.burners()),
        in.number("ratedLitres", usual.ratedLitres()),
        in.number("powerKw", usual.powerKw()),
        in.is("airControl", usual.airControl()),
        in.one("lining", LININGS, usual.lining()),
        in.numberOrNull("gaugeOffsetC"),
        in.number("highestC", usual.highestC()));
  }

  private static DocumentWriter forge(Forge forge) {
    return new DocumentWriter()
        .number("widthMm", forge.widthMm())
        .number("heightMm", forge.heightMm())
        .number("lengthMm", forge.lengthMm())
        .number("doorWidthMm", forge.doorWidthMm())
        .number("doorHeightMm", forge.doorHeightMm())
        .is("openEnds", forge.openEnds())
        .whole("burners", forge.burners())
        .number("ratedLitres", forge.ratedLitres())
        .number("powerKw", forge.powerKw())
        .is("airControl", forge.airControl())
        .one("lining", forge.lining(), LININGS)
        .number("gaugeOffsetC", forge.gaugeOffsetC())
        .number("highestC", forge.highestC());
  }

  private static Press press(DocumentReader in) {
    return new Press(
        in.number("boreMm"),
        in.number("gaugeLimitMpa"),
        in.number("ratedForceKn"),
        in.number("openingMm"),
        in.number("diesMm"),
        in.number("dieLengthMm"),
        in.number("roundDieMm"),
        in.number("speedMmS"));
  }

  private static DocumentWriter press(Press press) {
    return new DocumentWriter()
        .number("boreMm", press.boreMm())
        .number("gaugeLimitMpa", press.gaugeLimitMpa())
        .number("ratedForceKn", press.ratedForceKn())
        .number("openingMm", press.openingMm())
        .number("diesMm", press.diesMm())
        .number("dieLengthMm", press.dieLengthMm())
        .number("roundDieMm", press.roundDieMm())
        .number("speedMmS", press.speedMmS());
  }

  private static Hammer hammer(DocumentReader in) {
    return new Hammer(in.text("name"), in.number("highestMm"));
  }

  private static DocumentWriter hammer(Hammer hammer) {
    return new DocumentWriter().text("name", hammer.name()).number("highestMm", hammer.highestMm());
  }

  private static Mill mill(DocumentReader in) {
    return new Mill(in.number("rollMm"), in.number("openingMm"));
  }

  private static DocumentWriter mill(Mill mill) {
    return new DocumentWriter()
        .number("rollMm", mill.rollMm())
        .number("openingMm", mill.openingMm());
  }

  private static ShopDefaults defaults(DocumentReader in) {
    ShopDefaults usual = COMMON.defaults();
    return new ShopDefaults(
        in.one("atmosphere", FLAMES, usual.atmosphere()),
        in.one("school", PROTECTIONS, usual.protection()),
        in.whole("settingHeats", usual.settingHeats()),
        in.number("setReduction", usual.setReduction()),
        in.number("weldTemperatureC", usual.weldTemperatureC()),
        in.number("soakMin", usual.soakMin()),
        in.one("tack", TACKS, usual.tack()),
        in.one("jacket", JACKETS, usual.jacket()),
        in.one("setTool", TOOLS, usual.setTool()),
        in.number("drawTemperatureC", usual.drawTemperatureC()),
        in.number("drawHeatMin", usual.drawHeatMin()),
        in.one("drawTool", TOOLS, usual.drawTool()),
        in.number("kerfMm", usual.kerfMm()),
        in.number("endTrimMm", usual.endTrimMm()),
        in.number("faceGrindMm", usual.faceGrindMm()),
        in.number("jacketMm", usual.jacketMm()),
        in.number("finishGrindMm", usual.finishGrindMm()),
        in.number("scaleFactor", usual.scaleFactor()),
        in.one("faces", FACES, usual.faces()),
        in.is("degreases", usual.degreases()));
  }

  private static DocumentWriter defaults(ShopDefaults defaults) {
    return new DocumentWriter()
        .one("atmosphere", defaults.atmosphere(), FLAMES)
        .one("school", defaults.protection(), PROTECTIONS)
        .whole("settingHeats", defaults.settingHeats())
        .number("setReduction", defaults.setReduction())
        .number("weldTemperatureC", defaults.weldTemperatureC())
        .number("soakMin", defaults.soakMin())
        .one("tack", defaults.tack(), TACKS)
        .one("jacket", defaults.jacket(), JACKETS)
        .one("setTool", defaults.setTool(), TOOLS)
        .number("drawTemperatureC", defaults.drawTemperatureC())
        .number("drawHeatMin", defaults.drawHeatMin())
        .one("drawTool", defaults.drawTool(), TOOLS)
        .number("kerfMm", defaults.kerfMm())
        .number("endTrimMm", defaults.endTrimMm())
        .number("faceGrindMm", defaults.faceGrindMm())
        .number("jacketMm", defaults.jacketMm())
        .number("finishGrindMm", defaults.finishGrindMm())
        .number("scaleFactor", defaults.scaleFactor())
        .one("faces", defaults.faces(), FACES)
        .is("degreases", defaults.degreases());
  }

  private static Limits limits(DocumentReader in) {
    Limits usual = COMMON.limits();
    return new Limits(
        in.number("shortestPieceMm", usual.shortestPieceMm()),
        in.number("heaviestKg", usual.heaviestKg()),
        in.number("tallestStackMm", usual.tallestStackMm()),
        in.number("longestBarMm", usual.longestBarMm()),
        in.number("outerPieceMm", usual.outerPieceMm()),
        in.number("longStackMm", usual.longStackMm()),
        in.number("sizesDifferMm", usual.sizesDifferMm()),
        in.number("heightsDifferMm", usual.heightsDifferMm()),
        in.number("nothingBondsBelowC", usual.nothingBondsBelowC()),
        in.number("overheatedAboveC", usual.overheatedAboveC()),
        in.number("meltMarginC", usual.meltMarginC()),
        in.number("firstSetReduction", usual.firstSetReduction()),
        in.number("grooveDepth", usual.grooveDepth()),
        in.number("twistShear", usual.twistShear()),
        in.number("smallestSquareMm", usual.smallestSquareMm()),
        in.number("finestLayerMm", usual.finestLayerMm()),
        in.number("widestBandMm", usual.widestBandMm()),
        in.whole("mostLayersSeen", usual.mostLayersSeen()));
  }

  private static DocumentWriter limits(Limits limits) {
    return new DocumentWriter()
        .number("shortestPieceMm", limits.shortestPieceMm())
        .number("heaviestKg", limits.heaviestKg())
        .number("tallestStackMm", limits.tallestStackMm())
        .number("longestBarMm", limits.longestBarMm())
        .number("outerPieceMm", limits.outerPieceMm())
        .number("longStackMm", limits.longStackMm())
        .number("sizesDifferMm", limits.sizesDifferMm())
        .number("heightsDifferMm", limits.heightsDifferMm())
        .number("nothingBondsBelowC", limits.nothingBondsBelowC())
        .number("overheatedAboveC", limits.overheatedAboveC())
        .number("meltMarginC", limits.meltMarginC())
        .number("firstSetReduction", limits.firstSetReduction())
        .number("grooveDepth", limits.grooveDepth())
        .number("twistShear", limits.twistShear())
        .number("smallestSquareMm", limits.smallestSquareMm())
        .number("finestLayerMm", limits.finestLayerMm())
        .number("widestBandMm", limits.widestBandMm())
        .whole("mostLayersSeen", limits.mostLayersSeen());
  }

  private static TaskTimes taskTimes(DocumentReader in) {
    TaskTimes usual = COMMON.taskTimes();
    return new TaskTimes(
        in.number("facePrepMin", usual.facePrepMin()),
        in.number("stackMin", usual.stackMin()),
        in.number("sawMin", usual.sawMin()),
        in.number("coolMin", usual.coolMin()),
        in.number("drawPerHeat", usual.drawPerHeat()),
        in.number("gasKgHour", usual.gasKgHour()));
  }

  private static DocumentWriter taskTimes(TaskTimes taskTimes) {
    return new DocumentWriter()
        .number("facePrepMin", taskTimes.facePrepMin())
        .number("stackMin", taskTimes.stackMin())
        .number("sawMin", taskTimes.sawMin())
        .number("coolMin", taskTimes.coolMin())
        .number("drawPerHeat", taskTimes.drawPerHeat())
        .number("gasKgHour", taskTimes.gasKgHour());
  }
}
