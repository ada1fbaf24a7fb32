package app.geminal.notation;

import app.geminal.bar.Bars;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Lay;
import app.geminal.operation.Operation;
import app.geminal.operation.Practice;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import java.util.Locale;
import java.util.Optional;

/** A first guess at a step from its name alone, for the bar at hand; meant to be changed. */
public final class Suggestion {
  private static final int USUAL_PIECES = 4;
  private static final int USUAL_DRAW_HEATS = 4;

  private Suggestion() {}

  /**
   * The usual step of that name.
   *
   * @param word set, draw, trim, grind, cut, restack or fold, alone
   * @param bars what it would be done to
   * @return empty when the word is none of these
   */
  public static Optional<Operation> of(String word, Bars bars, Practice practice) {
    return Optional.ofNullable(
        switch (word.strip().toLowerCase(Locale.ROOT)) {
          case "set" -> SetWeld.of(practice);
          case "draw" ->
              new Draw(round(bars.widthMm()), round(bars.heightMm() / 2), USUAL_DRAW_HEATS);
          case "trim" -> new Trim(practice.endTrimMm(), practice.endTrimMm(), 0);
          case "grind" -> new Grind(practice.faceGrindMm(), practice.faceGrindMm());
          case "cut" -> new Cut(USUAL_PIECES, practice.kerfMm());
          case "restack" -> Restack.of(Lay.SAME);
          case "fold" -> new Fold(round(Math.min(2 * bars.heightMm(), bars.lengthMm() / 4)));
          default -> null;
        });
  }

  /** To the half millimetre, never 0: nobody sets a stop block finer in a first plan. */
  static double round(double mm) {
    return Math.max(0.5, Math.rint(mm * 2) / 2);
  }
}
