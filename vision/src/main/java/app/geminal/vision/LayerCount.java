package app.geminal.vision;

import app.geminal.text.Message;
import java.util.List;
import java.util.Optional;

/**
 * What was counted along a line.
 *
 * @param line along which it was counted
 * @param count of layers; at least so many where it is refused
 * @param low the fewest it may be
 * @param high the most it may be
 * @param layers each of them, in the order they are on the line
 * @param refused why it cannot be counted, where it cannot
 */
public record LayerCount(
    Line line, int count, int low, int high, List<Layer> layers, Optional<Message> refused) {
  /** Copies the list. */
  public LayerCount {
    layers = List.copyOf(layers);
  }
}
