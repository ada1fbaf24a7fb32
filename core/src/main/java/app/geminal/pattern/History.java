package app.geminal.pattern;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Size;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Makes the chain of one Run, step by step. What happened to flat bars is listed as flat layers at
 * once, from the ledger's own sequence, so that only what bent the layers is walked point by point.
 */
final class History {
  private final Run run;
  private final ShopDefaults defaults;
  private final int mostListed;
  private final Map<String, History> parts = new HashMap<>();
  private final Map<String, Integer> partBarsUsed = new HashMap<>();
  private Chain chain;
  private boolean flat = true;

  History(Run run, ShopDefaults defaults, int mostListed) {
    this.run = run;
    this.defaults = defaults;
    this.mostListed = mostListed;
    this.chain =
        Chain.of(FlatLayers.of(run.plan().stack().layers(), Integer.MAX_VALUE).orElseThrow());
  }

  Chain upTo(int stage) {
    for (int i = 1; i <= stage; i++) {
      Stage now = run.stages().get(i);
      if (!now.isOff()) {
        follow(now.step().orElseThrow().operation(), run.stages().get(i - 1).bars(), now);
      }
    }
    return chain;
  }

  boolean isFlat() {
    return flat;
  }

  /** The chain from a stage back to an earlier one, where a point of its bars is left as it is. */
  Chain between(int earlier, int stage) {
    chain = Chain.of(IdentityMap.HERE);
    for (int i = earlier + 1; i <= stage; i++) {
      Stage now = run.stages().get(i);
      if (!now.isOff()) {
        walk(now.step().orElseThrow().operation(), run.stages().get(i - 1).bars(), now);
      }
    }
    return chain;
  }

  private void walk(Operation operation, Bars before, Stage now) {
    chain = chainAfter(operation, before, now);
    if (now.planned().isPresent()) {
      chain = chain.after(LinearStretch.between(Size.of(now.bars()), Size.of(now.calculated())));
    }
  }

  private void follow(Operation operation, Bars before, Stage now) {
    walk(operation, before, now);
    flat &= keepsFlat(operation, now);
    if (flat && now.bars().section().isLevel()) {
      FlatLayers.of(now.bars().section().up(), mostListed)
          .ifPresent(layers -> chain = Chain.of(layers));
    }
  }

  /** Whether bars that had only flat layers still do after it. */
  private boolean keepsFlat(Operation operation, Stage now) {
    return switch (operation) {
      case SetWeld _, Trim _, Grind _, Cut _, SetAside _, Fold _ -> true;
      case Draw _, Scrap _, Watch _ -> true;
      case Restack _, Sandwich _ -> now.placed().stream().allMatch(this::isFlat);
      case Twist _, Resquare _, Upset _, RollUp _, FourWay _, Ladder _, Dimples _ -> false;
      case ForgedSurface _, LayUp _, Blade _ -> false;
    };
  }

  private boolean isFlat(PlacedBar placed) {
    return placed.turn() != Turn.QUARTER
        && (!(placed.what() instanceof PlacedBar.What.PartOf part) || part(part.part()).flat);
  }

  private Chain chainAfter(Operation operation, Bars bars, Stage now) {
    Size before = Size.of(bars);
    Size after = Size.of(now.calculated());
    return switch (operation) {
      case SetWeld weld -> stretched(after, before, weld.skinMm(defaults));
      case Heated heated -> heated(heated, bars, before, after);
      case Trim trim -> chain.after(LinearStretch.shift(trim.frontMm(), trim.sidesMm(), 0));
      case Grind grind -> chain.after(LinearStretch.shift(0, 0, grind.bottomMm() * bars.fill()));
      case Cut cut -> chain.after(new Sawn(cut.pieces(), after.length() + cut.kerfMm()));
      // What stays is numbered first, and the front of each bar stays.
      case SetAside aside ->
          aside.which().isEmpty() ? chain : chain.after(new Renumbered(aside.order(bars.count())));
      case Scrap scrap -> chain.after(new Renumbered(scrap.order(bars.count())));
      case Watch _ -> chain;
      case Fold fold -> folded(fold, before);
      case FourWay way -> {
        Reorientation turning =
            new Reorientation(
                way.turn(), new Size(after.length(), before.width(), before.height()));
        Size tile = new Size(after.length(), after.width() / 2, after.height() / 2);
        yield chain.after(new Tiled(tile, turning, after.length() + way.kerfMm()));
      }
      case ForgedSurface surface ->
          chain.after(
              new SurfaceNoise(
                  surface.amplitudeMm(), surface.scaleMm(), surface.seed(), before.height()));
      case Restack _, Sandwich _ -> Chain.of(block(true, before, now));
      case LayUp _ -> Chain.of(block(false, before, now));
      case Blade blade ->
          chain.after(
              LinearStretch.shift(
                  0, (before.width() - after.width()) / 2, (before.height() - after.height()) / 2));
    };
  }

  private Chain stretched(Size after, Size before, double skin) {
    return chain.after(
        LinearStretch.between(after, before.without(skin)), LinearStretch.shift(skin, skin, skin));
  }

