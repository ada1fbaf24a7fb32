package app.geminal.layers;

import java.util.List;

/** One block on itself, the same way up every time. */
final class Repeat extends LayerSequence {
  private final LayerSequence block;
  private final int times;

  Repeat(LayerSequence block, int times) {
    super(
        block.bottomSteel(),
        block.topSteel(),
        countVisible(block, times),
        scaled(block.thicknessBySteel(), times));
    this.block = block;
    this.times = times;
  }

  private static long countVisible(LayerSequence block, int times) {
    long merged = block.topSteel().equals(block.bottomSteel()) ? times - 1L : 0;
    return Math.multiplyExact(block.visibleCount(), times) - merged;
  }

  @Override
  public String steelAt(double mm) {
    return mm >= thicknessMm() ? topSteel() : block.steelAt(Math.max(0, mm) % block.thicknessMm());
  }

  @Override
  LayerSequence shortened(Face face, double mm) {
    int whole = (int) ((mm + DUST_MM) / block.thicknessMm());
    double rest = mm - whole * block.thicknessMm();
    int left = times - whole;
    if (rest <= DUST_MM) {
      return block.times(left);
    }
    LayerSequence cut = block.without(face, rest);
    if (left == 1) {
      return cut;
    }
    LayerSequence uncut = block.times(left - 1);
    return join(face == Face.TOP ? List.of(uncut, cut) : List.of(cut, uncut));
  }

  @Override
  void walk(double factor, boolean turned, BandVisitor visitor) {
    for (int i = 0; i < times; i++) {
      block.walk(factor, turned, visitor);
    }
  }
}
