package app.geminal.server.billet;

import app.geminal.flaw.Spot;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import java.util.List;
import org.springframework.stereotype.Service;

/** Flaws that are still in the bar, for those who only need to know of them. */
@Service
public class OpenFlaws {
  private final Flaws flaws;

  OpenFlaws(Flaws flaws) {
    this.flaws = flaws;
  }

  /** Each in one sentence. */
  public List<Message> words(Billet billet) {
    return flaws.of(billet).stream()
        .filter(f ->
            switch (f.state()) {
              case OPEN, WATCHED, WELDED_AGAIN -> true;
              case HELD, ASIDE, GONE, LOST -> false;
            })
        .map(OpenFlaws::words)
        .toList();
  }

  private static Message words(FlawView f) {
    Message what = BilletText.FLAW_STATE.with("flaw", f.flaw().kind().words(), "state", f.state());
    return f.places().isEmpty()
        ? BilletText.FLAW.with("flaw", what)
        : at(what, f.places().getLast().spot());
  }

  private static Message at(Message what, Spot now) {
    return BilletText.FLAW_AT.with(
        "flaw", what, "bar", now.bar() + 1, "from", Quantity.mm(now.middleXMm()));
  }
}
