package app.geminal.billet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.heat.Scale;
import app.geminal.layup.Laid;
import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.shop.ShopDefaults;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * An independent, naive Run: every band of every bar written out in a list, one after the other, no
 * compression and no counting rule but looking at neighbours. It must come to the same counts,
 * sizes and thicknesses as the real one for any plan with flat layers.
 */
class NaiveRunTest {
  private static final int MOST_BANDS = 100_000;
  private static final ShopDefaults PRACTICE = ShopDefaults.common();

  private record Band(String steel, double mm) {}

  /** One of {@code count} equal bars; {@code fill} is the steel in its height. */
  private record Bar(
      int count, double width, double length, double fill, List<Band> bands, long shop) {
    double solid() {
      return bands.stream().mapToDouble(Band::mm).sum();
    }

    double height() {
      return solid() / fill;
    }

    Bar skinned(double mm) {
      return new Bar(
          count,
          width - 2 * mm,
          length - 2 * mm,
          fill,
          peeled(peeled(bands, mm, true), mm, false),
          shop);
    }

    Bar shaped(double newWidth, double newHeight) {
      double volume = width * length * solid();
      double factor = newHeight / solid();
      return new Bar(
          count,
          newWidth,
          volume / newWidth / newHeight,
          1,
          bands.stream().map(b -> new Band(b.steel(), b.mm() * factor)).toList(),
          shop);
    }
  }

