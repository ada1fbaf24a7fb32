package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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

  private static Counted counted(long seed, double fromPx, double toPx) {
    Random random = new Random(seed);
    int layers = 5 + random.nextInt(146);
    double thinnest = fromPx + random.nextDouble() * (toPx - fromPx);
    PaintedEnd end = PaintedEnd.of(seed, layers, thinnest, PaintedPhotograph.Hardness.USUAL);
    LayerCount count = LayerCounter.along(Photograph.of(end.picture()), end.line());
    return new Counted(seed, layers, count);
  }

  private static List<Counted> all(double fromPx, double toPx) {
    return IntStream.range(0, ENDS).parallel().mapToObj(i -> counted(i, fromPx, toPx)).toList();
  }

  @Test
  void layersOfPhotographedEndsAreCounted() {
    List<Counted> all = all(6, 12);
    double exact = share(all, c -> c.off() == 0);
    double near = share(all, c -> c.off() <= 1);
    double held = share(all, Counted::isHeld);
    String measured =
        "exact " + exact + ", within one " + near + ", in range " + held + " of " + all.size();
    System.out.println("measured: " + measured);
    assertThat(exact).as(measured).isGreaterThanOrEqualTo(0.75);
    assertThat(near).as(measured).isGreaterThanOrEqualTo(0.9);
    assertThat(held).as(measured).isGreaterThanOrEqualTo(0.9);
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
