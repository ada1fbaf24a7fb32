package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layup.Coating;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.Operation;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Checks of what is on the pieces as they were bought: zinc, plating, paint. */
final class CoatingChecks {
  private static final double ZINC_BOILS_C = 907;

  private CoatingChecks() {}

  static List<Finding> of(Run run) {
    Stack stack = run.plan().stack();
    List<Piece> bare = stack.pieces().stream().map(Piece::bare).toList();
    Optional<Remedy> stripped = Optional.of(new Remedy.Restacked(stack.withPieces(bare)));
    List<Finding> found = new ArrayList<>(coated(0, stack.pieces().stream(), stripped));
    for (int i = 1; i < run.stages().size(); i++) {
      Stage stage = run.stages().get(i);
      if (!stage.isOff()) {
        Operation operation = stage.step().map(Step::operation).orElseThrow();
        Stream<Piece> pieces =
            operation.laid().values().stream().flatMap(List::stream).flatMap(CoatingChecks::pieces);
        found.addAll(coated(i, pieces, Optional.empty()));
      }
    }
    return found;
  }

  private static Stream<Piece> pieces(Laid laid) {
    return switch (laid) {
      case Piece piece -> Stream.of(piece);
      case PartBar bar -> bar.shims().stream();
    };
  }

  private static List<Finding> coated(int stage, Stream<Piece> pieces, Optional<Remedy> stripped) {
    return pieces
        .filter(p -> p.coating() != Coating.NONE)
        .collect(
            Collectors.groupingBy(
                Piece::coating,
                java.util.TreeMap::new,
                Collectors.mapping(Piece::steel, Collectors.toCollection(java.util.TreeSet::new))))
        .entrySet()
        .stream()
        .map(e -> coated(stage, e.getKey(), String.join(", ", e.getValue()), stripped))
        .toList();
  }

  private static Finding coated(
      int stage, Coating coating, String steels, Optional<Remedy> stripped) {
    FindingKind kind =
        switch (coating) {
          case NONE -> throw new IllegalArgumentException("Bare steel needs nothing.");
          case ZINC -> FindingKind.COATING_ZINC;
          case PLATED -> FindingKind.COATING_PLATED;
          case PAINTED -> FindingKind.COATING_PAINT;
        };
    Finding.Builder found =
        Finding.of(kind, Severity.ERROR, stage)
            .about(steels)
            .figures("steels", steels, "boils", Quantity.celsius(ZINC_BOILS_C))
            .remedy(stripped);
    return coating == Coating.PAINTED ? found.found() : found.safety().found();
  }
}
