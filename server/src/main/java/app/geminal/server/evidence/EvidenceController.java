package app.geminal.server.evidence;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.calibration.MeasuredLoss;
import app.geminal.calibration.MeasuredLossKind;
import app.geminal.evidence.Comparison;
import app.geminal.evidence.Evidence;
import app.geminal.evidence.Factor;
import app.geminal.evidence.HoldModel;
import app.geminal.evidence.Interval;
import app.geminal.evidence.WeldObservation;
import app.geminal.evidence.WeldTally;
import app.geminal.server.billet.BilletService;
import app.geminal.server.book.BookService;
import app.geminal.server.book.WeldChances;
import app.geminal.server.pooling.PooledRecords;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.stored.StoredRow;
import app.geminal.server.weldmap.PlannedMaps;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import io.swagger.v3.oas.annotations.Operation;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What occurs together in the Book, over HTTP. */
@RestController
class EvidenceController {
  private final BookService book;
  private final WeldChances chances;
  private final PooledRecords pooled;
  private final BilletService billets;
  private final ShopService shops;
  private final SteelShelf shelf;
  private final PlannedMaps maps;

  EvidenceController(
      BookService book,
      WeldChances chances,
      PooledRecords pooled,
      BilletService billets,
      ShopService shops,
      SteelShelf shelf,
      PlannedMaps maps) {
    this.maps = maps;
    this.book = book;
    this.chances = chances;
    this.pooled = pooled;
    this.billets = billets;
    this.shops = shops;
    this.shelf = shelf;
  }

  /**
   * One level of a factor.
   *
   * @param level what sets these welds apart
   * @param tally its welds counted
   * @param others welds of other shops that are counted, null where they have none
   */
  record LineView(String level, TallyView tally, @Nullable TallyView others) {
    static LineView of(Evidence.Line line) {
      return new LineView(
          line.level(),
          TallyView.of(line.tally()),
          line.others().equals(WeldTally.NONE) ? null : TallyView.of(line.others()));
    }
  }

  /**
   * A factor and its levels; {@code spread} is what is believed of it before any record.
   *
   * @param factor what the welds are compared by
   * @param words said in a sentence
   * @param spread how much the groups are taken to differ before any record, as a standard
   *     deviation of log-odds
   * @param lines one for each group of welds
   */
  record FactorView(Factor factor, Message words, double spread, List<LineView> lines) {}

  /**
   * Everything the Book teaches.
   *
   * @param all every weld of the shop
   * @param otherShops how many other shops are counted
   * @param others every weld of them
   * @param factors the welds compared by one thing at a time
   * @param joints by where they lie in the stack
   * @param usual a weld as the shop usually makes it, predicted
   * @param alone the same without other shops
   * @param belief the same before any record
   * @param shopSpread how much the shop's welds differ beyond chance, as a standard deviation of
   *     log-odds
   * @param moves how far each level moves the log odds
   */
  record EvidenceView(
      TallyView all,
      int otherShops,
      TallyView others,
      List<FactorView> factors,
      List<LineView> joints,
      ChanceView usual,
      ChanceView alone,
      ChanceView belief,
      double shopSpread,
      Map<String, Double> moves) {}

  /** What the shop's record says of its welds, and beside it what other shops' do. */
  @Operation(operationId = "getEvidence")
  @GetMapping("/api/v1/evidence")
  EvidenceView evidence() {
    List<WeldObservation> own = book.past();
    List<List<WeldObservation>> pooledShops = pooled.used();
    List<WeldObservation> others = pooledShops.stream().flatMap(List::stream).toList();
    HoldModel model = chances.model();
    HoldModel alone = pooledShops.isEmpty() ? model : HoldModel.of(own);
    WeldObservation usual = WeldObservation.asUsual(shops.defaults());
    return new EvidenceView(
        TallyView.of(Evidence.all(own)),
        pooledShops.size(),
        TallyView.of(Evidence.all(others)),
        Arrays.stream(Factor.values())
            .map(f -> new FactorView(f, f.words(), f.spread(), lines(Evidence.by(own, others, f))))
            .toList(),
        lines(Evidence.byPosition(own, others)),
        ChanceView.of(model.predict(usual)),
        ChanceView.of(alone.predict(usual)),
        ChanceView.of(HoldModel.of(List.of()).predict(usual)),
        HoldModel.SHOP_SPREAD,
        model.moves());
  }

