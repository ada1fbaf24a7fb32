package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import app.geminal.geometry.Tiled;
import app.geminal.layup.Turn;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Message;
import app.geminal.units.Quantity;

/**
 * Each bar cut in four and tiled two by two, neighbours as mirror images: twice as wide, twice as
 * high, a quarter as long. Counted up one column of tiles.
 *
 * @param turn which way the tiles are laid before they are mirrored: decides which corner of the
 *     bar meets in the middle
 * @param kerfMm width of the saw cuts; 0 to 20
 */
public record FourWay(Turn turn, double kerfMm) implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<FourWay> KIND =
      OperationKind.of(
          new StepName("fourway", StepName.At.STACK, '4'),
          FourWay.class,
          ShorthandText.AFTER_FOURWAY,
          (_, shop) -> new FourWay(Turn.SAME, shop.kerfMm()),
          OperationField.of(
                  "turn", FieldType.choice(Turn.class), Said.byChoice().usually(Turn.SAME).always())
              .otherwise(Turn.SAME),
          OperationField.of(
              "kerfMm", FieldType.length(20), Said.after("kerf").usuallyIn(ShopDefaults::kerfMm)));

  /** Checks both fields. */
  public FourWay {
    KIND.check(turn, kerfMm);
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
    Size size = Size.of(bars);
    Tiled tiles = new Tiled(turn, new Size(length, size.width(), size.height()), kerfMm);
    Done tiled = Done.of(bars).losing(LossKind.KERF, tiles);
    Section tile = tiles.tile(bars);
    boolean across = tiled.bars().section().isCountedAcross();
    long before = 2 * (across ? tile.across() : tile.up()).visibleCount();
    return tiled.with(new Done.Layers.Joined(2, before));
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }

  @Override
  public Message whyCounted(Laying laid) {
    return laid.sum(CountText.TILES.with());
  }
}
