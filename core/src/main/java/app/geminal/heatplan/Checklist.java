package app.geminal.heatplan;

import app.geminal.bar.Bars;
import app.geminal.forging.StopLadder;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Shop;
import app.geminal.shop.Tool;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.List;

/** What is laid out for one heat plan: only what this bar, this protection and these tools need. */
final class Checklist {
  private Checklist() {}

  static List<ChecklistItem> of(
      Bars bars,
      Tool tool,
      Operation operation,
      List<Operation> after,
      List<StopLadder.Rung> stops,
      Shop shop) {
    List<ChecklistItem> out = new ArrayList<>();
    out.add(ChecklistItem.of(HeatText.LAY_FORGE.with(), HeatText.LAY_FORGE_CAUTION.with()));
    out.add(tool(tool, shop));
    if (!stops.isEmpty()) {
      out.add(
          ChecklistItem.of(
              HeatText.LAY_STOPS.with(
                  "heights", stops.stream().map(r -> Quantity.mm(r.heightMm())).toList())));
    } else if (operation instanceof SetWeld weld && tool == Tool.FLAT) {
      out.add(
          ChecklistItem.of(
              HeatText.LAY_STOP.with(
                  "height", Quantity.mm(bars.heightMm() * (1 - weld.reduction())))));
    }
    out.add(
        ChecklistItem.of(
            HeatText.LAY_TONGS.with(
                "width", Quantity.mm(bars.widthMm()), "height", Quantity.mm(bars.heightMm()))));
    out.add(handle(after));
    if (shop.forge().gaugeOffsetC() == null) {
      out.add(
          ChecklistItem.of(
              HeatText.LAY_GAUGE.with("low", Quantity.degrees(50), "high", Quantity.degrees(100))));
    }
    out.add(ChecklistItem.of(HeatText.LAY_BRUSH.with()));
    if (operation instanceof SetWeld weld) {
      protection(weld.protection(), out);
    }
    out.add(wear(operation));
    return List.copyOf(out);
  }

  private static ChecklistItem tool(Tool tool, Shop shop) {
    Message caution = HeatText.LAY_TOOL_CAUTION.with("tool", tool);
    return tool == Tool.FLAT && shop.press() != null
        ? ChecklistItem.of(
            HeatText.LAY_FLAT_DIES.with("length", Quantity.mm(shop.press().dieLengthMm())), caution)
        : ChecklistItem.of(HeatText.LAY_TOOL.with("tool", tool), caution);
  }

  private static ChecklistItem handle(List<Operation> after) {
    boolean corners = after.stream().anyMatch(Operation::isHeldOverCorners);
    return ChecklistItem.of(HeatText.LAY_HANDLE.with("corners", corners));
  }

  private static void protection(AtmosphereProtection protection, List<ChecklistItem> out) {
    if (protection == AtmosphereProtection.DRY || protection == AtmosphereProtection.BOTH) {
      out.add(ChecklistItem.of(HeatText.LAY_FUEL.with(), HeatText.LAY_FUEL_CAUTION.with()));
    }
    if (protection == AtmosphereProtection.BORAX || protection == AtmosphereProtection.BOTH) {
      out.add(ChecklistItem.of(HeatText.LAY_FLUX.with(), HeatText.LAY_FLUX_CAUTION.with()));
    }
    if (protection == AtmosphereProtection.SEALED) {
      out.add(
          ChecklistItem.of(
              HeatText.LAY_JACKET.with("from", Quantity.mm(2), "to", Quantity.mm(3)),
              HeatText.LAY_JACKET_CAUTION.with()));
    }
  }

  private static ChecklistItem wear(Operation operation) {
    boolean flux =
        operation instanceof SetWeld weld
            && (weld.protection() == AtmosphereProtection.BORAX
                || weld.protection() == AtmosphereProtection.BOTH);
    return ChecklistItem.of(
        HeatText.LAY_WEAR.with("flux", flux),
        HeatText.LAY_WEAR_CAUTION.with("heat", Quantity.celsius(500)));
  }
}
