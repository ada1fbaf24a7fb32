package app.geminal.finder;

import app.geminal.forging.Force;
import app.geminal.layup.Piece;
import app.geminal.operation.SetWeld;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.SchedulePlan;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.StartingSteel;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.TaskTimes;
import app.geminal.shop.Tool;
import app.geminal.steel.Deformation;
import app.geminal.steel.FlowStress;
import app.geminal.steel.Steels;
import app.geminal.weld.WeldChance;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What stays the same for every schedule of one question, worked out once. */
final class SearchContext {
  /** Higher than this, a bar under narrow dies resists no more than a tall one. */
  private static final double THIN_MM = 3;

  private static final double KG_PER_MM3 = 1e-9;

  final FinderQuestion question;
  final ShopDefaults defaults;
  final TaskTimes taskTimes;
  final Shop shop;
  final Steels steels;

  final double widthMm;
  final double setSkinMm;
  final double setKeeps;
  final double setSpreads;
  final double setMin;
  final double drawSkinMm;
  final int trimCuts;
  final double finishMm2;
  final boolean setIsPressed;
  final boolean drawIsPressed;
  final double setFlowMpa;
  final double drawFlowMpa;
  final List<Sheet> insert;
  final List<Sheet> core;

  /** What arithmetic alone says; null where counts are no products. */
  final @Nullable ProductSearch products;

  /**
   * At most so much is lost from each face of a block, as it is, when it is set, drawn down for two
   * pieces and ground, mm.
   */
  final double mostOffMm;

  /** Height bars are drawn down to, by the pieces they are cut into, mm. */
  final double[] barMm = new double[Bounds.MOST_CUT + 1];

  private final List<String> known = new ArrayList<>();
  final WeldChance chance;

  /** A piece laid in a joint: its steel by number, thickness in mm, mass in kg of a mm². */
  record Sheet(byte steel, double mm, double kgMm2) {}

  SearchContext(FinderQuestion question, Steels steels, Shop shop, WeldChance chance) {
    this.question = question;
    this.shop = shop;
    this.steels = steels;
    this.defaults = shop.defaults();
    this.taskTimes = shop.taskTimes();
    this.chance = chance;
    this.products =
        ProductSearch.suit(question)
            ? new ProductSearch(question.bounds(), question.aim().least(), question.aim().most())
            : null;
    SetWeld weld = SetWeld.of(defaults);
    widthMm = SchedulePlan.widthMm(question);
    setSkinMm = weld.skinMm(defaults);
    setKeeps = 1 - weld.reduction();
    setSpreads = Math.sqrt(1 / setKeeps);
    setMin = weld.fireMin();
    drawSkinMm = defaults.drawSkinMm();
    trimCuts = defaults.endTrimMm() > 0 ? 2 : 0;
    double allowance = 2 * defaults.finishGrindMm();
    finishMm2 =
        (question.finished().widthMm() + allowance) * (question.finished().heightMm() + allowance);
    Press press = shop.press();
    setIsPressed = press != null && isPress(defaults.setTool());
    drawIsPressed = press != null && isPress(defaults.drawTool());
    Map<String, Double> share = share(question);
    setFlowMpa = flow(share, defaults.weldTemperatureC(), weld.squeeze());
    drawFlowMpa =
        flow(share, defaults.drawTemperatureC(), Deformation.ofDraw(taskTimes.drawPerHeat()));
    register(question);
    Piece sheet = question.insert();
    insert = sheet == null ? List.of() : List.of(sheet(sheet));
    core = question.core().stream().map(this::sheet).toList();
    for (int pieces = 2; pieces < barMm.length; pieces++) {
      barMm[pieces] = SchedulePlan.barMm(question.blockMm(), pieces);
    }
    mostOffMm = mostOffMm();
  }

  private double flow(Map<String, Double> share, double celsius, Deformation how) {
    return FlowStress.ofMix(share, steels, celsius, how).mpa().orElse(0);
  }

  private double mostOffMm() {
    double highest = question.blockMm();
    for (Sheet sheet : insert) {
      highest += (Bounds.MOST_CUT - 1) * sheet.mm();
    }
    double thinned = Math.max(1, highest / barMm[2]);
    int heats = taskTimes.drawHeats(setSpreads * widthMm * highest, widthMm * barMm[2]);
    return setSkinMm + (heats * drawSkinMm + defaults.faceGrindMm() * thinned) / setKeeps;
  }

  /** All numbers are given before the walks begin, so that these only read. */
  private void register(FinderQuestion question) {
    switch (question.from()) {
      case StartingSteel.Bar bar ->
          bar.bars().section().areaBySteel().keySet().forEach(this::register);
      case StartingSteel.Stacks stacks -> {
        stacks.outside().forEach(p -> register(p.steel()));
        stacks.inside().forEach(p -> register(p.steel()));
      }
      case StartingSteel.Shelf shelf -> {
        register(shelf.outside().steel());
        register(shelf.inside().steel());
      }
    }
    Piece sheet = question.insert();
    if (sheet != null) {
      register(sheet.steel());
    }
    question.core().forEach(p -> register(p.steel()));
  }

  private void register(String steel) {
    steels.get(steel);
    if (!known.contains(steel)) {
      known.add(steel);
    }
  }

  private static boolean isPress(Tool tool) {
    return tool == Tool.FLAT || tool == Tool.ROUND;
  }

  /** Steels as they lie at the beginning; grinding moves their share a little and force hardly. */
  private static Map<String, Double> share(FinderQuestion question) {
    return switch (question.from()) {
      case StartingSteel.Bar bar -> bar.bars().section().areaBySteel();
      case StartingSteel.Stacks stacks ->
          share(stacks.outside().getFirst(), stacks.inside().getFirst());
      case StartingSteel.Shelf shelf -> share(shelf.outside(), shelf.inside());
    };
  }

  private static Map<String, Double> share(Piece outside, Piece inside) {
    Map<String, Double> share = new LinkedHashMap<>();
    share.merge(outside.steel(), outside.solidMm(), Double::sum);
    share.merge(inside.steel(), inside.solidMm(), Double::sum);
    return share;
  }

  Sheet sheet(Piece piece) {
    return new Sheet(number(piece.steel()), piece.thicknessMm(), kgMm2(piece));
  }

  private double kgMm2(Piece piece) {
    return piece.solidMm() * steels.get(piece.steel()).densityKgM3() * KG_PER_MM3;
  }

  /** The number a steel passes in this search. */
  byte number(String steel) {
    return (byte) known.indexOf(steel);
  }

  /** Mass of a length of a start, kg per mm. */
  double kgPerMm(StartStack start) {
    return start.laid().stream().mapToDouble(this::kgMm2).sum() * widthMm;
  }

  /** Force over the narrowest die on a weld, kN; 0 where it is far within what the press gives. */
  double setForceKn(double widthMm, double heightMm) {
    return setIsPressed ? forceKn(widthMm, heightMm, setFlowMpa) : 0;
  }

  /** Force over the narrowest die on a draw, kN; 0 where it is far within what the press gives. */
  double drawForceKn(double widthMm, double heightMm) {
    return drawIsPressed ? forceKn(widthMm, heightMm, drawFlowMpa) : 0;
  }

  private double forceKn(double widthMm, double heightMm, double flowMpa) {
    boolean farWithin =
        heightMm >= THIN_MM
            && Force.mostKn(widthMm, Force.NARROWEST_DIE_MM, flowMpa)
                <= question.within().forceKn();
    return farWithin ? 0 : Force.kn(widthMm, Force.NARROWEST_DIE_MM, heightMm, flowMpa);
  }
}