  private static List<LineView> lines(List<Evidence.Line> lines) {
    return lines.stream().map(LineView::of).toList();
  }

  /** A weld of a billet's plan, made as it is planned. */
  @Operation(operationId = "predictWeld")
  @GetMapping("/api/v1/evidence/next")
  ChanceView next(@RequestParam long billet, @RequestParam String step) {
    Plan plan = billets.get(billet).plan();
    return ChanceView.of(chances.of(plan, step, maps.chance(plan, step)));
  }

  /**
   * Two ways of working beside each other.
   *
   * @param one the first group
   * @param other the second group
   * @param difference how much more often the first fails than the second, as shares of 1
   * @param limits lower and upper end of the 90 % interval
   * @param needed welds of each kind that would be needed to report
   */
  record ComparisonView(
      TallyView one, TallyView other, double difference, Interval limits, int needed) {}

  /** Whether two ways of working differ. */
  @Operation(operationId = "compareWelds")
  @GetMapping("/api/v1/evidence/compare")
  ComparisonView compare(
      @RequestParam Factor factor, @RequestParam String one, @RequestParam String other) {
    List<Evidence.Line> lines = Evidence.by(book.past(), factor);
    Comparison c = Comparison.of(tally(lines, "one", one), tally(lines, "other", other));
    return new ComparisonView(
        TallyView.of(c.one()), TallyView.of(c.other()), c.difference(), c.limits(), c.needed());
  }

  private static WeldTally tally(List<Evidence.Line> lines, String field, String level) {
    return lines.stream()
        .filter(l -> l.level().equals(level))
        .map(Evidence.Line::tally)
        .findFirst()
        .orElseThrow(() -> new InvalidValue(field, EvidenceText.BOOK_HAS_NO_WELD_MADE.with()));
  }

  /**
   * A loss as it was measured.
   *
   * @param loss what is lost
   * @param words said in a sentence
   * @param length whether it is a length
   * @param now what the shop uses
   * @param seen how often it was measured
   * @param mean mean of what was measured, in the unit of the loss
   * @param spread standard deviation of what was measured, in the unit of the loss
   * @param low lower end of the interval, in the unit of the loss
   * @param high upper end of the interval, in the unit of the loss
   * @param tooFew whether there are too few measurements to report
   * @param differs whether that is outside what was measured
   */
  record MeasuredLossView(
      MeasuredLossKind loss,
      Message words,
      boolean length,
      double now,
      int seen,
      double mean,
      double spread,
      double low,
      double high,
      boolean tooFew,
      boolean differs) {}

  /** Losses as they were measured, beside what the shop's settings say. */
  @Operation(operationId = "listLosses")
  @GetMapping("/api/v1/evidence/losses")
  List<MeasuredLossView> losses() {
    ShopDefaults defaults = shops.defaults();
    List<Run> runs =
        billets.all().stream()
            .flatMap(b ->
                StoredRow.<Run, RuntimeException>of(
                    "billet", b.id(), () -> Run.of(b.plan(), shelf.steels(), defaults))
                    .stream())
            .toList();
    return MeasuredLoss.of(runs, defaults).stream()
        .map(l -> {
          double now = l.loss().now(defaults);
          return new MeasuredLossView(
              l.loss(),
              l.loss().words(),
              l.loss().isLength(),
              now,
              l.seen().size(),
              l.mean(),
              l.spread(),
              l.low(),
              l.high(),
              l.isTooFew(),
              l.differsFrom(now));
        })
        .toList();
  }
}
