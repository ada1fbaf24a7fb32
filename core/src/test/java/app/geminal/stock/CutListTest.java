package app.geminal.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CutListTest {

  private static CutList.Offer offer(
      long id, double length, int pieces, @Nullable Double price, @Nullable Double prep) {
    return new CutList.Offer(
        id,
        new StockBar(
            "D",
            40,
            3,
            length,
            pieces,
            price,
            price == null ? null : StockBar.PricePer.METRE,
            prep,
            "",
            ""));
  }

  private static CutList list(List<Need> needs, double kerf, CutList.Offer... offers) {
    return CutList.of(needs, List.of(offers), kerf, TestSteels.ALL, 30);
  }

  private static Need need(double length, int count) {
    return new Need("D", 3, 40, length, count);
  }

  @Test
  void aPlanNeedsItsStackItsSheetsAndItsPartsButNotWhatWasSetAside() {
    Run run =
        Run.of(
            Shorthand.parse(
                "part edge = 2 (M 5) 12 x 90 | 5 (D 3, B 2 x 42) 40 x 100 > cut 3 > restack same, with (B 1)"
                    + " > layup left (@edge), shim (D 0.5)",
                UnitSystem.METRIC,
                ShopDefaults.common()),
            TestSteels.ALL,
            ShopDefaults.common());
    double third = (100 - 3.2) / 3;
    assertThat(Need.of(run))
        .containsExactlyInAnyOrder(
            new Need("D", 3, 40, 100, 3),
            new Need("B", 2, 42, 100, 2),
            new Need("B", 1, 40, third, 2),
            new Need("D", 0.5, 40, third, 1),
            new Need("M", 5, 12, 90, 2));
  }

  @Test
  void kerfsCountAndTheOffcutIsWhatIsLeft() {
    CutList cut = list(List.of(need(100, 9)), 2, offer(1, 1000, 1, null, null));
    assertThat(cut.missing()).isEmpty();
    assertThat(cut.bars())
        .singleElement()
        .satisfies(b -> {
          assertThat(b.piecesMm()).hasSize(9);
          assertThat(b.offcutMm()).isCloseTo(1000 - 9 * 102, within(1e-9));
        });
    assertThat(list(List.of(need(100, 10)), 2, offer(1, 1000, 1, null, null)).missing())
        .containsExactly(need(100, 1));
    assertThat(list(List.of(need(100, 10)), 2, offer(1, 1018, 1, null, null)).missing()).isEmpty();
    assertThat(list(List.of(need(100, 9)), 2, offer(1, 1000, 1, null, null)).massKg())
        .isCloseTo(900 * 40 * 3 / 1e9 * 7850, within(1e-9));
  }

  @Test
  void onlyBarsThatAreThickAndWideEnoughDo() {
    Need wide = new Need("D", 3, 41, 100, 1);
    assertThat(list(List.of(wide), 2, offer(1, 1000, 1, null, null)).missing())
        .containsExactly(wide);
    Need thick = new Need("D", 3.2, 40, 100, 1);
    assertThat(list(List.of(thick), 2, offer(1, 1000, 1, null, null)).missing())
        .containsExactly(thick);
  }

  /** A bar that costs nothing but an hour's stripping is dearer than a new one at 4 a metre. */
  @Test
  void preparationCountsAgainstThePrice() {
    CutList cut =
        list(List.of(need(100, 5)), 2, offer(1, 1000, 1, 0.0, 60.0), offer(2, 1000, 1, 4.0, null));
    assertThat(cut.bars()).singleElement().satisfies(b -> assertThat(b.offer()).isEqualTo(2));
    assertThat(cut.price()).isCloseTo(4, within(1e-9));
    CutList quick =
        list(List.of(need(100, 5)), 2, offer(1, 1000, 1, 0.0, 5.0), offer(2, 1000, 1, 4.0, null));
    assertThat(quick.bars()).singleElement().satisfies(b -> assertThat(b.offer()).isEqualTo(1));
    assertThat(quick.price()).isCloseTo(2.5, within(1e-9));
  }

  static LongStream seeds() {
    return LongStream.range(0, 60);
  }

  /** Tried against every way of giving pieces to bars. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void nothingIsCheaper(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<CutList.Offer> offers = new ArrayList<>();
    int kinds = random.nextInt(1, 4);
    for (int i = 0; i < kinds; i++) {
      offers.add(
          offer(
              i,
              random.nextInt(150, 500),
              random.nextInt(1, 3),
              (double) random.nextInt(1, 9),
              null));
    }
    List<Need> needs =
        List.of(
            need(random.nextInt(60, 150), random.nextInt(1, 4)),
            need(random.nextInt(30, 60), random.nextInt(1, 4)));
    CutList cut = CutList.of(needs, offers, 2, TestSteels.ALL, 0);
    assertThat(cut.isProven()).isTrue();
    List<Double> pieces = new ArrayList<>();
    needs.forEach(n -> {
      for (int i = 0; i < n.count(); i++) {
        pieces.add(n.lengthMm());
      }
    });
    List<CutList.Offer> bars = new ArrayList<>();
    offers.forEach(o -> {
      for (int i = 0; i < o.bar().pieces(); i++) {
        bars.add(o);
      }
    });
    double[] best = {Integer.MAX_VALUE, Double.MAX_VALUE};
    tryAll(pieces, 0, bars, new double[bars.size()], 0, best);
    int missing = cut.missing().stream().mapToInt(Need::count).sum();
    assertThat(missing).isEqualTo((int) best[0]);
    assertThat(cut.price()).isCloseTo(best[1], within(1e-6));
  }

  private static void tryAll(
      List<Double> pieces,
      int next,
      List<CutList.Offer> bars,
      double[] used,
      int missing,
      double[] best) {
    if (next == pieces.size()) {
      double price = 0;
      for (int i = 0; i < used.length; i++) {
        StockBar bar = bars.get(i).bar();
        price += used[i] > 0 ? bar.price() * bar.lengthMm() / 1000 : 0;
      }
      if (missing < best[0] || (missing == best[0] && price < best[1])) {
        best[0] = missing;
        best[1] = price;
      }
      return;
    }
    for (int i = 0; i < used.length; i++) {
      if (used[i] + pieces.get(next) + 2 <= bars.get(i).bar().lengthMm() + 2) {
        used[i] += pieces.get(next) + 2;
        tryAll(pieces, next + 1, bars, used, missing, best);
        used[i] -= pieces.get(next) + 2;
      }
    }
    tryAll(pieces, next + 1, bars, used, missing + 1, best);
  }
}
