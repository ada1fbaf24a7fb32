package app.geminal.flaw;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Size;
import app.geminal.billet.Stage;
import app.geminal.layup.Turn;
import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Dimples;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.ForgedSurface;
import app.geminal.operation.FourWay;
import app.geminal.operation.Grind;
import app.geminal.operation.Heated;
import app.geminal.operation.Ladder;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.PlacedBar;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Moves a spot of the bars before a step to where it is after it: the other way round than the
 * field's maps, which go from the result back. Package use only.
 */
final class ForwardMap {
  private final ShopDefaults defaults;

  ForwardMap(ShopDefaults defaults) {
    this.defaults = defaults;
  }

  /**
   * Where a spot ends up.
   *
   * @param before the bars the step was done to
   * @param now the stage it leads to
   */
  SpotDestination after(Spot spot, Bars before, Stage now) {
    if (now.isOff()) {
      return SpotDestination.here(Optional.of(spot));
    }
    SpotDestination went =
        after(spot, now.step().orElseThrow().operation(), before, Size.of(now.calculated()), now);
    if (now.planned().isEmpty()) {
      return went;
    }
    Size from = Size.of(now.calculated());
    Size to = Size.of(now.bars());
    return new SpotDestination(
        went.here().stream()
            .flatMap(s -> MovingSpot.of(s).stretched(from, to).in(to).stream())
            .toList(),
        went.aside());
  }

  private SpotDestination after(Spot spot, Operation operation, Bars bars, Size after, Stage now) {
    MovingSpot there = MovingSpot.of(spot);
    Size before = Size.of(bars);
    return switch (operation) {
      case SetWeld weld -> shaped(there, before, weld.skinMm(defaults), after);
      case Heated heated -> heated(there, heated, bars, after);
      case Trim trim -> one(there.by(-trim.frontMm(), -trim.sidesMm(), 0), after);
      case Grind grind -> one(there.by(0, 0, -grind.bottomMm() * bars.fill()), after);
      case Cut cut -> sawn(there, cut.pieces(), after.length() + cut.kerfMm(), after);
      case SetAside aside -> aside(there, aside, bars, now);
      case Scrap scrap -> {
        int at = scrap.order(bars.count()).indexOf(spot.bar());
        yield at < now.calculated().count() ? one(there.inBar(at), after) : nowhere();
      }
      case Watch _ -> SpotDestination.here(Optional.of(spot));
      case Fold fold -> folded(there, fold, before);
      case FourWay way -> tiled(there, way, before, after);
      case Restack _, Sandwich _ -> laid(there, true, before, now);
      case LayUp _ -> laid(there, false, before, now);
      case Blade _ ->
          one(
              there.by(
                  0,
                  -(before.width() - after.width()) / 2,
                  -(before.height() - after.height()) / 2),
              after);
      case ForgedSurface surface -> {
        double push = surface.amplitudeMm();
        LineSpan up = new LineSpan(there.z().from() - push, there.z().to() + push);
        yield one(new MovingSpot(spot.bar(), there.x(), there.y(), up), after);
      }
    };
  }

  private static SpotDestination one(MovingSpot moved, Size size) {
    return SpotDestination.here(moved.in(size));
  }

  private static SpotDestination nowhere() {
    return new SpotDestination(List.of(), List.of());
  }

  /** The skin is lost, what is left is stretched. */
  private static SpotDestination shaped(MovingSpot there, Size before, double skin, Size after) {
    Size core = before.without(skin);
    return SpotDestination.here(
        there
            .by(-skin, -skin, -skin)
            .in(core)
            .flatMap(s -> MovingSpot.of(s).stretched(core, after).in(after)));
  }

  private SpotDestination heated(MovingSpot there, Heated heated, Bars bars, Size after) {
    double skin = heated.skinMm(defaults);
    Size before = Size.of(bars);
    Size core = before.without(skin);
    return switch (heated) {
      case Draw _ when bars.form() != Form.ROUND -> shaped(there, before, skin, after);
      case Upset upset when upset.bowMm() == 0 ->
          SpotDestination.here(
              there
                  .by(-skin, -skin, -skin)
                  .in(core)
                  .flatMap(s ->
                      MovingSpot.of(s)
                          .turned(Turn.QUARTER, core)
                          .stretched(core.onEdge(), after)
                          .in(after)));
      case Draw _, Twist _, Resquare _, Upset _, Ladder _, Dimples _ -> {
        LineSpan along = there.x().plus(-skin).times(after.length() / core.length());
        yield one(anywhereAcross(there.bar(), along, after), after);
      }
      // Across the strip is along the roll.
      case RollUp _ -> one(anywhereAcross(there.bar(), there.y().plus(-skin), after), after);
    };
  }

  private static MovingSpot anywhereAcross(int bar, LineSpan along, Size size) {
    return new MovingSpot(
        bar, along, new LineSpan(0, size.width()), new LineSpan(0, size.height()));
  }

  private static SpotDestination sawn(MovingSpot there, int pieces, double stepMm, Size after) {
    return SpotDestination.here(
        IntStream.range(0, pieces)
            .mapToObj(i -> there.by(-i * stepMm, 0, 0).inBar(there.bar() * pieces + i).in(after)));
  }

