package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Cut;
import app.geminal.shop.Shop;
import app.geminal.sizing.Finish;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Checks of what comes out: pieces long enough to hold, and the finished pieces asked for. */
final class FinishChecks {
  private FinishChecks() {}

  static List<Finding> cutPieces(At at, Cut cut) {
    double length = at.now().bars().lengthMm();
    double limit = at.limits().shortestPieceMm();
    if (length >= limit - 1e-9) {
      return List.of();
    }
    double kerf = cut.kerfMm();
    int room = (int) Math.floor((at.before().lengthMm() + kerf) / (limit + kerf));
    int fit = Math.min(room, cut.pieces());
    Finding.Builder found =
        Finding.of("piece-too-short", Strength.AT_RISK, at.stage())
            .against(length, limit)
            .what("Pieces of %s are short to hold.", Measure.mm(length))
            .why("Under %s they are hard to clamp on the grinder and to tack.", Measure.mm(limit));
    if (fit >= 2) {
      found.instead(Text.of("Cut %d", fit), Cut.equal(fit, kerf));
    }
    return List.of(found.mend("Cut fewer pieces, or draw the bar longer first."));
  }

  static List<Finding> of(Run run, Shop shop) {
    Finish finish = Finish.of(run, shop.practice());
    if (finish.isEnough()) {
      return List.of();
    }
    List<String> shortOf = new ArrayList<>();
    say(shortOf, finish.lengthShortMm(), "in length");
    say(shortOf, finish.widthShortMm(), "in width");
    say(shortOf, finish.heightShortMm(), "in height");
    double worst =
        Math.max(finish.lengthShortMm(), Math.max(finish.widthShortMm(), finish.heightShortMm()));
    return List.of(
        Finding.of("finish-short", Strength.WILL_FAIL, run.stages().size() - 1)
            .against(-worst, 0)
            .what("The bar does not yield the pieces asked for.")
            .why("Short by %s. %s", String.join(", ", shortOf), mostLost(run))
            .mend("Start with more steel, or ask how much it takes."));
  }

  private static void say(List<String> words, double mm, String how) {
    if (mm > 1e-9) {
      words.add(Measure.mm(mm) + " " + how);
    }
  }

  private static String mostLost(Run run) {
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
    return Text.of(
        "Most is lost to %s, %.0f %% of what came in; most at once in %s.",
        words(most), part * 100, step == 0 ? "the stack" : "step " + step);
  }

  private static int indexOf(Run run, String key) {
    return run.plan().steps().stream().map(Step::key).toList().indexOf(key);
  }

  private static String words(LossKind kind) {
    return switch (kind) {
      case SCALE -> "scale";
      case GRINDING -> "grinding";
      case KERF -> "the saw";
      case TRIM -> "trimming";
      case JACKET -> "the jacket";
      case SCRAP -> "bars given up";
      case MEASURED -> "what the measured bars are short of";
    };
  }
}
