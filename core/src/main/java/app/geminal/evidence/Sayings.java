package app.geminal.evidence;

import app.geminal.check.Ordered;
import app.geminal.units.Text;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What the Book says of the ways of working that checks warn of, for standing beside a finding. */
public final class Sayings {
  /** The checks that speak of something welds are told apart by. */
  private static final Map<String, Way> CHECKED =
      Map.of(
          "soak-short", new Way(Factor.SOAK, "short", "soaked too short"),
          "soak-long", new Way(Factor.SOAK, "long", "soaked more than 1.5 times too long"),
          "below-welding-heat", new Way(Factor.HEAT, "under", "below the welding window"),
          "overheated", new Way(Factor.HEAT, "over", "above the welding window"),
          "above-solidus", new Way(Factor.HEAT, "over", "above the welding window"),
          "waiting-too-long", new Way(Factor.WAITING, "too long", "too long out of the fire"));

  private record Way(Factor factor, String level, String words) {}

  private Sayings() {}

  /** A sentence for each check the Book has decided welds for, by the check's id. */
  public static Map<String, String> of(List<Past> book) {
    Map<String, String> said = new HashMap<>();
    CHECKED.forEach((id, way) ->
        Evidence.by(book, way.factor()).stream()
            .filter(line -> line.level().equals(way.level()) && line.tally().decided() > 0)
            .findFirst()
            .ifPresent(line -> said.put(id, sentence(line.tally(), way))));
    return Ordered.copyOf(said);
  }

  private static String sentence(Tally t, Way way) {
    String counted =
        Text.of("In your Book, %d of %d welds %s delaminated", t.open(), t.decided(), way.words());
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
