package app.geminal.server.billet;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.billet.CountExplanation;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.forging.StopLadder;
import app.geminal.measurement.Measurement;
import app.geminal.measurement.MeasurementDifference;
import app.geminal.measurement.PieceYield;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fit;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The steel after one step, for the screen. Sizes are of each bar, the mass is of all.
 *
 * @param key key of the step it comes after, null for the stack
 * @param off whether the step is left out for now
 * @param count how many
 * @param widthMm width, mm
 * @param heightMm height, mm
 * @param lengthMm length, mm
 * @param massKg mass, kg
 * @param shopCount nominal layers: pieces × cuts
 * @param visibleCount layers as counted in the bar
 * @param loose whether its pieces are not welded yet
 * @param fill share of the outline that is steel, 0 to 1
 * @param form shape of the section
 * @param section what the end shows
 * @param lostKg kg lost in the step before it
 * @param joinedKg steel that came in with parts
 * @param aside bars that left here
 * @param fits how parts met the bar
 * @param why why it shows as many layers as it does
 * @param marks where to scribe before this cut
 * @param stops stop heights for this draw
 * @param planned the bars as calculated, where they were measured otherwise
 */
record StageView(
    @Nullable String key,
    boolean off,
    int count,
    double widthMm,
    double heightMm,
    double lengthMm,
    double massKg,
    long shopCount,
    long visibleCount,
    boolean loose,
    double fill,
    Form form,
    SectionView section,
    double lostKg,
    double joinedKg,
    @Nullable AsideView aside,
    List<Fit> fits,
    Message why,
    Cut.@Nullable Marks marks,
    @Nullable List<StopLadder.Rung> stops,
    @Nullable PlannedView planned) {

  /**
   * Bars that went to another billet; sizes of each.
   *
   * @param count how many
   * @param widthMm width, mm
   * @param heightMm height, mm
   * @param lengthMm length, mm
   * @param massKg mass, kg
   */
  record AsideView(int count, double widthMm, double heightMm, double lengthMm, double massKg) {
    static AsideView of(Bars bars, Steels steels) {
      return new AsideView(
          bars.count(),
          bars.widthMm(),
          bars.heightMm(),
          bars.lengthMm(),
          bars.amount().massKg(steels));
    }
  }

  /**
   * What was calculated where the bars were measured; sizes of each.
   *
   * @param widthMm width, mm
   * @param heightMm height, mm
   * @param lengthMm length, mm
   * @param massKg mass, kg
   * @param words what the difference can be
   */
  record PlannedView(
      double widthMm, double heightMm, double lengthMm, double massKg, List<Message> words) {
    static PlannedView of(Stage stage, Bars planned, Steels steels, Shop shop) {
      ShopDefaults defaults = shop.defaults();
      Bars real = stage.bars();
      Measurement measured = stage.step().map(Step::measured).orElse(null);
      List<Message> words = new ArrayList<>();
      words.addAll(
          MeasurementDifference.of(planned, real)
              .words(planned, real, stage.step().orElseThrow().operation().skinMm(defaults)));
      if (measured != null && measured.massKg() != null && measured.lengthMm() != null) {
        words.add(
            MeasurementDifference.scales(measured.massKg(), real.times(1).amount().massKg(steels)));
      }
      if (real.form() != Form.BLADE && real.count() == 1) {
        words.add(PieceYield.words(real, defaults.kerfMm(), shop.limits().shortestPieceMm()));
      }
      return new PlannedView(
          planned.widthMm(),
          planned.heightMm(),
          planned.lengthMm(),
          planned.amount().massKg(steels),
          words);
    }
  }

  static StageView of(Run run, int index, Steels steels, Shop shop) {
    Stage stage = run.stages().get(index);
    Bars bars = stage.bars();
    Optional<Bars> before =
        index == 0 ? Optional.empty() : Optional.of(run.stages().get(index - 1).bars());
    return new StageView(
        stage.step().map(Step::key).orElse(null),
        stage.isOff(),
        bars.count(),
        bars.widthMm(),
        bars.heightMm(),
        bars.lengthMm(),
        bars.amount().massKg(steels),
        bars.shopCount(),
        stage.visibleCount(),
        bars.loose(),
        bars.fill(),
        bars.form(),
        SectionView.of(bars.section()),
        stage.losses().stream().mapToDouble(l -> l.amount().massKg(steels)).sum(),
        stage.joined().massKg(steels),
        stage.aside().map(b -> AsideView.of(b, steels)).orElse(null),
        stage.fits(),
        CountExplanation.of(run, index),
        before.flatMap(b -> marks(stage, b)).orElse(null),
        before.flatMap(b -> stops(stage, b, shop)).orElse(null),
        stage.planned().map(p -> PlannedView.of(stage, p, steels, shop)).orElse(null));
  }

  private static Optional<Cut.Marks> marks(Stage stage, Bars before) {
    return stage
        .step()
        .filter(s -> !s.off())
        .map(Step::operation)
        .filter(Cut.class::isInstance)
        .map(o -> ((Cut) o).marks(before.lengthMm()));
  }

  private static Optional<List<StopLadder.Rung>> stops(Stage stage, Bars before, Shop shop) {
    return stage
        .step()
        .filter(s -> !s.off())
        .map(Step::operation)
        .filter(Draw.class::isInstance)
        .map(Draw.class::cast)
        .map(d ->
            StopLadder.of(
                before.widthMm(),
                before.section().heightMm(),
                before.lengthMm(),
                d.widthMm(),
                d.heightMm(),
                d.heats(),
                d.tool(),
                shop));
  }
}