  private static SpotDestination aside(MovingSpot there, SetAside aside, Bars before, Stage now) {
    Size left = Size.of(now.calculated());
    if (aside.pieces() > 0) {
      List<Integer> order =
          aside.which().isEmpty()
              ? IntStream.range(0, before.count()).boxed().toList()
              : aside.order(before.count());
      int at = order.indexOf(there.bar());
      int stay = now.calculated().count();
      return at < stay
          ? one(there.inBar(at), left)
          : new SpotDestination(
              List.of(), there.inBar(at - stay).in(Size.of(before)).stream().toList());
    }
    Size goes = new Size(aside.lengthMm(), left.width(), left.height());
    return new SpotDestination(
        there.in(left).stream().toList(),
        there.by(-left.length() - aside.kerfMm(), 0, 0).in(goes).stream().toList());
  }

  private static SpotDestination folded(MovingSpot there, Fold fold, Size before) {
    List<MovingSpot> lie = List.of(there);
    Size bar = before;
    for (int i = 0; i < fold.folds(); i++) {
      Size was = bar;
      bar = new Size((was.length() - fold.endLossMm()) / 2, was.width(), 2 * was.height());
      Size half = new Size(bar.length(), was.width(), was.height());
      List<MovingSpot> next = new ArrayList<>();
      for (MovingSpot m : lie) {
        MovingSpot over =
            new MovingSpot(
                m.bar(), m.x().mirrored(was.length()), m.y(), m.z().mirrored(was.height()));
        m.in(half).map(MovingSpot::of).ifPresent(next::add);
        over.in(half).map(s -> MovingSpot.of(s).by(0, 0, was.height())).ifPresent(next::add);
      }
      lie = next;
    }
    Size whole = bar;
    return SpotDestination.here(lie.stream().map(m -> m.in(whole)));
  }

  private static SpotDestination tiled(MovingSpot there, FourWay way, Size before, Size after) {
    Size piece = new Size(after.length(), before.width(), before.height());
    Size tile = new Size(after.length(), after.width() / 2, after.height() / 2);
    double step = after.length() + way.kerfMm();
    return SpotDestination.here(
        IntStream.range(0, 4)
            .mapToObj(i -> {
              boolean right = i % 2 == 1;
              boolean upper = i >= 2;
              return there
                  .by(-i * step, 0, 0)
                  .in(piece)
                  .map(s -> MovingSpot.of(s).turned(way.turn(), piece))
                  .map(m ->
                      new MovingSpot(
                          m.bar(),
                          right == upper ? m.x() : m.x().mirrored(tile.length()),
                          right ? m.y().mirrored(2 * tile.width()) : m.y(),
                          upper ? m.z().mirrored(2 * tile.height()) : m.z()))
                  .flatMap(m -> m.in(after));
            }));
  }

  private static SpotDestination laid(MovingSpot there, boolean up, Size bar, Stage now) {
    int each =
        (int) now.placed().stream().filter(p -> p.what() instanceof PlacedBar.What.OwnBar).count();
    return SpotDestination.here(
        members(now, up)
            .filter(m ->
                m.placed().what() instanceof PlacedBar.What.OwnBar own
                    && own.nth() == there.bar() % each)
            .map(m -> m.take(there, bar, there.bar() / each)));
  }

  /** How many bars of a part each block takes. */
  static int perBlock(Stage now, String part) {
    return (int)
        now.placed().stream()
            .filter(p -> p.what() instanceof PlacedBar.What.PartOf of && of.part().equals(part))
            .count();
  }

  /** Where bars of a part lie in the blocks they are laid into. */
  static Stream<Spot> ofPart(Spot spot, String part, Bars bars, int used, Stage now, boolean up) {
    int each = perBlock(now, part);
    int nth = spot.bar() - used;
    if (each == 0 || nth < 0 || nth >= each * now.calculated().count()) {
      return Stream.empty();
    }
    return members(now, up)
        .filter(m ->
            m.placed().what() instanceof PlacedBar.What.PartOf of
                && of.part().equals(part)
                && of.nth() == nth % each)
        .flatMap(m -> m.take(MovingSpot.of(spot), Size.of(bars), nth / each).stream());
  }

  /**
   * One thing in a block.
   *
   * @param fromMm where it begins, up the block or across it
   */
  private record Member(PlacedBar placed, double fromMm, boolean up, Size block) {
    Optional<Spot> take(MovingSpot there, Size bar, int inBlock) {
      MovingSpot turned =
          there
              .turned(placed.turn(), bar)
              .by(0, -placed.skipYMm(), -placed.skipZMm())
              .inBar(inBlock);
      Size room =
          up
              ? new Size(block.length(), block.width(), placed.sizeMm())
              : new Size(block.length(), placed.sizeMm(), block.height());
      return turned
          .in(room)
          .flatMap(s -> MovingSpot.of(s).by(0, up ? 0 : fromMm, up ? fromMm : 0).in(block));
    }
  }

  private static Stream<Member> members(Stage now, boolean up) {
    List<Member> members = new ArrayList<>();
    double from = 0;
    for (PlacedBar placed : now.placed()) {
      members.add(new Member(placed, from, up, Size.of(now.calculated())));
      from += placed.sizeMm();
    }
    return members.stream();
  }
}
