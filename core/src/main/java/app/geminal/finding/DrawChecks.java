package app.geminal.finding;

import app.geminal.bar.Bars;
import app.geminal.forging.StopLadder;
import app.geminal.operation.Draw;
import app.geminal.shop.Tool;
import app.geminal.units.Quantity;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Checks of a draw against what its tool makes of a bar. */
final class DrawChecks {
  /** Spread is stated to within so much of it. */
  private static final double PLAY = 1.1;

  private DrawChecks() {}

  static List<Finding> of(StepContext at, Draw draw) {
    double reached = reachedMm(at, draw);
    if (draw.widthMm() <= PLAY * reached) {
      return List.of();
    }
    double width = Math.floor(reached * 2) / 2;
    Optional<Tool> better =
        Stream.of(Tool.FLAT, Tool.HAMMER)
            .filter(t -> t != draw.tool() && has(at, t))
            .filter(t -> draw.widthMm() <= PLAY * reachedMm(at, draw.withTool(t)))
            .findFirst();
    Finding.Builder found =
        Finding.of(FindingKind.DRAW_TOO_WIDE, Severity.WARNING, at.stage())
            .against(draw.widthMm(), reached)
            .figures(
                "tool", draw.tool(),
                "fromWidth", Quantity.mm(at.before().widthMm()),
                "fromHeight", Quantity.mm(at.before().heightMm()),
                "height", Quantity.mm(draw.heightMm()),
                "reached", Quantity.mm(reached),
                "planned", Quantity.mm(draw.widthMm()),
                "better", better.map(Tool::name).orElse("WIDTH"),
                "width", Quantity.mm(width));
    return List.of(
        found.instead(better.map(draw::withTool).orElseGet(() -> draw.withWidthMm(width))).found());
  }

  /** Width the bar has when it is down to its height and no edge was worked back, mm. */
  private static double reachedMm(StepContext at, Draw draw) {
    Bars before = at.before();
    if (draw.heightMm() >= before.heightMm()) {
      return Double.POSITIVE_INFINITY;
    }
    return StopLadder.of(
            before.widthMm(),
            before.heightMm(),
            before.lengthMm(),
            draw.widthMm(),
            draw.heightMm(),
            draw.heats(),
            draw.tool(),
            at.shop())
        .getLast()
        .spreadMm();
  }

  private static boolean has(StepContext at, Tool tool) {
    return tool == Tool.HAMMER || at.shop().press() != null;
  }
}
