package app.geminal.finding;

import app.geminal.billet.Stage;
import app.geminal.units.Measure;
import java.util.List;
import java.util.Optional;

/** Checks of sizes against what a person and the machines can hold. */
final class SizeChecks {
  private SizeChecks() {}

  static List<Finding> pieceLength(int stage, Stage cut, Limits limits) {
    double length = cut.bars().lengthMm();
    if (length >= limits.shortestPieceMm()) {
      return List.of();
    }
    return List.of(
        new Finding(
            "piece-too-short",
            Strength.AT_RISK,
            false,
            stage,
            "Pieces of %s are short to hold.".formatted(Measure.mm(length)),
            "Under %s they are hard to clamp on the grinder and to tack."
                .formatted(Measure.mm(limits.shortestPieceMm())),
            "Cut fewer pieces, or draw the bar longer first.",
            Optional.empty()));
  }
}
