package app.geminal.finding;

import app.geminal.bar.Bars;
import app.geminal.forging.StopLadder;
import app.geminal.operation.Draw;
import app.geminal.shop.Tool;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Checks of a draw against what its tool makes of a bar. */
final class DrawChecks {
  /** Spread is told within so much of it. */
  private static final double PLAY = 1.1;

  private DrawChecks() {}

  static List<Finding> of(At at, Draw draw) {
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
        Finding.of("draw-too-wide", Strength.AT_RISK, at.stage())
            .against(draw.widthMm(), reached)
            .what("%s does not spread it that far.", capital(draw.tool()))
            .why(
                "From %s × %s down to %s high this tool makes a bar about %s wide (±10 %%), and %s is planned: steel goes into length before it goes into width.",
                Measure.mm(at.before().widthMm()),
                Measure.mm(at.before().heightMm()),
                Measure.mm(draw.heightMm()),
                Measure.mm(reached),
                Measure.mm(draw.widthMm()));
    return List.of(
        better
            .map(t -> found.instead(Text.of("Use %s", named(t)), draw.withTool(t)))
            .orElseGet(() -> found.instead("Draw to " + Measure.mm(width), draw.withWidthMm(width)))
            .mend(
                "Begin wider, spread it with long bites of flat dies, or upset it on edge first."));
  }

  /** Width the bar has when it is down to its height and no edge was worked back, mm. */
  private static double reachedMm(At at, Draw draw) {
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

  private static boolean has(At at, Tool tool) {
    return tool == Tool.HAMMER || at.shop().press() != null;
  }

  private static String named(Tool tool) {
    return switch (tool) {
      case FLAT -> "flat dies";
      case ROUND -> "round dies";
      case HAMMER -> "the hammer";
      case MILL -> "the mill";
    };
  }

  private static String capital(Tool tool) {
    return switch (tool) {
      case FLAT -> "A press with flat dies";
      case ROUND -> "A press with round dies";
      case HAMMER -> "A hammer";
      case MILL -> "A mill";
    };
  }
}
