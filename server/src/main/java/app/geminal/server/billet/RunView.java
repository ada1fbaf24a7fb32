package app.geminal.server.billet;

import app.geminal.bar.Bars;
import app.geminal.billet.CountWords;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.billet.Stop;
import app.geminal.finding.Checks;
import app.geminal.finding.Finding;
import app.geminal.finding.Limits;
import app.geminal.layers.Layer;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Operation;
import app.geminal.steel.Steels;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A Run for the screen.
 *
 * @param line the plan in shorthand, in the reader's units
 */
record RunView(
    String line,
    List<StageView> stages,
    @Nullable StopView stop,
    List<FindingView> findings,
    LedgerView ledger) {
  /** More layers than this are not drawn one by one at any size the Run is shown. */
  private static final int MOST_DRAWN = 250;

  /** Where the plan ends early; {@code step} counts the plan's steps from 0. */
  record StopView(int step, String field, String reason, String remedy) {}

  /**
   * The steel after one step. Sizes are of each bar, the mass is of all.
   *
   * @param layers visible layers, or null where there are too many to draw
   * @param bySteel share of each steel in the height, fractions
   * @param why why it shows as many layers as it does
   */
  record StageView(
      @Nullable String key,
      int count,
      double widthMm,
      double heightMm,
      double lengthMm,
      double massKg,
      long shopCount,
      long visibleCount,
      boolean loose,
      @Nullable LayersView layers,
      Map<String, Double> bySteel,
      double lostKg,
      String why) {

    static StageView of(Run run, int index, Steels steels) {
      Stage stage = run.stages().get(index);
      Bars bars = stage.bars();
      double lost = stage.losses().stream().mapToDouble(l -> l.amount().massKg(steels)).sum();
      return new StageView(
          stage.step().map(Step::key).orElse(null),
          bars.count(),
          bars.widthMm(),
          bars.heightMm(),
          bars.lengthMm(),
          bars.amount().massKg(steels),
          bars.shopCount(),
          stage.visibleCount(),
          bars.loose(),
          bars.layers().layers(MOST_DRAWN).map(LayersView::of).orElse(null),
          bars.layers().scaledBy(1 / bars.heightMm()).thicknessBySteel(),
          lost,
          CountWords.of(run, index));
    }
  }

  /**
   * Visible layers bottom to top, kept short because every change of a plan sends them for every
   * stage.
   *
   * @param steels each steel once
   * @param steel of each layer, index into {@code steels}
   * @param thicknessMm of each layer, to 0.0001 mm: enough to draw
   */
  record LayersView(List<String> steels, List<Integer> steel, List<Double> thicknessMm) {
    static LayersView of(List<Layer> layers) {
      List<String> steels = layers.stream().map(Layer::steel).distinct().toList();
      return new LayersView(
          steels,
          layers.stream().map(l -> steels.indexOf(l.steel())).toList(),
          layers.stream().map(l -> Math.rint(l.thicknessMm() * 1e4) / 1e4).toList());
    }
  }

  /** A finding; {@code instead} is the operation that would mend it. */
  record FindingView(
      String id,
      String strength,
      boolean hazard,
      int stage,
      String what,
      String why,
      String mend,
      @Nullable RemedyView remedy) {

    static FindingView of(Finding f) {
      return new FindingView(
          f.id(),
          f.strength().name(),
          f.hazard(),
          f.stage(),
          f.what(),
          f.why(),
          f.mend(),
          f.remedy().map(r -> new RemedyView(r.label(), r.instead())).orElse(null));
    }
  }

  /** An edit that would mend a finding. */
  record RemedyView(String label, Operation instead) {}

  /** Where the steel went. */
  record LedgerView(double startedKg, double finishedKg, double left, List<LostView> lost) {}

  /** One way steel went. */
  record LostView(LossKind kind, double kg) {}

  static RunView of(Run run, String line, Steels steels, Limits limits) {
    return new RunView(
        line,
        IntStream.range(0, run.stages().size())
            .mapToObj(i -> StageView.of(run, i, steels))
            .toList(),
        run.stop().map(RunView::stop).orElse(null),
        Checks.of(run, steels, limits).stream().map(FindingView::of).toList(),
        new LedgerView(
            run.startedWith().massKg(steels),
            run.last().bars().amount().massKg(steels),
            run.yieldFraction(),
            Arrays.stream(LossKind.values())
                .map(k -> new LostView(k, run.lostTo(k).massKg(steels)))
                .toList()));
  }

  private static StopView stop(Stop stop) {
    return new StopView(stop.step(), stop.why().field(), stop.why().reason(), stop.why().remedy());
  }
}