  /** The skin is removed first, then the bar is shaped; so it comes back last. */
  private Chain heated(Heated heated, Bars bars, Size before, Size after) {
    double skin = heated.skinMm(defaults);
    Size scaled = before.without(skin);
    LinearStretch skinned = LinearStretch.shift(skin, skin, skin);
    boolean round = bars.form() == Form.ROUND;
    return switch (heated) {
      case Draw _ ->
          round
              ? onDisc(after, scaled, skinned, true)
              : chain.after(LinearStretch.between(after, scaled), skinned);
      case Twist twist -> onDisc(after, scaled, skinned, round, Twisted.of(twist, after.length()));
      case Resquare resquare -> {
        double angle = Math.toRadians(resquare.angleDeg());
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        yield onDisc(after, scaled, skinned, round, p -> SquareDiscMap.turn(p, cos, -sin));
      }
      case Upset upset -> {
        Size stood = scaled.onEdge();
        InverseMap bowed = new BowedLayers(upset.bowMm(), after.width(), after.height());
        Reorientation stoodUp = new Reorientation(Turn.QUARTER, scaled);
        yield upset.bowMm() == 0
            ? chain.after(LinearStretch.between(after, stood), stoodUp, skinned)
            : chain.after(bowed, LinearStretch.between(after, stood), stoodUp, skinned);
      }
      case RollUp roll -> rolled(roll, scaled, after, chain.after(skinned));
      case Ladder ladder ->
          hollowed(
              Grooves.of(ladder),
              ladder.bothFaces(),
              ladder.pressed(),
              ladder.meanDepthMm(),
              scaled,
              after,
              skinned);
      case Dimples dimples ->
          hollowed(RoundHollows.of(dimples), dimples.bothFaces(), false, 0, scaled, after, skinned);
    };
  }

  private Chain onDisc(
      Size after, Size scaled, LinearStretch skinned, boolean wasRound, InverseMap... turned) {
    InverseMap[] steps = new InverseMap[turned.length + 5];
    int n = 0;
    steps[n++] = SquareDiscMap.unit(after);
    steps[n++] = SquareDiscMap::round;
    for (InverseMap turn : turned) {
      steps[n++] = turn;
    }
    steps[n++] = wasRound ? LinearStretch.shift(0, 0, 0) : SquareDiscMap::square;
    double along = scaled.length() / after.length();
    steps[n++] = SquareDiscMap.full(scaled).then(LinearStretch.scale(along, 1, 1));
    steps[n] = skinned;
    return chain.after(steps);
  }

  private Chain rolled(RollUp roll, Size strip, Size after, Chain before) {
    Piece core = roll.core();
    FlatLayers middle = core == null ? FlatLayers.NOTHING : FlatLayers.sheet(core.steel());
    End end = new Roll(before, strip, middle, core == null ? 0 : core.thicknessMm() / 2);
    LinearStretch unit = SquareDiscMap.unit(after);
    return roll.square()
        ? Chain.of(end).after(unit, (InverseMap) SquareDiscMap::round)
        : Chain.of(end).after(unit);
  }

  private Chain hollowed(
      FilledHollows.Hollows hollows,
      boolean bothFaces,
      boolean pressed,
      double meanMm,
      Size scaled,
      Size after,
      LinearStretch skinned) {
    LinearStretch along =
        LinearStretch.scale(scaled.length() / after.length(), scaled.width() / after.width(), 1);
    return chain.after(
        along,
        new FilledHollows(hollows, bothFaces, scaled.height(), after.height(), pressed, meanMm),
        skinned);
  }

  private Chain folded(Fold fold, Size before) {
    InverseMap[] steps = new InverseMap[fold.folds()];
    Size bar = before;
    for (int i = 0; i < fold.folds(); i++) {
      steps[fold.folds() - 1 - i] = new Folded(bar);
      bar = new Size((bar.length() - fold.endLossMm()) / 2, bar.width(), 2 * bar.height());
    }
    return chain.after(steps);
  }

  private BarBlock block(boolean up, Size own, Stage now) {
    List<PlacedBar> placed = now.placed();
    int owns = (int) placed.stream().filter(p -> p.what() instanceof PlacedBar.What.OwnBar).count();
    Map<String, Integer> perBlock = new HashMap<>();
    placed.forEach(p -> {
      if (p.what() instanceof PlacedBar.What.PartOf part) {
        perBlock.merge(part.part(), 1, Integer::sum);
      }
    });
    List<BarBlock.Member> members =
        placed.stream().map(p -> member(p, own, owns, perBlock)).toList();
    perBlock.forEach(
        (part, n) -> partBarsUsed.merge(part, n * now.calculated().count(), Integer::sum));
    return new BarBlock(up, placed.stream().map(PlacedBar::sizeMm).toList(), members);
  }

  private BarBlock.Member member(
      PlacedBar placed, Size own, int owns, Map<String, Integer> perBlock) {
    return switch (placed.what()) {
      case PlacedBar.What.OwnBar bar -> member(placed, chain, own, bar.nth(), owns);
      case PlacedBar.What.Sheet sheet ->
          member(placed, Chain.of(FlatLayers.sheet(sheet.steel())), own, 0, 0);
      case PlacedBar.What.PartOf bar -> {
        History part = part(bar.part());
        int first = partBarsUsed.getOrDefault(bar.part(), 0) + bar.nth();
        int each = Objects.requireNonNull(perBlock.get(bar.part()));
        yield member(placed, part.chain, Size.of(part.run.last().bars()), first, each);
      }
    };
  }

  private static BarBlock.Member member(
      PlacedBar placed, Chain chain, Size bar, int first, int perBlock) {
    return new BarBlock.Member(
        chain,
        first,
        perBlock,
        placed.skipYMm(),
        placed.skipZMm(),
        new Reorientation(placed.turn(), bar),
        placed.shims().isEmpty()
            ? Optional.empty()
            : FlatLayers.of(Stack.layersOf(placed.shims()), FlatLayers.MOST));
  }

  private History part(String name) {
    return parts.computeIfAbsent(
        name,
        n -> {
          Run made = Optional.ofNullable(run.parts().get(n)).orElseThrow();
          History history = new History(made, defaults, mostListed);
          history.upTo(made.stages().size() - 1);
          return history;
        });
  }
}
