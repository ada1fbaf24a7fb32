package app.geminal.stock;

import app.geminal.bar.Bars;
import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Equal pieces a plan wants cut from stock.
 *
 * @param steel designation
 * @param thicknessMm of the stock
 * @param widthMm at least
 * @param lengthMm of each
 * @param count how many
 */
public record Need(String steel, double thicknessMm, double widthMm, double lengthMm, int count) {

  /** Everything a Run takes from the shelf, its parts too; equal pieces together. */
  public static List<Need> of(Run run) {
    Map<List<Object>, Integer> counts = noCounts();
    collect(run, counts);
    return list(counts);
  }

  /** What several plans want together; equal pieces together. */
  public static List<Need> together(List<List<Need>> needs) {
    Map<List<Object>, Integer> counts = noCounts();
    needs.stream()
        .flatMap(List::stream)
        .forEach(n ->
            counts.merge(
                List.of(n.steel(), n.thicknessMm(), n.widthMm(), n.lengthMm()),
                n.count(),
                Integer::sum));
    return list(counts);
  }

  /** Those of one steel, thickness and width together, in their order. */
  static Collection<List<Need>> bySection(List<Need> needs) {
    return needs.stream()
        .collect(
            Collectors.groupingBy(
                n -> List.<Object>of(n.steel(), n.thicknessMm(), n.widthMm()),
                LinkedHashMap::new,
                Collectors.toList()))
        .values();
  }

  private static Map<List<Object>, Integer> noCounts() {
    return new TreeMap<>(Comparator.comparing(Object::toString));
  }

  private static List<Need> list(Map<List<Object>, Integer> counts) {
    List<Need> needs = new ArrayList<>();
    counts.forEach((piece, count) ->
        needs.add(
            new Need(
                (String) piece.get(0),
                (double) piece.get(1),
                (double) piece.get(2),
                (double) piece.get(3),
                count)));
    return needs;
  }

  private static void collect(Run run, Map<List<Object>, Integer> into) {
    Plan plan = run.plan();
    for (Piece piece : plan.stack().pieces()) {
      add(into, piece, plan.stack().widthMm(), plan.stack().lengthMm(), 1);
    }
    for (int i = 1; i < run.stages().size(); i++) {
      Step step = run.stages().get(i).step().orElseThrow();
      if (!step.off()) {
        laid(step, run.stages().get(i - 1).bars(), into);
      }
    }
    for (Part part : plan.parts()) {
      Run made = run.parts().get(part.name());
      if (part.origin() == null && made != null) {
        collect(made, into);
      }
    }
  }

  private static void laid(Step step, Bars before, Map<List<Object>, Integer> into) {
    step.operation()
        .laid()
        .forEach((field, things) -> {
          int each = step.operation().timesLaid(field, before.count());
          pieces(things).forEach(p -> add(into, p, before.widthMm(), before.lengthMm(), each));
        });
  }

  private static Stream<Piece> pieces(List<? extends Laid> laid) {
    return laid.stream()
        .flatMap(l ->
            switch (l) {
              case Piece piece -> Stream.of(piece);
              case PartBar bar -> bar.shims().stream();
            });
  }

  private static void add(
      Map<List<Object>, Integer> into, Piece piece, double width, double length, int times) {
    into.merge(
        List.of(piece.steel(), piece.thicknessMm(), piece.widthIn(width), piece.lengthIn(length)),
        times,
        Integer::sum);
  }
}
