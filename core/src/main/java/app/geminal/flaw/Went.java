package app.geminal.flaw;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Where a spot went in one step: with the bars at hand, with those set aside, or nowhere. */
record Went(List<Spot> here, List<Spot> aside) {

  static Went here(Optional<Spot> spot) {
    return new Went(spot.stream().toList(), List.of());
  }

  static Went here(Stream<Optional<Spot>> spots) {
    return new Went(spots.flatMap(Optional::stream).toList(), List.of());
  }
}
