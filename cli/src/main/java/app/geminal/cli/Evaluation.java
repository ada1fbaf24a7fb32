package app.geminal.cli;

import app.geminal.bar.Bars;
import app.geminal.billet.CountExplanation;
import app.geminal.billet.PlanStop;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.finding.Alert;
import app.geminal.finding.Finding;
import app.geminal.finding.PlanAlerts;
import app.geminal.finding.ShopKnowledge;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Operation;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A plan worked through, as it is printed. Lengths in mm, masses in kg.
 *
 * @param parts the parts, worked through alike, by name
 * @param cautions cautions of the materials in the plan and its parts, each once; empty for a part
 * @param findings what else is found in its own steps
 */
record Evaluation(
    String name,
    List<StageLine> stages,
    @Nullable StopLine stop,
    Map<String, Evaluation> parts,
    Ledger ledger,
    List<FindingLine> cautions,
    List<FindingLine> findings) {

  /** The steel after one step; sizes of each bar. */
  record StageLine(
      @Nullable Operation operation,
      boolean off,
      int bars,
      double widthMm,
      double heightMm,
      double lengthMm,
      double massKg,
      long visibleCount,
      long shopCount,
      Message why) {}

  /** Where the plan ends early. */
  record StopLine(int step, Message reason, Message remedy) {}

  /** Where the steel went. */
  record Ledger(
      double startedKg,
      double finishedKg,
      double setAsideKg,
      double leftOverKg,
      double yield,
      Map<String, Double> lostKg) {}

  /** One finding. */
  record FindingLine(
      String id,
      String severity,
      boolean safety,
      int stage,
      List<Integer> stages,
      String about,
      @Nullable Double actual,
      @Nullable Double limit,
      Message what,
      Message why,
      Message action) {}

  static Evaluation of(String name, Run run, Steels steels, Shop shop) {
    PlanAlerts alerts = PlanAlerts.of(run, steels, shop, ShopKnowledge.nothing());
    return of(name, run, steels, alerts, lines(alerts.cautions().stream()));
  }

  private static Evaluation of(
      String name, Run run, Steels steels, PlanAlerts alerts, List<FindingLine> cautions) {
    List<StageLine> stages = new ArrayList<>();
    for (int i = 0; i < run.stages().size(); i++) {
      stages.add(line(run, i, steels));
    }
    Map<String, Evaluation> parts = new LinkedHashMap<>();
    alerts
        .parts()
        .forEach((part, of) ->
            parts.put(
                part,
                of(part, Objects.requireNonNull(run.parts().get(part)), steels, of, List.of())));
    return new Evaluation(
        name,
        stages,
        run.stop().map(Evaluation::stopLine).orElse(null),
        parts,
        ledger(run, steels),
        cautions,
        lines(alerts.ofSteps().stream()));
  }

  private static List<FindingLine> lines(Stream<Alert> alerts) {
    return alerts.flatMap(a -> a.all().stream().map(f -> finding(f, a.stages()))).toList();
  }

  private static FindingLine finding(Finding f, List<Integer> stages) {
    return new FindingLine(
        f.family(),
        f.severity().name(),
        f.safety(),
        f.stage(),
        stages,
        f.about(),
        boxed(f.actual()),
        boxed(f.limit()),
        f.what(),
        f.why(),
        f.action());
  }

  private static @Nullable Double boxed(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  private static StopLine stopLine(PlanStop stop) {
    return new StopLine(stop.step() + 1, stop.why().reason(), stop.why().remedy());
  }

  private static StageLine line(Run run, int index, Steels steels) {
    Stage stage = run.stages().get(index);
    Bars bars = stage.bars();
    return new StageLine(
        stage.step().map(Step::operation).orElse(null),
        stage.isOff(),
        bars.count(),
        bars.widthMm(),
        bars.heightMm(),
        bars.lengthMm(),
        bars.amount().massKg(steels),
        stage.visibleCount(),
        bars.shopCount(),
        CountExplanation.of(run, index));
  }

  private static Ledger ledger(Run run, Steels steels) {
    Map<String, Double> lost = new LinkedHashMap<>();
    for (LossKind kind : LossKind.values()) {
      lost.put(kind.name().toLowerCase(java.util.Locale.ROOT), run.lostTo(kind).massKg(steels));
    }
    return new Ledger(
        run.startedWith().massKg(steels),
        run.last().bars().amount().massKg(steels),
        run.setAside().massKg(steels),
        run.leftOver().massKg(steels),
        run.yieldFraction(),
        lost);
  }
}
