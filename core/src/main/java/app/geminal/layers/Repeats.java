package app.geminal.layers;

import java.util.ArrayList;
import java.util.List;

/**
 * Finds what repeats in a row of blocks, so that forty equal bars cost as little as two. Blocks are
 * compared by identity, which is enough where one bar is laid again and again. Package use only.
 */
final class Repeats {
  private static final int LONGEST_PATTERN = 8;

  private Repeats() {}

  static List<LayerSequence> found(List<LayerSequence> blocks) {
    List<LayerSequence> compressed = new ArrayList<>();
    int at = 0;
    while (at < blocks.size()) {
      int length = 0;
      int times = 1;
      for (int tried = 1; tried <= Math.min(LONGEST_PATTERN, (blocks.size() - at) / 2); tried++) {
        int repeated = times(blocks, at, tried);
        if (repeated * tried > times * length && repeated > 1) {
          length = tried;
          times = repeated;
        }
      }
      if (times == 1) {
        compressed.add(blocks.get(at));
        at++;
      } else {
        List<LayerSequence> pattern = blocks.subList(at, at + length);
        LayerSequence block = length == 1 ? pattern.getFirst() : new Join(pattern);
        compressed.add(block.times(times));
        at += length * times;
      }
    }
    return compressed;
  }

  @SuppressWarnings("ReferenceEquality")
  private static int times(List<LayerSequence> blocks, int from, int length) {
    int end = from + length;
    while (end < blocks.size() && blocks.get(end) == blocks.get(end - length)) {
      end++;
    }
    return (end - from) / length;
  }
}
