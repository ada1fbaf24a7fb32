package app.geminal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.bar.Bars;
import app.geminal.billet.CountExplanation;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.finding.Checks;
import app.geminal.finding.ShopKnowledge;
import app.geminal.flaw.FlawTracker;
import app.geminal.flaw.Spot;
import app.geminal.geometry.BarChange;
import app.geminal.geometry.ShapeChange;
import app.geminal.geometry.ShapeChangeLaws;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.SetWeld;
import app.geminal.pattern.Field;
import app.geminal.pattern.Painter;
import app.geminal.pattern.Pane;
import app.geminal.pattern.Picture;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.Tones;
import app.geminal.pattern.View;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.stock.Need;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind of step in everything that is made of steps: no cell of that table may be empty. */
class EveryKindTest {
  private static final ShopDefaults SHOP = ShopDefaults.common();
  private static final SetWeld WELD = SetWeld.of(SHOP);
  private static final Stack STACK =
      new Stack(
          IntStream.range(0, 7).mapToObj(i -> new Piece(i % 2 == 0 ? "D" : "B", 5)).toList(),
          40,
          300);

  /** Bars a step may need: a bar, four thin ones, a square one, a long strip. */
  private static final List<List<Operation>> BEFORE =
      List.of(
          List.of(WELD),
          List.of(WELD, new Draw(40, 8, 3, Tool.ROUND), Cut.equal(4, 1)),
          List.of(WELD, new Draw(25, 25, 3, Tool.ROUND)),
          List.of(WELD, new Draw(40, 4, 5, Tool.ROUND)));

  /** What is made of steps. */
  private enum Made {
    LEDGER,
    CHANGES,
    COUNT,
    PICTURE,
    FLAWS,
    FINDINGS,
    COST,
    STOCK,
    SHORTHAND,
    FORM
  }

  static Stream<Arguments> cells() {
    return OperationKinds.ALL.stream()
        .flatMap(kind -> Arrays.stream(Made.values()).map(made -> Arguments.of(kind, made)));
  }

  /** A plan that ends with a step of the kind, as it is first guessed, and can be worked. */
  private static Run run(OperationKind<?> kind) {
    for (List<Operation> before : BEFORE) {
      Run there = run(before);
      Operation step = kind.guess(there.last().bars(), SHOP);
      Run whole = run(Stream.concat(before.stream(), Stream.of(step)).toList());
      if (whole.stop().isEmpty()) {
        return whole;
      }
    }
    throw new AssertionError("No bars are fit for " + kind.name() + " as it is first guessed.");
  }

  private static Run run(List<Operation> steps) {
    return Run.of(Plan.of(STACK, steps), TestSteels.ALL, SHOP);
  }

  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("cells")
  void isThere(OperationKind<?> kind, Made made) {
    Run run = run(kind);
    Stage before = run.stages().get(run.stages().size() - 2);
    Stage now = run.last();
    Operation step = now.step().orElseThrow().operation();
    switch (made) {
      case LEDGER -> {
        double gone = now.losses().stream().mapToDouble(l -> l.amount().volumeMm3()).sum();
        double aside = now.aside().map(b -> b.amount().volumeMm3()).orElse(0.0);
        double came = now.added().volumeMm3() + now.joined().volumeMm3();
        assertThat(now.bars().amount().volumeMm3() + gone + aside - came)
            .isCloseTo(before.bars().amount().volumeMm3(), within(1e-3));
      }
      case CHANGES -> {
        Bars bars = before.bars();
        for (ShapeChange change : now.changes()) {
          if (!(change instanceof BarChange alone) || alone.of(bars).count() == 0) {
            break;
          }
          ShapeChangeLaws.hold(bars, alone);
          bars = alone.of(bars);
        }
      }
      case COUNT -> {
        assertThat(now.visibleCount()).isPositive();
        assertThat(CountExplanation.of(run, run.stages().size() - 1).read(Units.METRIC))
            .isNotBlank();
      }
      case PICTURE -> {
        Field field = Field.of(run, run.stages().size() - 1);
        double middle = field.bars().lengthMm() / 2;
        SectionView end = SectionView.of(field, new View.End(middle), 0);
        Picture picture =
            Painter.paint(end, Pane.whole(end, 40), Tones.of(List.of("D", "B"), TestSteels.ALL));
        assertThat(Arrays.stream(picture.argb()).distinct().count()).isGreaterThan(1);
      }
      case FLAWS -> {
        double quarter = before.bars().lengthMm() / 4;
        double across = before.bars().widthMm() / 2;
        double up = before.bars().heightMm() / 2;
        Spot spot = new Spot(0, quarter - 5, quarter + 5, across - 1, across + 1, up - 1, up + 1);
        boolean isScrapped = now.bars().count() == 0;
        assertThat(FlawTracker.of(run, "", run.stages().size() - 2, spot))
            .anyMatch(at -> isScrapped || at.stage() == run.stages().size() - 1);
      }
      case FINDINGS ->
          assertThat(Checks.of(run, TestSteels.ALL, Shop.common(), ShopKnowledge.nothing()))
              .allMatch(f -> !f.what().read(Units.METRIC).isBlank());
      case COST -> {
        assertThat(step.work().cuts()).isNotNegative();
        assertThat(step.hotWork(before.bars(), SHOP).isPresent())
            .as("hot work is in the fire")
            .isEqualTo(step.atHeat(SHOP).isPresent());
      }
      case STOCK -> assertThat(Need.of(run)).isNotEmpty();
      case SHORTHAND -> {
        String words = Shorthand.show(step, UnitSystem.METRIC, SHOP);
        assertThat(words).startsWith(kind.name());
        String exact = Shorthand.format(run.plan(), UnitSystem.METRIC, SHOP);
        assertThat(Shorthand.parse(exact, UnitSystem.METRIC, SHOP)).isEqualTo(run.plan());
      }
      case FORM -> {
        assertThat(kind.title().read(Units.METRIC)).isNotBlank();
        assertThat(kind.means().read(Units.METRIC)).isNotBlank();
        for (OperationField field : kind.fields()) {
          kind.label(field).ifPresent(l -> assertThat(l.read(Units.METRIC)).isNotBlank());
        }
      }
    }
  }
}
