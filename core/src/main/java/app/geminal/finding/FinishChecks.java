package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Cut;
import app.geminal.shop.Shop;
import app.geminal.sizing.Finish;
import app.geminal.text.Message;
import app.geminal.text.MessageKey;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Checks of what comes out: pieces long enough to hold, and the finished pieces asked for. */
final class FinishChecks {
  private FinishChecks() {}

  static List<Finding> cutPieces(StepContext at, Cut cut) {
    double length = at.now().bars().lengthMm();
    double limit = at.limits().shortestPieceMm();
    if (length >= limit - 1e-9) {
      return List.of();
    }
    double kerf = cut.kerfMm();
    int room = (int) Math.floor((at.before().lengthMm() + kerf) / (limit + kerf));
    int fit = Math.min(room, cut.pieces());
    Finding.Builder found =
        Finding.of(FindingKind.PIECE_TOO_SHORT, Severity.WARNING, at.stage())
            .against(length, limit)
            .figures("length", Quantity.mm(length), "limit", Quantity.mm(limit), "pieces", fit);
    if (fit >= 2) {
      found.instead(Cut.equal(fit, kerf));
    }
    return List.of(found.found());
  }

  static List<Finding> of(Run run, Shop shop) {
    Finish finish = Finish.of(run, shop.defaults());
    if (finish.isEnough()) {
      return List.of();
    }
    List<Message> shortOf = new ArrayList<>();
    say(shortOf, finish.lengthShortMm(), Size.LENGTH);
    say(shortOf, finish.widthShortMm(), Size.WIDTH);
    say(shortOf, finish.heightShortMm(), Size.HEIGHT);
    double worst =
        Math.max(finish.lengthShortMm(), Math.max(finish.widthShortMm(), finish.heightShortMm()));
    return List.of(
        Finding.of(FindingKind.FINISH_SHORT, Severity.ERROR, run.stages().size() - 1)
            .against(-worst, 0)
            .figures("short", shortOf)
            .figures(mostLost(run))
            .found());
  }

  private enum Size {
    LENGTH,
    WIDTH,
    HEIGHT
  }

  private static void say(List<Message> shortOf, double mm, Size size) {
    if (mm > 1e-9) {
      shortOf.add(FindingText.SHORT_BY.with("by", Quantity.mm(mm), "size", size));
    }
  }

  private static Map<String, Object> mostLost(Run run) {
    LossKind most =
        Arrays.stream(LossKind.values())
            .max(Comparator.comparingDouble(k -> run.lostTo(k).volumeMm3()))
            .orElseThrow();
    double part = run.lostTo(most).volumeMm3() / run.startedWith().volumeMm3();
    Stage worst =
        run.stages().stream()
            .max(
                Comparator.comparingDouble(
                    s -> s.losses().stream().mapToDouble(l -> l.amount().volumeMm3()).sum()))
            .orElseThrow();
    int step = worst.step().map(Step::key).map(k -> indexOf(run, k) + 1).orElse(0);
    return MessageKey.figures("loss", most, "part", Quantity.share(part), "step", step);
  }

  private static int indexOf(Run run, String key) {
    return run.plan().steps().stream().map(Step::key).toList().indexOf(key);
  }
}
