package app.geminal.notation;

import app.geminal.bar.Bars;
import app.geminal.layup.Piece;
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
import app.geminal.shop.ShopDefaults;
import java.util.List;
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
   * @param word a step's word in shorthand, alone
   * @param bars what it would be done to
   * @return empty when the word is no step
   */
  public static Optional<Operation> of(String word, Bars bars, ShopDefaults defaults) {
    double width = bars.widthMm();
    double height = bars.heightMm();
    double thin = Math.min(width, height);
    String steel = bars.layers().bottomSteel();
    return Optional.ofNullable(
        switch (word.strip().toLowerCase(Locale.ROOT)) {
          case "set" -> SetWeld.of(defaults);
          case "draw" ->
              new Draw(round(width), round(height / 2), USUAL_DRAW_HEATS, defaults.drawTool());
          case "trim" -> new Trim(defaults.endTrimMm(), defaults.endTrimMm(), 0);
          case "grind" -> new Grind(defaults.faceGrindMm(), defaults.faceGrindMm());
          case "cut" -> Cut.equal(USUAL_PIECES, defaults.kerfMm());
          case "aside" ->
              bars.count() > 1
                  ? SetAside.bars(1)
                  : SetAside.length(round(bars.lengthMm() / 4), defaults.kerfMm());
          case "scrap" -> new Scrap(List.of(bars.count()));
          case "watch" -> new Watch();
          case "restack" -> new Restack(Restack.ALL_SAME, List.of(), defaults.faceGrindMm());
          case "fold" -> Fold.once(round(Math.min(2 * height, bars.lengthMm() / 4)));
          case "twist" ->
              new Twist(
                  Math.max(1, Math.floor(bars.lengthMm() / (6 * thin))),
                  1,
                  Twist.Hand.RIGHT,
                  true,
                  3);
          case "resquare" -> new Resquare(45, 0, 2);
          case "upset" -> new Upset(0.3, 0, 2);
          case "roll" -> new RollUp(true, null, 2);
          case "fourway" -> new FourWay(Turn.SAME, defaults.kerfMm());
          case "ladder" ->
              new Ladder(round(thin * 2), round(thin), round(height / 4), false, false, 0, 2);
          case "dimples" ->
              new Dimples(round(thin * 1.5), round(thin * 0.8), round(height / 4), false, 0, 2);
          case "uneven" -> new ForgedSurface(Math.min(0.8, height / 6), 12, 1);
          case "sandwich" ->
              Sandwich.bothSides(List.of(new Piece(steel, 3)), defaults.faceGrindMm());
          case "layup" ->
              new LayUp(
                  Restack.ALL_SAME,
                  List.of(new Piece(steel, round(width / 4))),
                  List.of(),
                  List.of(),
                  defaults.faceGrindMm());
          case "blade" ->
              new Blade(
                  Blade.Profile.DROP,
                  Math.floor(bars.lengthMm()),
                  Math.floor(width),
                  round(Math.max(0.5, height - 2 * defaults.finishGrindMm() - 0.5)),
                  0.3,
                  Math.floor(width) * 0.8,
                  0.3,
                  Math.floor(bars.lengthMm() / 3));
          default -> null;
        });
  }

  /** To the half millimetre, never 0: no one sets a stop block finer in a first plan. */
  static double round(double mm) {
    return Math.max(0.5, Math.rint(mm * 2) / 2);
  }
}
