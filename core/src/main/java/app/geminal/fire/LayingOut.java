package app.geminal.fire;

import app.geminal.bar.Bars;
import app.geminal.forging.StopLadder;
import app.geminal.operation.Operation;
import app.geminal.operation.Resquare;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Twist;
import app.geminal.operation.Upset;
import app.geminal.shop.Shop;
import app.geminal.shop.Tool;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.weld.OxygenSchool;
import java.util.ArrayList;
import java.util.List;

/** What is laid out for one heat plan: only what this bar, this school and these tools want. */
final class LayingOut {
  private static final String LIGHTING =
      "Air first, then a flame, then gas, and stand beside the door; follow the maker's instructions and local codes. Burnt gas holds carbon monoxide: alarm on, doors open.";

  private LayingOut() {}

  static List<LaidOut> of(
      Bars bars,
      Tool tool,
      Operation operation,
      List<Operation> after,
      List<StopLadder.Rung> stops,
      Shop shop) {
    List<LaidOut> out = new ArrayList<>();
    out.add(new LaidOut("Forge: gas, air, door brick", LIGHTING));
    out.add(tool(tool, shop));
    if (!stops.isEmpty()) {
      out.add(
          new LaidOut(
              "Stop blocks, in this order: "
                  + String.join(
                      ", ",
                      stops.stream().map(StopLadder.Rung::heightMm).map(Measure::mm).toList()),
              ""));
    } else if (operation instanceof SetWeld weld && tool == Tool.FLAT) {
      out.add(
          new LaidOut(
              "Stop block for the last set: "
                  + Measure.mm(bars.heightMm() * (1 - weld.reduction())),
              ""));
    }
    out.add(
        new LaidOut(
            Text.of(
                "Tongs that hold %s × %s, for when the handle comes off",
                Measure.mm(bars.widthMm()), Measure.mm(bars.heightMm())),
            ""));
    out.add(handle(after));
    out.add(new LaidOut("Wire brush, beside the dies", ""));
    if (operation instanceof SetWeld weld) {
      school(weld.school(), out);
    }
    out.add(wear(operation));
    return List.copyOf(out);
  }

  private static LaidOut tool(Tool tool, Shop shop) {
    String hands = "Hands out of the dies, also to clear scale; nobody in line with the bar.";
    return switch (tool) {
      case FLAT ->
          new LaidOut(
              shop.press() == null
                  ? "Flat dies, pins in"
                  : Text.of(
                      "Flat dies, %s along the bar, pins in, faces brushed",
                      Measure.mm(shop.press().dieLengthMm())),
              hands);
      case ROUND -> new LaidOut("Round dies, pins in, faces brushed", hands);
      case HAMMER ->
          new LaidOut(
              "Hammer and anvil, faces clean and warm", "Scale and flux fly at every blow.");
      case MILL ->
          new LaidOut("Mill, rolls clean, stop set", "Sleeves and gloves are drawn into rolls.");
    };
  }

  private static LaidOut handle(List<Operation> after) {
    boolean corners =
        after.stream()
            .anyMatch(o -> o instanceof Resquare || o instanceof Twist || o instanceof Upset);
    return corners
        ? new LaidOut(
            "Square handle, a flat of it in line with the layers: the bar is turned on its corners later, and a round one hides which way they lie",
            "")
        : new LaidOut("Handle with one flat marked: which way the layers lie must be felt", "");
  }

  private static void school(OxygenSchool school, List<LaidOut> out) {
    boolean fuel = school == OxygenSchool.DRY || school == OxygenSchool.BOTH;
    boolean flux = school == OxygenSchool.BORAX || school == OxygenSchool.BOTH;
    if (fuel) {
      out.add(
          new LaidOut(
              "Lidded metal tub with kerosene or thin oil, a drain grid, far from the fire",
              "Only cold steel goes in. It flares as it enters the forge: stand aside. No petrol, no thinners."));
    }
    if (flux) {
      out.add(
          new LaidOut(
              "Anhydrous borax, dry, and a long spoon",
              "Molten flux spatters at the squeeze and eats fibre linings; borates are harmful to fertility: no dust, maker's sheet."));
    }
    if (school == OxygenSchool.SEALED) {
      out.add(
          new LaidOut(
              "Jacket looked over: a vent of 2 to 3 mm is open, nothing wet or oily inside",
              "A tight can bursts. Keep clear of it while it heats."));
    }
  }

  private static LaidOut wear(Operation operation) {
    boolean flux =
        operation instanceof SetWeld weld
            && (weld.school() == OxygenSchool.BORAX || weld.school() == OxygenSchool.BOTH);
    return new LaidOut(
        "Wear: IR-rated glasses, cotton or wool, leather boots, apron, ear protection"
            + (flux ? ", face shield and sleeves" : ""),
        "Infrared harms the eye slowly; didymium does not stop it. Steel that looks cold can be at 500 °C."
            .replace("500 °C", Measure.celsius(500)));
  }
}
