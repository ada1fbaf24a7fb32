package app.geminal.evidence;

import app.geminal.units.Text;
import app.geminal.validation.OrderedCopies;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What the Book says of the ways of working that checks warn of, for standing beside a finding. */
public final class RecordNotes {
  /** The checks that speak of something welds are distinguished by. */
  private static final Map<String, Habit> CHECKED =
      Map.of(
          "soak-short", new Habit(Factor.SOAK, "short", "soaked too short"),
          "soak-long", new Habit(Factor.SOAK, "long", "soaked more than 1.5 times too long"),
          "below-welding-heat", new Habit(Factor.HEAT, "under", "below the welding window"),
          "overheated", new Habit(Factor.HEAT, "over", "above the welding window"),
          "above-solidus", new Habit(Factor.HEAT, "over", "above the welding window"),
          "waiting-too-long", new Habit(Factor.WAITING, "too long", "too long out of the fire"));

  private record Habit(Factor factor, String level, String words) {}

  private RecordNotes() {}

  /** A sentence for each check the Book has decided welds for, by the check's id. */
  public static Map<String, String> of(List<WeldObservation> book) {
    Map<String, String> said = new HashMap<>();
    CHECKED.forEach((id, way) ->
        Evidence.by(book, way.factor()).stream()
            .filter(line -> line.level().equals(way.level()) && line.tally().judged() > 0)
            .findFirst()
            .ifPresent(line -> said.put(id, sentence(line.tally(), way))));
    return OrderedCopies.copyOf(said);
  }

  private static String sentence(WeldTally t, Habit way) {
    String counted =
        Text.of("In your Book, %d of %d welds %s delaminated", t.open(), t.judged(), way.words());
    return t.isTooFew()
        ? counted + ". Not enough welds yet."
        : String.format(
            Locale.ROOT,
            "%s: %.0f to %.0f%% (90%% range).",
            counted,
            t.interval().low() * 100,
            t.interval().high() * 100);
  }
}
