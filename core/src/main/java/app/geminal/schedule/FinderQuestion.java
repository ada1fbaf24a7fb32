package app.geminal.schedule;

import app.geminal.layup.Piece;
import app.geminal.shop.Shop;
import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is asked of the Finder.
 *
 * @param aim how many layers
 * @param from what there is to begin with
 * @param finished the bar wanted, ground clean; it is drawn bigger by what the shop grinds off
 * @param bounds what is tried
 * @param insert a sheet that may lie in the joints of a restack, null for none
 * @param core pieces the last restack surrounds, bottom first; 0 to 20, empty for no core
 * @param blockMm height the bars of a restack make together; bars are drawn down to it; 1 to 1000
 * @param within limits to keep to
 * @param otherBlocksMm heights tried besides {@code blockMm}; 0 to 4, as it
 */
public record FinderQuestion(
    LayerTarget aim,
    StartingSteel from,
    FinishedBar finished,
    Bounds bounds,
    @Nullable Piece insert,
    List<Piece> core,
    double blockMm,
    SearchLimits within,
    List<Double> otherBlocksMm) {
  /** A higher block draws farther in one go: fewer restacks, and longer bars on the way. */
  private static final double HIGHER = 1.5;

  private static final double USUAL_YIELD = 0.65;
  private static final double USUAL_PIECE_MM = 110;
  private static final double LOWEST_BLOCK_MM = 20;

  /** Checks every field. */
  public FinderQuestion {
    Require.present("aim", aim);
    Require.present("from", from);
    Require.present("finished", finished);
    Require.present("bounds", bounds);
    core = Require.list("core", core, 0, 20);
    Require.quantity(QuantityKind.LENGTH, "blockMm", blockMm, 1, 1000);
    Require.present("within", within);
    otherBlocksMm = Require.list("otherBlocksMm", otherBlocksMm, 0, 4);
    otherBlocksMm.forEach(
        mm -> Require.quantity(QuantityKind.LENGTH, "otherBlocksMm", mm, 1, 1000));
  }

  /** With blocks of one height only. */
  public FinderQuestion(
      LayerTarget aim,
      StartingSteel from,
      FinishedBar finished,
      Bounds bounds,
      @Nullable Piece insert,
      List<Piece> core,
      double blockMm,
      SearchLimits within) {
    this(aim, from, finished, bounds, insert, core, blockMm, within, List.of());
  }

  /** The same, a higher block tried too where the shop's stacks allow it. */
  public FinderQuestion tryingHigherBlocks(Shop shop) {
    double higher = Math.rint(HIGHER * blockMm);
    return higher > SearchLimits.of(shop).tallestMm()
        ? this
        : new FinderQuestion(
            aim, from, finished, bounds, insert, core, blockMm, within, List.of(higher));
  }

  /** The same with blocks of that height only. */
  public FinderQuestion withBlockMm(double newBlockMm) {
    return new FinderQuestion(
        aim, from, finished, bounds, insert, core, newBlockMm, within, List.of());
  }

  /** The questions with one height of block each, the usual one first. */
  public List<FinderQuestion> byBlock() {
    return Stream.concat(Stream.of(blockMm), otherBlocksMm.stream())
        .distinct()
        .map(this::withBlockMm)
        .toList();
  }

  /**
   * A height of restacked blocks that makes their pieces about {@value #USUAL_PIECE_MM} mm long,
   * which is good to hold and to set; to the whole millimetre, at most three quarters of the
   * tallest stack the shop allows.
   */
  public static double usualBlockMm(FinishedBar finished, double widthMm, Shop shop) {
    double high = finished.volumeMm3() / USUAL_YIELD / (widthMm * USUAL_PIECE_MM);
    double most = SearchLimits.of(shop).tallestMm() * 0.75;
    return Math.max(1, Math.rint(Math.min(Math.max(high, LOWEST_BLOCK_MM), most)));
  }

  /** The same with another aim. */
  public FinderQuestion withAim(LayerTarget newAim) {
    return new FinderQuestion(
        newAim, from, finished, bounds, insert, core, blockMm, within, otherBlocksMm);
  }

  /** The same within other limits. */
  public FinderQuestion withWithin(SearchLimits newWithin) {
    return new FinderQuestion(
        aim, from, finished, bounds, insert, core, blockMm, newWithin, otherBlocksMm);
  }

  /** The same for a bar of another length. */
  public FinderQuestion withLengthMm(double lengthMm) {
    FinishedBar shorter = new FinishedBar(finished.widthMm(), finished.heightMm(), lengthMm);
    return new FinderQuestion(
        aim, from, shorter, bounds, insert, core, blockMm, within, otherBlocksMm);
  }

  /** Where a limit is. */
  public double at(Limit limit) {
    return limit == Limit.LENGTH ? finished.lengthMm() : within.at(limit);
  }

  /** The same with one limit moved. */
  public FinderQuestion with(Limit limit, double to) {
    return limit == Limit.LENGTH ? withLengthMm(to) : withWithin(within.with(limit, to));
  }
}
