package app.geminal.cli;

import app.geminal.units.Units;
import app.geminal.vision.Layer;
import app.geminal.vision.LayerCount;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A count as JSON; see docs/formats/photographs.md.
 *
 * @param count of layers; at least so many where it is refused
 * @param low the fewest it may be
 * @param high the most it may be
 * @param layers each of them along the line
 * @param refused why it cannot be counted, null where it can
 * @param line x and y where it begins, x and y where it ends, px
 */
record CountJson(
    int count, int low, int high, List<Layer> layers, @Nullable String refused, List<Double> line) {

  static CountJson of(LayerCount count) {
    return new CountJson(
        count.count(),
        count.low(),
        count.high(),
        count.layers().stream()
            .map(layer -> new Layer(tenth(layer.fromPx()), tenth(layer.toPx())))
            .toList(),
        count.refused().map(why -> why.read(Units.METRIC)).orElse(null),
        List.of(
            tenth(count.line().x1()),
            tenth(count.line().y1()),
            tenth(count.line().x2()),
            tenth(count.line().y2())));
  }

  private static double tenth(double px) {
    return Math.rint(px * 10) / 10;
  }
}
