package app.geminal.flaw;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Where a spot went in one step: with the bars at hand, with those set aside, or nowhere. */
record SpotDestination(List<Spot> here, List<Spot> aside) {

  static SpotDestination here(Optional<Spot> spot) {
    return new SpotDestination(spot.stream().toList(), List.of());
  }

  static SpotDestination here(Stream<Optional<Spot>> spots) {
    return new SpotDestination(spots.flatMap(Optional::stream).toList(), List.of());
  }
}
