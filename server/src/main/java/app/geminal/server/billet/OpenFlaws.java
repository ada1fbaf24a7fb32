package app.geminal.server.billet;

import app.geminal.flaw.Spot;
import app.geminal.units.Text;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.springframework.stereotype.Service;

/** Flaws that are still in the bar, for those who only need to know of them. */
@Service
public class OpenFlaws {
  private final Flaws flaws;

  OpenFlaws(Flaws flaws) {
    this.flaws = flaws;
  }

  /**
   * Each in one sentence.
   *
   * @param length writes a length, given mm
   */
  public List<String> words(Billet billet, DoubleFunction<String> length) {
    return flaws.of(billet).stream()
        .filter(f ->
            switch (f.state()) {
              case OPEN, WATCHED, WELDED_AGAIN -> true;
              case HELD, ASIDE, GONE, LOST -> false;
            })
        .map(f -> words(f, length))
        .toList();
  }

  private static String words(FlawView f, DoubleFunction<String> length) {
    Optional<Spot> now =
        f.places().isEmpty() ? Optional.empty() : Optional.of(f.places().getLast().spot());
    String where =
        now.map(s ->
                Text.of(" in bar %d, %s from the stop", s.bar() + 1, length.apply(s.middleXMm())))
            .orElse("");
    String how =
        switch (f.state()) {
          case WATCHED -> ", watched";
          case WELDED_AGAIN -> ", welded again: look once more";
          default -> "";
        };
    String words = f.flaw().kind().words() + where + how;
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".";
  }
}
