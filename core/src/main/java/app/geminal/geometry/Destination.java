package app.geminal.geometry;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where the steel of a box is after a change; in neither list where it is gone.
 *
 * @param here in bars at hand
 * @param aside in bars set aside, counted by themselves
 */
public record Destination(List<Box> here, List<Box> aside) {
  /** The steel is gone. */
  public static final Destination GONE = new Destination(List.of(), List.of());

  /** In bars at hand, or gone. */
  public static Destination here(Optional<Box> box) {
    return here(box.stream());
  }

  /** In bars at hand, in some boxes. */
  public static Destination here(Stream<Box> boxes) {
    return new Destination(boxes.toList(), List.of());
  }

  static Destination aside(Optional<Box> box) {
    return new Destination(List.of(), box.stream().toList());
  }
}
