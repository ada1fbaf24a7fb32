package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.check.Require;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.ledger.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * All bars at hand laid on each other, perhaps with the same pieces in every gap: a bright sheet
 * between, or a core for the edge between two bars.
 *
 * @param lay all the same way up, or every second one turned over
 * @param between laid bottom first in every gap, cut to the bars' width and length; 0 to 20
 */
public record Restack(Lay lay, List<Piece> between) implements Operation {

  /** Checks both fields and copies the list; no list means nothing between. */
  public Restack(Lay lay, @Nullable List<Piece> between) {
    this.lay = Require.present("lay", lay);
    this.between = Require.list("between", Objects.requireNonNullElse(between, List.of()), 0, 20);
  }

  /** Bars only. */
  public static Restack of(Lay lay) {
    return new Restack(lay, List.of());
  }

  @Override
  public Outcome applyTo(Bars bars, Practice practice) {
    int count = bars.count();
    if (count < 2) {
      return new Impossible(
          "", "There is only one bar, and a restack needs two or more.", "Cut the bar first.");
    }
    long inserts = Math.multiplyExact(count - 1L, between.size());
    long shopCount = Math.addExact(Math.multiplyExact(bars.shopCount(), count), inserts);
    Bars block =
        new Bars(1, bars.widthMm(), bars.lengthMm(), laid(bars.layers(), count), shopCount, true);
    Amount added =
        between.isEmpty()
            ? Amount.NONE
            : Amount.ofLayers(Stack.layersOf(between).thicknessBySteel(), bars.faceMm2())
                .times(count - 1);
    int joints = (count - 1) * (between.size() + 1);
    return new Done(block, List.of(), added, joints);
  }

  /** Built from the pair that repeats, so that the number of bars does not matter. */
  private LayerSequence laid(LayerSequence bar, int count) {
    LayerSequence second = lay == Lay.TURNED ? bar.turned() : bar;
    int gaps = count - 1;
    List<LayerSequence> blocks = new ArrayList<>();
    if (gaps > 1) {
      blocks.add(LayerSequence.join(List.of(under(bar), under(second))).times(gaps / 2));
    }
    if (gaps % 2 == 1) {
      blocks.add(under(bar));
      blocks.add(second);
    } else {
      blocks.add(bar);
    }
    return LayerSequence.join(blocks);
  }

  private LayerSequence under(LayerSequence bar) {
    return between.isEmpty() ? bar : LayerSequence.join(List.of(bar, Stack.layersOf(between)));
  }
}
