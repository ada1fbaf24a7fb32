package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.layup.Turn;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.units.Quantity;
import app.geminal.validation.Require;
import java.util.List;

/**
 * Each bar cut in four and tiled two by two, neighbours as mirror images: twice as wide, twice as
 * high, a quarter as long. Counted up one column of tiles.
 *
 * @param turn which way the tiles are laid before they are mirrored: decides which corner of the
 *     bar meets in the middle
 * @param kerfMm width of the saw cuts; 0 to 20
 */
public record FourWay(Turn turn, double kerfMm) implements Operation {

  /** Checks both fields. */
  public FourWay {
    Require.present("turn", turn);
    Require.lengthUpTo("kerfMm", kerfMm, 20);
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    double length = (bars.lengthMm() - 3 * kerfMm) / 4;
    if (length <= 0) {
      return new Impossible(
          "kerfMm",
          OperationText.THREE_SAW_CUTS_USE_UP_BAR.with(
              "kerf", Quantity.mm(kerfMm), "length", Quantity.mm(bars.lengthMm())),
          OperationText.DRAW_BAR_LONGER_FIRST.with());
    }
    Section tile =
        switch (turn) {
          case SAME -> bars.section();
          case OVER -> bars.section().turnedOver();
          case END -> bars.section().mirroredAcross();
          case QUARTER -> bars.section().quarterTurned();
        };
    Section row = Section.beside(List.of(tile, tile.mirroredAcross()));
    Section block = Section.stacked(List.of(row, row.mirroredUp()));
    Bars tiled =
        new Bars(
            bars.count(),
            length,
            block,
            Math.multiplyExact(bars.shopCount(), 2L),
            true,
            bars.fill(),
            bars.form(),
            1);
    boolean across = block.isCountedAcross();
    long before = 2 * (across ? tile.across() : tile.up()).visibleCount();
    return Done.of(tiled, new Loss(LossKind.KERF, bars.amount().minus(tiled.amount())))
        .with(new Done.Layers.Joined(2, before));
  }
}
