package app.geminal.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Different blocks on each other. The merge at a joint is here: two layers of one steel that meet,
 * at a restack or anywhere else, are one layer from then on, so 5 bars of 13 with like faces show
 * 61 and not 65. Exact, no unit: the eye finds no line in one steel, once it is welded.
 */
final class Join extends LayerSequence {
  private final List<LayerSequence> blocks;

  Join(List<LayerSequence> blocks) {
    super(
        blocks.getFirst().bottomSteel(),
        blocks.getLast().topSteel(),
        countVisible(blocks),
        sum(blocks));
    this.blocks = List.copyOf(blocks);
  }

  private static long countVisible(List<LayerSequence> blocks) {
    long count = 0;
    for (int i = 0; i < blocks.size(); i++) {
      count = Math.addExact(count, blocks.get(i).visibleCount());
      if (i > 0 && blocks.get(i - 1).topSteel().equals(blocks.get(i).bottomSteel())) {
        count--;
      }
    }
    return count;
  }

  private static Map<String, Double> sum(List<LayerSequence> blocks) {
    Map<String, Double> sum = new TreeMap<>();
    blocks.forEach(b -> b.thicknessBySteel().forEach((s, mm) -> sum.merge(s, mm, Double::sum)));
    return sum;
  }

  @Override
  public String steelAt(double mm) {
    double rest = mm;
    for (LayerSequence block : blocks) {
      if (rest < block.thicknessMm()) {
        return block.steelAt(rest);
      }
      rest -= block.thicknessMm();
    }
    return topSteel();
  }

  @Override
  LayerSequence shortened(Face face, double mm) {
    List<LayerSequence> left = new ArrayList<>(face == Face.TOP ? blocks : blocks.reversed());
    double rest = mm;
    while (rest >= left.getLast().thicknessMm() - DUST_MM) {
      rest -= left.removeLast().thicknessMm();
    }
    if (rest > DUST_MM) {
      left.add(left.removeLast().without(face, rest));
    }
    return join(face == Face.TOP ? left : left.reversed());
  }

  @Override
  void walk(double factor, boolean turned, BandVisitor visitor) {
    (turned ? blocks.reversed() : blocks).forEach(b -> b.walk(factor, turned, visitor));
  }
}
