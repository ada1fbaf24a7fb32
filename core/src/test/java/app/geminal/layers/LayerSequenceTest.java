package app.geminal.layers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LayerSequenceTest {
  private static final LayerSequence DB = of("D", 2, "B", 1);

  private static LayerSequence of(Object... steelAndMm) {
    List<LayerSequence> bands = new ArrayList<>();
    for (int i = 0; i < steelAndMm.length; i += 2) {
      bands.add(
          LayerSequence.band((String) steelAndMm[i], ((Number) steelAndMm[i + 1]).doubleValue()));
    }
    return LayerSequence.join(bands);
  }

  @Test
  void oneBandIsOneLayer() {
    LayerSequence one = LayerSequence.band("D", 3);
    assertThat(one.visibleCount()).isEqualTo(1);
    assertThat(one.times(4).visibleCount()).isEqualTo(1);
    assertThat(one.times(4).layers(10)).contains(List.of(new Layer("D", 12)));
  }

  @Test
  void turningChangesWhichSteelsMeet() {
    assertThat(DB.times(3).visibleCount()).isEqualTo(6);
    assertThat(LayerSequence.join(List.of(DB, DB.turned())).visibleCount()).isEqualTo(3);
    assertThat(DB.turned().bottomSteel()).isEqualTo("B");
    assertThat(DB.turned().turned()).isSameAs(DB);
  }

  @Test
  void grindingTakesWholeLayersFirst() {
    LayerSequence ground = of("D", 2, "B", 1, "D", 2).without(Face.TOP, 2.5);
    assertThat(ground.layers(10)).contains(List.of(new Layer("D", 2), new Layer("B", 0.5)));
    assertThat(DB.without(Face.BOTTOM, 2).layers(10)).contains(List.of(new Layer("B", 1)));
    assertThat(DB.without(Face.BOTTOM, 0)).isSameAs(DB);
  }

  @Test
  void grindingEverythingAwayIsRefused() {
    assertThatThrownBy(() -> DB.without(Face.TOP, 3)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void millionsOfLayersAreCountedWithoutExpandingThem() {
    LayerSequence big = DB;
    for (int i = 0; i < 10; i++) {
      big = big.times(50).scaledBy(1 / 50.0);
    }
    assertThat(big.visibleCount()).isEqualTo(2 * Math.powExact(50L, 10));
    assertThat(big.layers(1000)).isEmpty();
    assertThatThrownBy(() -> timesForever()).isInstanceOf(ArithmeticException.class);
  }

  private static LayerSequence timesForever() {
    LayerSequence big = DB;
    for (int i = 0; i < 100; i++) {
      big = big.times(50);
    }
    return big;
  }

  static java.util.stream.LongStream seeds() {
    return java.util.stream.LongStream.range(0, 400);
  }

  /** Against a plain list of bands that is really repeated, reversed and cut. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void agreesWithAPlainList(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Layer> plain = new ArrayList<>(List.of(new Layer("D", 2), new Layer("B", 1)));
    LayerSequence sequence = DB;
    for (int i = 0; i < 12 && plain.size() < 4000; i++) {
      switch (random.nextInt(5)) {
        case 0 -> {
          int times = random.nextInt(1, 5);
          sequence = sequence.times(times);
          plain = repeated(plain, times);
        }
        case 1 -> {
          sequence = sequence.turned();
          plain = new ArrayList<>(plain.reversed());
        }
        case 2 -> {
          double factor = 0.3 + random.nextDouble();
          sequence = sequence.scaledBy(factor);
          plain.replaceAll(l -> new Layer(l.steel(), l.thicknessMm() * factor));
        }
        case 3 -> {
          Layer extra = new Layer(random.nextBoolean() ? "D" : "M", random.nextDouble() + 0.1);
          sequence =
              LayerSequence.join(
                  List.of(sequence, LayerSequence.band(extra.steel(), extra.thicknessMm())));
          plain.add(extra);
        }
        default -> {
          double mm = sequence.thicknessMm() * random.nextDouble() * 0.6;
          Face face = random.nextBoolean() ? Face.TOP : Face.BOTTOM;
          sequence = sequence.without(face, mm);
          plain = cut(plain, face, mm);
        }
      }
      List<Layer> merged = merged(plain);
      assertThat(sequence.visibleCount()).isEqualTo(merged.size());
      List<Layer> layers = sequence.layers(100_000).orElseThrow();
      assertThat(layers)
          .extracting(Layer::steel)
          .isEqualTo(merged.stream().map(Layer::steel).toList());
      for (int k = 0; k < merged.size(); k++) {
        assertThat(layers.get(k).thicknessMm())
            .isCloseTo(merged.get(k).thicknessMm(), within(1e-7));
      }
    }
  }

  private static List<Layer> repeated(List<Layer> plain, int times) {
    List<Layer> all = new ArrayList<>();
    for (int i = 0; i < times; i++) {
      all.addAll(plain);
    }
    return all;
  }

  private static List<Layer> cut(List<Layer> plain, Face face, double mm) {
    List<Layer> left = new ArrayList<>(face == Face.TOP ? plain : plain.reversed());
    double rest = mm;
    while (rest >= left.getLast().thicknessMm() - 1e-9) {
      rest -= left.removeLast().thicknessMm();
    }
    Layer last = left.removeLast();
    left.add(new Layer(last.steel(), last.thicknessMm() - rest));
    return new ArrayList<>(face == Face.TOP ? left : left.reversed());
  }

  private static List<Layer> merged(List<Layer> plain) {
    List<Layer> merged = new ArrayList<>();
    for (Layer layer : plain) {
      if (!merged.isEmpty() && merged.getLast().steel().equals(layer.steel())) {
        Layer last = merged.removeLast();
        merged.add(new Layer(last.steel(), last.thicknessMm() + layer.thicknessMm()));
      } else {
        merged.add(layer);
      }
    }
    return merged;
  }
}
