package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.units.Units;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LayerCounterTest {
  private static final int ENDS = Integer.getInteger("geminal.ends", 24);

  /** What came of one end. */
  private record Counted(long seed, int truth, LayerCount count) {
    int off() {
      return Math.abs(count.count() - truth);
    }

    boolean isHeld() {
      return count.low() <= truth && truth <= count.high();
    }
  }

  /** Twice as fine as the rest: a phone held too far away. */
  private static final int FINE_SEED = 2000;

  private static Counted counted(long seed, double fromPx, double toPx) {
    Random random = new Random(seed);
    int layers = 5 + random.nextInt(146);
    double thinnest = fromPx + random.nextDouble() * (toPx - fromPx);
    PaintedEnd end = PaintedEnd.of(seed, layers, thinnest, PaintedPhotograph.Hardness.USUAL);
    LayerCount count = LayerCounter.along(Photograph.of(end.picture()), end.line());
    return new Counted(seed, layers, count);
  }

  private static List<Counted> all(int firstSeed, double fromPx, double toPx) {
    return IntStream.range(firstSeed, firstSeed + ENDS)
        .parallel()
        .mapToObj(seed -> counted(seed, fromPx, toPx))
        .toList();
  }

  @Test
  void layersOfPhotographedEndsAreCounted() {
    List<Counted> all = all(0, 6, 12);
    double exact = share(all, c -> c.off() == 0);
    double near = share(all, c -> c.off() <= 1);
    double held = share(all, Counted::isHeld);
    String measured =
        "exact " + exact + ", within one " + near + ", in range " + held + " of " + all.size();
    System.out.println("measured: " + measured);
    assertThat(exact).as(measured).isGreaterThanOrEqualTo(0.95);
    assertThat(near).as(measured).isGreaterThanOrEqualTo(0.98);
    assertThat(held).as(measured).isGreaterThanOrEqualTo(0.95);
  }

  @Test
  void ofThreeToSixPixelsTheyAreCountedNearlyOrRefused() {
    List<Counted> all = all(FINE_SEED, 3, 6);
    double near = share(all, c -> c.count().refused().isPresent() || c.off() <= 0.05 * c.truth());
    System.out.println("measured: 3 to 6 px, within 5 % or refused " + near);
    assertThat(near).isGreaterThanOrEqualTo(0.9);
  }

  @Test
  void layersThinnerThanThreePixelsAreRefusedWithTheFewestThereAre() {
    PaintedEnd end = PaintedEnd.of(5, 120, 1.6, new PaintedPhotograph.Hardness(5, 0.5, 2, 0));
    LayerCount count = LayerCounter.along(Photograph.of(end.picture()), end.line());
    assertThat(count.refused().orElseThrow().read(Units.METRIC)).contains("at least");
    assertThat(count.count()).isBetween(2, 120);
  }

  @Test
  void findsALineAcrossTheLayersItself() {
    List<Counted> all =
        IntStream.range(0, ENDS / 2)
            .parallel()
            .mapToObj(seed -> {
              PaintedEnd end =
                  PaintedEnd.of(
                      seed, 12 + 5 * seed, 8, new PaintedPhotograph.Hardness(15, 1, 4, 2));
              LayerCount count = LayerCounter.of(Photograph.of(end.picture()));
              return new Counted(seed, 12 + 5 * seed, count);
            })
            .toList();
    double near = share(all, c -> c.off() <= 1);
    System.out.println("measured: without a line, within one " + near + " of " + all.size());
    assertThat(near).isGreaterThanOrEqualTo(0.9);
  }

  @Test
  void layersAreWhereTheyAre() {
    PaintedEnd end = PaintedEnd.of(0, 30, 9, new PaintedPhotograph.Hardness(10, 0.8, 3, 0));
    LayerCount count = LayerCounter.along(Photograph.of(end.picture()), end.line());
    assertThat(count.count()).isEqualTo(30);
    for (int i = 1; i < 30; i++) {
      assertThat(count.layers().get(i).fromPx()).isCloseTo(end.boundaries().get(i), within(1.5));
    }
  }

  private static double share(List<Counted> all, Predicate<Counted> which) {
    return all.stream().filter(which).count() / (double) all.size();
  }
}
