package app.geminal.server.billet;

import app.geminal.layup.Turn;
import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Dimples;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.ForgedSurface;
import app.geminal.operation.FourWay;
import app.geminal.operation.Grind;
import app.geminal.operation.Ladder;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.Resquare;
import app.geminal.operation.Restack;
import app.geminal.operation.RollUp;
import app.geminal.operation.Sandwich;
import app.geminal.operation.Scrap;
import app.geminal.operation.SetAside;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.operation.Twist;
import app.geminal.operation.Upset;
import app.geminal.operation.Watch;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.Names;
import app.geminal.shop.Tool;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Method;
import app.geminal.weld.Tack;

/**
 * Steps of a plan as they are stored: the kind under its stored name, then its figures. What a
 * figure is where an earlier release did not store it is beside it.
 */
final class OperationDocument {
  private static final Names<AtmosphereProtection> PROTECTIONS =
      Names.of(AtmosphereProtection.class);
  private static final Names<Tack> TACKS = Names.of(Tack.class);
  private static final Names<Jacket> JACKETS = Names.of(Jacket.class);
  private static final Names<Tool> TOOLS = Names.of(Tool.class);
  private static final Names<Method> METHODS = Names.of(Method.class);
  private static final Names<Twist.Hand> HANDS = Names.of(Twist.Hand.class);
  private static final Names<Blade.Profile> PROFILES = Names.of(Blade.Profile.class);

  private OperationDocument() {}

  static Operation read(DocumentReader in) {
    String kind = in.text("kind");
    return switch (kind) {
      case "set" -> set(in);
      case "draw" ->
          new Draw(
              in.number("widthMm"),
              in.number("heightMm"),
              in.whole("heats"),
              in.one("tool", TOOLS, Tool.ROUND));
      case "trim" -> new Trim(in.number("frontMm"), in.number("backMm"), in.number("sidesMm", 0));
      case "grind" -> new Grind(in.number("bottomMm"), in.number("topMm"));
      case "cut" -> new Cut(in.whole("pieces"), in.number("kerfMm"), in.number("eachMm", 0));
      case "aside" ->
          new SetAside(
              in.whole("pieces"), in.number("lengthMm"), in.number("kerfMm"), in.wholes("which"));
      case "scrap" -> new Scrap(in.wholes("which"));
      case "watch" -> new Watch();
      case "restack" ->
          new Restack(
              in.has("turns") ? in.ones("turns", PlanDocument.TURNS) : Restack.ALL_SAME,
              in.list("between", PlanDocument::laid),
              in.number("faceGrindMm", 0));
      case "fold" -> new Fold(in.number("endLossMm"), in.whole("folds", 1));
      case "twist" ->
          new Twist(
              in.number("turns"),
              in.whole("sections"),
              in.one("hand", HANDS),
              in.is("rounded", false),
              in.whole("heats"));
      case "resquare" ->
          new Resquare(in.number("angleDeg"), in.number("sideMm"), in.whole("heats"));
      case "upset" -> new Upset(in.number("reduction"), in.number("bowMm", 0), in.whole("heats"));
      case "roll" ->
          new RollUp(
              in.is("square", false), in.inOrNull("core", PlanDocument::piece), in.whole("heats"));
      case "fourway" ->
          new FourWay(in.one("turn", PlanDocument.TURNS, Turn.SAME), in.number("kerfMm"));
      case "ladder" ->
          new Ladder(
              in.number("pitchMm"),
              in.number("widthMm"),
              in.number("depthMm"),
              in.is("bothFaces", false),
              in.is("pressed", false),
              in.number("flattenToMm", 0),
              in.whole("heats"));
      case "dimples" ->
          new Dimples(
              in.number("pitchMm"),
              in.number("diameterMm"),
              in.number("depthMm"),
              in.is("bothFaces", false),
              in.number("flattenToMm", 0),
              in.whole("heats"));
      case "uneven" ->
          new ForgedSurface(in.number("amplitudeMm"), in.number("scaleMm"), in.whole("seed"));
      case "sandwich" ->
          new Sandwich(
              in.list("below", PlanDocument::laid),
              in.list("above", PlanDocument::laid),
              in.number("faceGrindMm", 0));
      case "layup" ->
          new LayUp(
              in.ones("turns", PlanDocument.TURNS),
              in.list("left", PlanDocument::laid),
              in.list("right", PlanDocument::laid),
              in.list("shims", PlanDocument::piece),
              in.number("faceGrindMm", 0));
      case "blade" -> blade(in);
      default -> throw new InvalidValue("kind", BilletText.UNKNOWN_STEP.with("kind", kind));
    };
  }

  private static SetWeld set(DocumentReader in) {
    return new SetWeld(
        in.whole("heats"),
        in.number("reduction"),
        in.number("temperatureC"),
        in.number("soakMin"),
        in.one("school", PROTECTIONS),
        in.one("tack", TACKS, Tack.SIDES),
        in.one("jacket", JACKETS, Jacket.BEAD),
        in.one("tool", TOOLS, Tool.FLAT),
        in.whole("bites", 0),
        in.one("method", METHODS, Method.FORGE));
  }

