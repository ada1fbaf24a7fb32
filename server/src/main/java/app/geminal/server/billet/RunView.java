package app.geminal.server.billet;

import app.geminal.billet.Run;
import app.geminal.billet.Stop;
import app.geminal.finding.Checks;
import app.geminal.finding.Finding;
import app.geminal.finding.Known;
import app.geminal.finding.Remedy;
import app.geminal.layup.Stack;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Operation;
import app.geminal.shop.Shop;
import app.geminal.sizing.Finish;
import app.geminal.steel.Steels;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A Run for the screen.
 *
 * @param line the plan in shorthand, in the reader's units; empty for a part, which stands in its
 *     plan's line
 * @param parts the Runs of the parts, by name
 * @param finish whether the bar yields what is wanted, null where nothing is
 */
record RunView(
    String line,
    List<StageView> stages,
    @Nullable StopView stop,
    List<FindingView> findings,
    LedgerView ledger,
    Map<String, RunView> parts,
    @Nullable Finish finish) {

  /** Where the plan ends early; {@code step} counts the plan's steps from 0. */
  record StopView(int step, String field, String reason, String remedy) {
    static StopView of(Stop stop) {
      return new StopView(
          stop.step(), stop.why().field(), stop.why().reason(), stop.why().remedy());
    }
  }

  /** A finding; {@code record} is what the Book says of such welds, empty where it says nothing. */
  record FindingView(
      String id,
      String strength,
      boolean hazard,
      int stage,
      String about,
      @Nullable Double actual,
      @Nullable Double limit,
      String what,
      String why,
      String mend,
      String record,
      @Nullable RemedyView remedy) {

    static FindingView of(Finding f, Map<String, String> sayings) {
      return new FindingView(
          f.id(),
          f.strength().name(),
          f.hazard(),
          f.stage(),
          f.about(),
          boxed(f.actual()),
          boxed(f.limit()),
          f.what(),
          f.why(),
          f.mend(),
          sayings.getOrDefault(f.id(), ""),
          f.remedy().map(RemedyView::of).orElse(null));
    }

    private static @Nullable Double boxed(OptionalDouble value) {
      return value.isPresent() ? value.getAsDouble() : null;
    }
  }

  /** An edit that would mend a finding: one of the three is there. */
  record RemedyView(
      String label,
      @Nullable Operation instead,
      @Nullable Operation before,
      @Nullable Stack stack) {
    static RemedyView of(Remedy remedy) {
      return switch (remedy.edit()) {
        case Remedy.Instead e -> new RemedyView(remedy.label(), e.operation(), null, null);
        case Remedy.Before e -> new RemedyView(remedy.label(), null, e.operation(), null);
        case Remedy.Restacked e -> new RemedyView(remedy.label(), null, null, e.stack());
      };
    }
  }

  /** Where the steel went, parts and all. */
  record LedgerView(
      double startedKg,
      double finishedKg,
      double asideKg,
      double leftOverKg,
      double left,
      List<LostView> lost) {
    static LedgerView of(Run run, Steels steels) {
      return new LedgerView(
          run.startedWith().massKg(steels),
          run.last().bars().amount().massKg(steels),
          run.setAside().massKg(steels),
          run.leftOver().massKg(steels),
          run.yieldFraction(),
          Arrays.stream(LossKind.values())
              .map(k -> new LostView(k, run.lostTo(k).massKg(steels)))
              .toList());
    }
  }

  /** One way steel went. */
  record LostView(LossKind kind, double kg) {}

  static RunView of(
      Run run, String line, Steels steels, Shop shop, Known known, Map<String, String> sayings) {
    Map<String, RunView> parts = new LinkedHashMap<>();
    run.parts()
        .forEach((name, part) -> parts.put(name, of(part, "", steels, shop, known, sayings)));
    return new RunView(
        line,
        IntStream.range(0, run.stages().size())
            .mapToObj(i -> StageView.of(run, i, steels, shop))
            .toList(),
        run.stop().map(StopView::of).orElse(null),
        Checks.of(run, steels, shop, known).stream().map(f -> FindingView.of(f, sayings)).toList(),
        LedgerView.of(run, steels),
        parts,
        run.plan().wanted().isEmpty() ? null : Finish.of(run, shop.practice()));
  }
}
