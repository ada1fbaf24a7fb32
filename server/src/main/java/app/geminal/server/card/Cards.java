package app.geminal.server.card;

import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.forging.StopLadder;
import app.geminal.heatplan.HeatPlan;
import app.geminal.layup.Piece;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Draw;
import app.geminal.server.billet.Billet;
import app.geminal.server.billet.BilletService;
import app.geminal.server.billet.OpenFlaws;
import app.geminal.server.session.HeatPlans;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.text.RequestLanguage;
import app.geminal.shop.Shop;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.units.Text;
import app.geminal.units.Units;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Makes cards. */
@Service
class Cards {
  /** More than this is read by no one at the forge. */
  private static final int MOST_CAUTIONS = 6;

  private final BilletService billets;
  private final OpenFlaws flaws;
  private final HeatPlans heats;
  private final ShopService shops;
  private final SteelShelf shelf;

  Cards(
      BilletService billets,
      OpenFlaws flaws,
      HeatPlans heats,
      ShopService shops,
      SteelShelf shelf) {
    this.billets = billets;
    this.flaws = flaws;
    this.heats = heats;
    this.shops = shops;
    this.shelf = shelf;
  }

  /**
   * A billet's card.
   *
   * @param origin where the shop answers, for the link
   */
  Card of(long billetId, Units units, String origin) {
    Billet billet = billets.get(billetId);
    Shop shop = shops.shop();
    CardWords words = new CardWords(units, RequestLanguage.texts());
    Run run = Run.of(billet.plan(), shelf.steels(), shop.defaults());
    Map<HeatPlans.HeatView, HeatPlan> welds = heats.welds(billetId);
    Bars end = run.last().bars();
    return new Card(
        billet.name(),
        billet.purpose(),
        cutList(billet.plan(), words),
        rows(run, "", words, shop),
        welds.entrySet().stream().map(w -> heat(w.getKey().title(), w.getValue(), words)).toList(),
        new Card.Counts(
            Text.of("%,d", end.visibleCount()), Text.of("%,d", end.shopCount()), bars(end, words)),
        flaws.words(billet).stream().map(words::sentence).toList(),
        cautions(welds.values(), words),
        origin + "/fire?billet=" + billetId + nextStep(welds.keySet()));
  }

  private static String nextStep(Collection<HeatPlans.HeatView> welds) {
    return welds.stream()
        .filter(HeatPlans.HeatView::next)
        .map(h -> "&step=" + URLEncoder.encode(h.path(), StandardCharsets.UTF_8))
        .findFirst()
        .orElse("");
  }

  /** Pieces alike are one line; parts come before the stack they go into. */
  private static List<String> cutList(Plan plan, CardWords words) {
    List<String> lines = new ArrayList<>();
    plan.parts()
        .forEach(p -> cutList(p.plan(), words).forEach(line -> lines.add(p.name() + ": " + line)));
    Map<Piece, Integer> pieces = new LinkedHashMap<>();
    plan.stack().pieces().forEach(p -> pieces.merge(p, 1, Integer::sum));
    pieces.forEach((piece, n) ->
        lines.add(
            Text.of(
                "%d × %s, %s × %s × %s",
                n,
                piece.steel(),
                words.length(piece.thicknessMm()),
                words.length(piece.widthIn(plan.stack().widthMm())),
                words.withUnit(piece.lengthIn(plan.stack().lengthMm())))));
    return lines;
  }

  private static List<Card.Row> rows(Run run, String part, CardWords words, Shop shop) {
    List<Card.Row> rows = new ArrayList<>();
    run.parts().forEach((name, inner) -> rows.addAll(rows(inner, name, words, shop)));
    for (int i = 0; i < run.stages().size(); i++) {
      Stage stage = run.stages().get(i);
      if (stage.isOff()) {
        continue;
      }
      String what =
          stage
              .step()
              .map(s -> Shorthand.show(s.operation(), words.units().system(), shop.defaults()))
              .orElseGet(() ->
                  words.sentence(
                      CardText.STACK_OF.with("pieces", run.plan().stack().pieces().size())));
      rows.add(
          new Card.Row(
              part.isEmpty() ? what : part + ": " + what,
              bars(stage.bars(), words),
              Text.of("%,d", stage.visibleCount()),
              i == 0 ? "" : stops(stage, run.stages().get(i - 1).bars(), words, shop)));
    }
    return rows;
  }

  private static String bars(Bars bars, CardWords words) {
    String size = words.size(bars.widthMm(), bars.heightMm(), bars.lengthMm());
    return bars.count() == 1
        ? size
        : words.sentence(CardText.BARS_OF.with("bars", bars.count(), "size", size));
  }

  private static String stops(Stage stage, Bars before, CardWords words, Shop shop) {
    return stage.step().map(Step::operation).stream()
        .filter(Draw.class::isInstance)
        .map(Draw.class::cast)
        .flatMap(d ->
            StopLadder.of(
                before.widthMm(),
                before.section().heightMm(),
                before.lengthMm(),
                d.widthMm(),
                d.heightMm(),
                d.heats(),
                d.tool(),
                shop)
                .stream())
        .map(rung -> words.withUnit(rung.heightMm()))
        .collect(Collectors.joining(", "));
  }

  private static Card.Heat heat(String title, HeatPlan plan, CardWords words) {
    return new Card.Heat(
        title,
        words.heat(plan.window().aimC()),
        words.sentence(
            CardText.FROM_TO.with(
                "from",
                Quantity.celsius(plan.window().floorC()),
                "to",
                Quantity.celsius(plan.window().ceilingC()))),
        words.sentence(
            CardText.SOAK.with(
                "first",
                Quantity.minutes(Math.rint(plan.soaking().firstMin())),
                "again",
                Quantity.minutes(Math.rint(plan.soaking().againMin())))),
        plan.protection().map(s -> words.sentence(Message.word(s))).orElse(""));
  }

  private static List<String> cautions(Collection<HeatPlan> plans, CardWords words) {
    // What begins alike is the same danger said twice; the longer text is kept.
    Map<String, String> all = new LinkedHashMap<>();
    plans.forEach(p ->
        p.cautions()
            .forEach(c -> {
              String said = words.sentence(c);
              all.merge(
                  said.split("[.;:]", 2)[0], said, (a, b) -> a.length() >= b.length() ? a : b);
            }));
    return all.values().stream().limit(MOST_CAUTIONS).toList();
  }
}