  private static Blade blade(DocumentReader in) {
    return new Blade(
        in.one("profile", PROFILES),
        in.number("lengthMm"),
        in.number("widthMm"),
        in.number("spineMm"),
        in.number("edgeMm"),
        in.number("bevelMm"),
        in.number("taper"),
        in.number("tangMm"));
  }

  static DocumentWriter write(Operation operation) {
    return switch (operation) {
      case SetWeld o ->
          kind("set")
              .whole("heats", o.heats())
              .number("reduction", o.reduction())
              .number("temperatureC", o.temperatureC())
              .number("soakMin", o.soakMin())
              .one("school", o.protection(), PROTECTIONS)
              .one("tack", o.tack(), TACKS)
              .one("jacket", o.jacket(), JACKETS)
              .one("tool", o.tool(), TOOLS)
              .whole("bites", o.bites())
              .one("method", o.method() == Method.FORGE ? null : o.method(), METHODS);
      case Draw o ->
          kind("draw")
              .number("widthMm", o.widthMm())
              .number("heightMm", o.heightMm())
              .whole("heats", o.heats())
              .one("tool", o.tool(), TOOLS);
      case Trim o ->
          kind("trim")
              .number("frontMm", o.frontMm())
              .number("backMm", o.backMm())
              .number("sidesMm", o.sidesMm());
      case Grind o -> kind("grind").number("bottomMm", o.bottomMm()).number("topMm", o.topMm());
      case Cut o ->
          kind("cut")
              .whole("pieces", o.pieces())
              .number("kerfMm", o.kerfMm())
              .number("eachMm", o.eachMm());
      case SetAside o ->
          kind("aside")
              .whole("pieces", o.pieces())
              .number("lengthMm", o.lengthMm())
              .number("kerfMm", o.kerfMm())
              .wholes("which", o.which());
      case Scrap o -> kind("scrap").wholes("which", o.which());
      case Watch _ -> kind("watch");
      case Restack o ->
          kind("restack")
              .ones("turns", o.turns(), PlanDocument.TURNS)
              .list("between", o.between(), PlanDocument::laid)
              .number("faceGrindMm", o.faceGrindMm());
      case Fold o -> kind("fold").number("endLossMm", o.endLossMm()).whole("folds", o.folds());
      case Twist o ->
          kind("twist")
              .number("turns", o.turns())
              .whole("sections", o.sections())
              .one("hand", o.hand(), HANDS)
              .is("rounded", o.rounded())
              .whole("heats", o.heats());
      case Resquare o ->
          kind("resquare")
              .number("angleDeg", o.angleDeg())
              .number("sideMm", o.sideMm())
              .whole("heats", o.heats());
      case Upset o ->
          kind("upset")
              .number("reduction", o.reduction())
              .number("bowMm", o.bowMm())
              .whole("heats", o.heats());
      case RollUp o ->
          kind("roll")
              .is("square", o.square())
              .in("core", o.core(), PlanDocument::piece)
              .whole("heats", o.heats());
      case FourWay o ->
          kind("fourway").one("turn", o.turn(), PlanDocument.TURNS).number("kerfMm", o.kerfMm());
      case Ladder o ->
          kind("ladder")
              .number("pitchMm", o.pitchMm())
              .number("widthMm", o.widthMm())
              .number("depthMm", o.depthMm())
              .is("bothFaces", o.bothFaces())
              .is("pressed", o.pressed())
              .number("flattenToMm", o.flattenToMm())
              .whole("heats", o.heats());
      case Dimples o ->
          kind("dimples")
              .number("pitchMm", o.pitchMm())
              .number("diameterMm", o.diameterMm())
              .number("depthMm", o.depthMm())
              .is("bothFaces", o.bothFaces())
              .number("flattenToMm", o.flattenToMm())
              .whole("heats", o.heats());
      case ForgedSurface o ->
          kind("uneven")
              .number("amplitudeMm", o.amplitudeMm())
              .number("scaleMm", o.scaleMm())
              .whole("seed", o.seed());
      case Sandwich o ->
          kind("sandwich")
              .list("below", o.below(), PlanDocument::laid)
              .list("above", o.above(), PlanDocument::laid)
              .number("faceGrindMm", o.faceGrindMm());
      case LayUp o ->
          kind("layup")
              .ones("turns", o.turns(), PlanDocument.TURNS)
              .list("left", o.left(), PlanDocument::laid)
              .list("right", o.right(), PlanDocument::laid)
              .list("shims", o.shims(), PlanDocument::piece)
              .number("faceGrindMm", o.faceGrindMm());
      case Blade o ->
          kind("blade")
              .one("profile", o.profile(), PROFILES)
              .number("lengthMm", o.lengthMm())
              .number("widthMm", o.widthMm())
              .number("spineMm", o.spineMm())
              .number("edgeMm", o.edgeMm())
              .number("bevelMm", o.bevelMm())
              .number("taper", o.taper())
              .number("tangMm", o.tangMm());
    };
  }

  private static DocumentWriter kind(String stored) {
    return new DocumentWriter().text("kind", stored);
  }
}
