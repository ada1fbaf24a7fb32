package app.geminal.evidence;

import app.geminal.text.Message;
import app.geminal.validation.OrderedCopies;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What the Book says of the ways of working that checks warn of, for standing beside a finding. */
public final class RecordNotes {
  /** The checks that speak of something welds are distinguished by. */
  private static final Map<String, Habit> CHECKED =
      Map.of(
          "soak-short", new Habit(Factor.SOAK, "short", EvidenceText.SOAKED_TOO_SHORT),
          "soak-long", new Habit(Factor.SOAK, "long", EvidenceText.SOAKED_TOO_LONG),
          "below-welding-heat", new Habit(Factor.HEAT, "under", EvidenceText.BELOW_WINDOW),
          "overheated", new Habit(Factor.HEAT, "over", EvidenceText.ABOVE_WINDOW),
          "above-solidus", new Habit(Factor.HEAT, "over", EvidenceText.ABOVE_WINDOW),
          "waiting-too-long", new Habit(Factor.WAITING, "too long", EvidenceText.TOO_LONG_OUT));

  private record Habit(Factor factor, String level, EvidenceText words) {}

  private RecordNotes() {}

  /** A sentence for each check the Book has decided welds for, by the check's id. */
  public static Map<String, Message> of(List<WeldObservation> book) {
    Map<String, Message> said = new HashMap<>();
    CHECKED.forEach((id, way) ->
        Evidence.by(book, way.factor()).stream()
            .filter(line -> line.level().equals(way.level()) && line.tally().judged() > 0)
            .findFirst()
            .ifPresent(line -> said.put(id, sentence(line.tally(), way))));
    return OrderedCopies.copyOf(said);
  }

  private static Message sentence(WeldTally t, Habit way) {
    return EvidenceText.IN_YOUR_BOOK.with(
        "delaminated",
        t.open(),
        "welds",
        t.judged(),
        "how",
        way.words().with(),
        "enough",
        Boolean.toString(!t.isTooFew()),
        "low",
        Math.round(t.interval().low() * 100),
        "high",
        Math.round(t.interval().high() * 100));
  }
}