  static LongStream seeds() {
    return RandomPlans.seeds();
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void comesToTheSame(long seed) {
    Plan plan = RandomPlans.level(seed);
    Run run = Run.of(plan, TestSteels.ALL, PRACTICE);
    Bar bar = laidUp(plan);
    for (int i = 1; i < run.stages().size(); i++) {
      bar = after(plan.steps().get(i - 1).operation(), bar);
      if (bar.bands().size() > MOST_BANDS) {
        return;
      }
      Stage stage = run.stages().get(i);
      assertThat(stage.bars().count()).isEqualTo(bar.count());
      assertThat(stage.bars().shopCount()).isEqualTo(bar.shop());
      assertThat(stage.bars().widthMm()).isCloseTo(bar.width(), within(1e-6));
      assertThat(stage.bars().lengthMm()).isCloseTo(bar.length(), within(1e-6 * bar.length()));
      assertThat(stage.bars().heightMm()).isCloseTo(bar.height(), within(1e-6));
      assertThat(stage.visibleCount()).isEqualTo(visible(bar.bands()));
    }
  }

  @Test
  void manyLayersAreComparedNotOnlyFew() {
    long large =
        RandomPlans.seeds()
            .mapToObj(s -> Run.of(RandomPlans.level(s), TestSteels.ALL, PRACTICE))
            .filter(r -> r.last().visibleCount() > 1000 && r.last().visibleCount() < MOST_BANDS)
            .count();
    assertThat(large).isGreaterThan(50);
  }

  private static Bar laidUp(Plan plan) {
    List<Piece> pieces = plan.stack().pieces();
    double width =
        pieces.stream()
            .mapToDouble(p -> p.widthMm() > 0 ? p.widthMm() : plan.stack().widthMm())
            .min()
            .orElseThrow();
    double length =
        pieces.stream()
            .mapToDouble(p -> p.lengthMm() > 0 ? p.lengthMm() : plan.stack().lengthMm())
            .min()
            .orElseThrow();
    List<Band> bands =
        pieces.stream().map(p -> new Band(p.steel(), p.thicknessMm() * p.fill())).toList();
    double height = pieces.stream().mapToDouble(Piece::thicknessMm).sum();
    double solid = bands.stream().mapToDouble(Band::mm).sum();
    return new Bar(1, width, length, solid / height, bands, pieces.size());
  }

  private static Bar after(Operation operation, Bar bar) {
    return switch (operation) {
      case SetWeld weld -> set(weld, bar);
      case Draw draw -> {
        double skin =
            draw.heats()
                * Scale.recessionMm(
                    PRACTICE.drawTemperatureC(), PRACTICE.drawHeatMin(), PRACTICE.atmosphere());
        yield bar.skinned(skin).shaped(draw.widthMm(), draw.heightMm());
      }
      case Trim trim ->
          new Bar(
              bar.count(),
              bar.width() - 2 * trim.sidesMm(),
              bar.length() - trim.frontMm() - trim.backMm(),
              bar.fill(),
              bar.bands(),
              bar.shop());
      case Grind grind ->
          new Bar(
              bar.count(),
              bar.width(),
              bar.length(),
              bar.fill(),
              peeled(
                  peeled(bar.bands(), grind.bottomMm() * bar.fill(), true),
                  grind.topMm() * bar.fill(),
                  false),
              bar.shop());
      case Cut cut -> {
        double each =
            cut.eachMm() > 0
                ? cut.eachMm()
                : (bar.length() - (cut.pieces() - 1) * cut.kerfMm()) / cut.pieces();
        yield new Bar(
            bar.count() * cut.pieces(), bar.width(), each, bar.fill(), bar.bands(), bar.shop());
      }
      case Restack restack -> restacked(restack, bar);
      case Fold fold -> {
        Bar folded = bar;
        for (int i = 0; i < fold.folds(); i++) {
          List<Band> bands = new ArrayList<>(folded.bands());
          bands.addAll(folded.bands().reversed());
          folded =
              new Bar(
                  bar.count(),
                  bar.width(),
                  (folded.length() - fold.endLossMm()) / 2,
                  bar.fill(),
                  bands,
                  folded.shop() * 2);
        }
        yield folded;
      }
      default -> throw new IllegalStateException("Only steps that keep layers flat.");
    };
  }

  private static Bar set(SetWeld weld, Bar bar) {
    double first = Scale.recessionMm(weld.temperatureC(), weld.soakMin(), PRACTICE.atmosphere());
    double later =
        Scale.recessionMm(weld.temperatureC(), weld.soakMin() / 2, PRACTICE.atmosphere());
    boolean sealed = weld.protection() == AtmosphereProtection.SEALED;
    Bar clean = bar.skinned(sealed ? PRACTICE.jacketMm() : first + (weld.heats() - 1) * later);
    double height = clean.height() * (1 - weld.reduction());
    if (height >= clean.solid()) {
      return new Bar(
          clean.count(),
          clean.width(),
          clean.length(),
          clean.solid() / height,
          clean.bands(),
          clean.shop());
    }
    return clean.shaped(clean.width() * Math.sqrt(clean.solid() / height), height);
  }

  private static Bar restacked(Restack restack, Bar bar) {
    List<Band> bands = new ArrayList<>();
    double height = 0;
    double width = bar.width();
    double length = bar.length();
    long shop = 0;
    for (int i = 0; i < bar.count(); i++) {
      if (i > 0) {
        for (Laid laid : restack.between()) {
          Piece piece = (Piece) laid;
          bands.add(new Band(piece.steel(), piece.thicknessMm() * piece.fill()));
          height += piece.thicknessMm();
          width = piece.widthMm() > 0 ? Math.min(width, piece.widthMm()) : width;
          length = piece.lengthMm() > 0 ? Math.min(length, piece.lengthMm()) : length;
          shop++;
        }
      }
      boolean over = restack.turns().get(i % restack.turns().size()) == Turn.OVER;
      List<Band> one = over ? bar.bands().reversed() : bar.bands();
      one = i > 0 ? peeled(one, restack.faceGrindMm(), true) : one;
      one = i < bar.count() - 1 ? peeled(one, restack.faceGrindMm(), false) : one;
      bands.addAll(one);
      height += one.stream().mapToDouble(Band::mm).sum() / bar.fill();
      shop += bar.shop();
    }
    double solid = bands.stream().mapToDouble(Band::mm).sum();
    return new Bar(1, width, length, Math.min(1, solid / height), bands, shop);
  }

  private static List<Band> peeled(List<Band> bands, double mm, boolean bottom) {
    List<Band> left = new ArrayList<>(bottom ? bands.reversed() : bands);
    double rest = mm;
    while (rest > 1e-9) {
      Band last = left.removeLast();
      if (last.mm() > rest + 1e-9) {
        left.add(new Band(last.steel(), last.mm() - rest));
      }
      rest -= last.mm();
    }
    return bottom ? left.reversed() : left;
  }

  private static long visible(List<Band> bands) {
    long count = 1;
    for (int i = 1; i < bands.size(); i++) {
      count += bands.get(i).steel().equals(bands.get(i - 1).steel()) ? 0 : 1;
    }
    return count;
  }
}
