package app.geminal.server.billet;

import app.geminal.billet.PlanStop;
import app.geminal.billet.Run;
import app.geminal.finding.Alert;
import app.geminal.finding.Finding;
import app.geminal.finding.PlanAlerts;
import app.geminal.finding.Remedy;
import app.geminal.finding.Severity;
import app.geminal.layup.Stack;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Operation;
import app.geminal.shop.Shop;
import app.geminal.sizing.Finish;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A Run for the screen.
 *
 * @param line the plan in shorthand, in the reader's units; empty for a part, which is in its
 *     plan's line
 * @param stages the billet after each step; the stack first
 * @param stop where the plan cannot go on, null where it can
 * @param cautions cautions of the materials in the plan and its parts, each once; empty for a part,
 *     whose cautions are its plan's
 * @param findings what else the plan's checks found in its own steps
 * @param ledger material balance
 * @param parts the Runs of the parts, by name
 * @param finish whether the bar yields what is wanted, null where nothing is
 */
record RunView(
    String line,
    List<StageView> stages,
    @Nullable StopView stop,
    List<FindingView> cautions,
    List<FindingView> findings,
    LedgerView ledger,
    Map<String, RunView> parts,
    @Nullable Finish finish) {

  /**
   * Where the plan ends early; {@code step} counts the plan's steps from 0.
   *
   * @param step number of the step, from 0
   * @param field the field of the step that cannot be done
   * @param reason why it cannot be done
   * @param remedy what to do about it
   */
  record StopView(int step, String field, Message reason, Message remedy) {
    static StopView of(PlanStop stop) {
      return new StopView(
          stop.step(), stop.why().field(), stop.why().reason(), stop.why().remedy());
    }
  }

  /**
   * A finding; {@code record} is what the Book says of such welds, empty where it says nothing.
   *
   * @param id which finding it is, the same in every plan
   * @param severity how serious it is
   * @param safety whether it can hurt someone
   * @param canBeHidden whether a smith may choose not to see it again
   * @param hidden whether a smith has chosen so, for this billet or for the shop
   * @param stage number of the stage it is found at, from 0
   * @param stages every stage with the same cause, this one among them; a note is shown at the
   *     first only
   * @param about what it concerns: a steel, a joint or a tool
   * @param actual the figure found, in the unit of limit; null where there is no figure
   * @param limit the limit it is held to, in the unit of actual; null where there is none
   * @param what what is the matter, with figure and limit
   * @param why why it matters
   * @param action what to do about it
   * @param record what the shop's own record says of it, may be empty
   * @param remedy a change that can be applied, null for none
   */
  record FindingView(
      String id,
      Severity severity,
      boolean safety,
      boolean canBeHidden,
      boolean hidden,
      int stage,
      List<Integer> stages,
      String about,
      @Nullable Double actual,
      @Nullable Double limit,
      Message what,
      Message why,
      Message action,
      Message record,
      @Nullable RemedyView remedy) {

    static Stream<FindingView> of(Alert alert, Shown shown) {
      return alert.all().stream().map(f -> of(f, alert.stages(), shown));
    }

    private static FindingView of(Finding f, List<Integer> stages, Shown shown) {
      return new FindingView(
          f.family(),
          f.severity(),
          f.safety(),
          f.canBeHidden(),
          f.canBeHidden() && shown.hidden().contains(f.family()),
          f.stage(),
          stages,
          f.about(),
          boxed(f.actual()),
          boxed(f.limit()),
          f.what(),
          f.why(),
          f.action(),
          shown.sayings().getOrDefault(f.family(), Message.written("")),
          f.remedy().map(r -> RemedyView.of(f.remedyLabel().orElseThrow(), r)).orElse(null));
    }

    private static @Nullable Double boxed(OptionalDouble value) {
      return value.isPresent() ? value.getAsDouble() : null;
    }
  }

  /**
   * An edit that makes a finding go away: one of the three is there.
   *
   * @param label what the button says
   * @param instead the step to put in its place, null for none
   * @param before the step to put in before it, null for none
   * @param stack the stack to put in its place, null for none
   */
  record RemedyView(
      Message label,
      @Nullable Operation instead,
      @Nullable Operation before,
      @Nullable Stack stack) {
    static RemedyView of(Message label, Remedy remedy) {
      return switch (remedy) {
        case Remedy.Instead e -> new RemedyView(label, e.operation(), null, null);
        case Remedy.Before e -> new RemedyView(label, null, e.operation(), null);
        case Remedy.Restacked e -> new RemedyView(label, null, null, e.stack());
      };
    }
  }

  /**
   * Where the steel went, parts and all.
   *
   * @param startedKg kg of steel started with
   * @param finishedKg kg of the finished bar
   * @param asideKg kg set aside for other work
   * @param leftOverKg kg of offcuts that can be used again
   * @param left share of the steel that ends in the bar, 0 to 1
   * @param lost where the rest went
   */
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

  /**
   * One way steel went.
   *
   * @param kind which of several this is
   * @param kg kg lost this way
   */
  record LostView(LossKind kind, double kg) {}

  /**
   * What findings are shown with.
   *
   * @param sayings what the Book says of such findings, by family
   * @param hidden families whose notes are hidden
   */
  record Shown(Map<String, Message> sayings, Set<String> hidden) {}

  static RunView of(
      Run run, String line, PlanAlerts alerts, Steels steels, Shop shop, Shown shown) {
    return of(run, line, alerts, views(alerts.cautions().stream(), shown), steels, shop, shown);
  }

  private static RunView of(
      Run run,
      String line,
      PlanAlerts alerts,
      List<FindingView> cautions,
      Steels steels,
      Shop shop,
      Shown shown) {
    Map<String, RunView> parts = new LinkedHashMap<>();
    alerts
        .parts()
        .forEach((name, of) ->
            parts.put(
                name,
                of(
                    Objects.requireNonNull(run.parts().get(name)),
                    "",
                    of,
                    List.of(),
                    steels,
                    shop,
                    shown)));
    return new RunView(
        line,
        IntStream.range(0, run.stages().size())
            .mapToObj(i -> StageView.of(run, i, steels, shop))
            .toList(),
        run.stop().map(StopView::of).orElse(null),
        cautions,
        views(alerts.ofSteps().stream(), shown),
        LedgerView.of(run, steels),
        parts,
        run.plan().wanted().isEmpty() ? null : Finish.of(run, shop.defaults()));
  }

  private static List<FindingView> views(Stream<Alert> alerts, Shown shown) {
    return alerts.flatMap(a -> FindingView.of(a, shown)).toList();
  }
}
