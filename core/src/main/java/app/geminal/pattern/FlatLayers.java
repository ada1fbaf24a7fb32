package app.geminal.pattern;

import app.geminal.geometry.Point;
import app.geminal.layers.Layer;
import app.geminal.layers.LayerSequence;
import java.util.List;
import java.util.Optional;

/**
 * Flat layers on each other, touching ones of one steel merged; where every point ends up. What
 * happened to flat bars only (drawn, cut, restacked) is already in them.
 */
final class FlatLayers implements End {
  /** More than this are followed joint by joint instead of being listed: 1 MB of boundaries. */
  static final int MOST = 1 << 16;

  static final FlatLayers NOTHING = new FlatLayers(List.of(new Layer("", 1)));

  private final String[] steels;
  private final double[] bottoms;
  private final double heightMm;
  private final int[] firstIn;
  private final double slotsPerMm;

  private FlatLayers(List<Layer> layers) {
    int n = layers.size();
    steels = layers.stream().map(Layer::steel).toArray(String[]::new);
    bottoms = new double[n];
    double height = 0;
    for (int i = 0; i < n; i++) {
      bottoms[i] = height;
      height += layers.get(i).thicknessMm();
    }
    heightMm = height;
    // Twice as many slots as layers: a lookup then steps on once on average.
    firstIn = new int[2 * n];
    slotsPerMm = firstIn.length / height;
    int layer = 0;
    for (int slot = 0; slot < firstIn.length; slot++) {
      while (layer + 1 < n && bottoms[layer + 1] <= slot / slotsPerMm) {
        layer++;
      }
      firstIn[slot] = layer;
    }
  }

  static FlatLayers sheet(String steel) {
    return new FlatLayers(List.of(new Layer(steel, 1)));
  }

  /** Empty where there are more than {@code most}. */
  static Optional<FlatLayers> of(LayerSequence sequence, int most) {
    return sequence.layers(most).map(FlatLayers::new);
  }

  @Override
  public FlatLayers land(Point p) {
    return this;
  }

  int count() {
    return steels.length;
  }

  double heightMm() {
    return heightMm;
  }

  String steel(int layer) {
    return steels[layer];
  }

  double bottomMm(int layer) {
    return bottoms[layer];
  }

  /** The layer at a height; the outermost one where it is outside. */
  int at(double height) {
    if (!(height > 0)) {
      return 0;
    }
    int slot = (int) (height * slotsPerMm);
    if (slot >= firstIn.length) {
      return steels.length - 1;
    }
    int layer = firstIn[slot];
    while (layer + 1 < bottoms.length && bottoms[layer + 1] <= height) {
      layer++;
    }
    // Rounding may have put the slot's own beginning a hair above.
    while (bottoms[layer] > height) {
      layer--;
    }
    return layer;
  }
}
