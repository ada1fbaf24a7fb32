package app.geminal.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.finder.Finder;
import app.geminal.finder.SearchListener;
import app.geminal.finder.SearchOutcome;
import app.geminal.layup.Piece;
import app.geminal.shop.Shop;
import app.geminal.text.Message;
import app.geminal.weld.HoldChance;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ScheduleExplanationTest {
  private static final Shop SHOP = Shop.common();

  private static FinderQuestion question(long count) {
    return new FinderQuestion(
        new LayerTarget.Near(count, 0.05, CountKind.VISIBLE),
        new StartingSteel.Stacks(List.of(new Piece("D", 3.2)), List.of(new Piece("B", 1.5)), 40),
        new FinishedBar(38, 6, 300),
        Bounds.full(),
        null,
        List.of(),
        24,
        SearchLimits.of(SHOP));
  }

  private static List<RankedSchedule> ways(FinderQuestion question) {
    return ((SearchOutcome.Found)
            Finder.find(
                question,
                TestSteels.ALL,
                SHOP,
                HoldChance.prior(),
                SearchListener.NONE,
                Finder.USUAL_WORK))
        .ways();
  }

  private static final Map<Criterion, String> BEST =
      Map.of(
          Criterion.WELDS, "fewest welds",
          Criterion.FACES, "fewest joint faces",
          Criterion.STEEL, "least steel",
          Criterion.TIME, "least time",
          Criterion.RISK, "safest",
          Criterion.DISTANCE, "nearest count",
          Criterion.EVEN, "most even layers");

  @Test
  void whatIsBestByEachCriterionSaysSo() {
    FinderQuestion question = question(200);
    List<RankedSchedule> ways = ways(question);
    List<String> lines =
        ScheduleExplanation.of(ways, question).stream().map(Message::marked).toList();
    for (Criterion criterion : Criterion.values()) {
      int best = 0;
      for (int i = 1; i < ways.size(); i++) {
        if (ways.get(i).cost(criterion, question) < ways.get(best).cost(criterion, question)) {
          best = i;
        }
      }
      String named =
          criterion == Criterion.DISTANCE && ways.get(best).layers().distance() == 0
              ? "exact count"
              : BEST.get(criterion);
      assertThat(lines.get(best)).containsIgnoringCase(named);
    }
  }

  @Test
  void everyLineSaysTheStackTheBarAndTheLoss() {
    FinderQuestion question = question(200);
    List<RankedSchedule> ways = ways(question);
    assertThat(ScheduleExplanation.of(ways, question))
        .hasSameSizeAs(ways)
        .allMatch(
            l -> l.marked().matches(".*; stack \\[\\[mm .*]] high; bar .* long; \\d+% lost\\."));
  }

  @Test
  void whyScheduleAreOutIsASentence() {
    FinderQuestion question = question(200);
    assertThat(LimitText.words(new Census.RuledOut(Limit.TALLEST, 1214, 3, 104), question).marked())
        .isEqualTo("1,214 need a stack of more than [[mm 100]]");
    assertThat(LimitText.words(new Census.RuledOut(Limit.SHORTEST, 1, 1, 50), question).marked())
        .isEqualTo("1 needs pieces of less than [[mm 60]]");
    assertThat(LimitText.changed(Limit.HEAVIEST, 5.5).marked()).isEqualTo("billets of [[kg 5.5]]");
  }

  @Test
  void shelvedBarsGiveTheirLongestEqualPieces() {
    List<StartingSteel.Supply> bars =
        List.of(new StartingSteel.Supply(1000, 1), new StartingSteel.Supply(350, 2));
    assertThat(StartingSteel.Supply.longestMm(bars, 1, 2)).isEqualTo(1000);
    assertThat(StartingSteel.Supply.longestMm(bars, 3, 2)).isEqualTo(350);
    assertThat(StartingSteel.Supply.longestMm(bars, 4, 2)).isEqualTo(350);
    // Two of 332 from the long bar with a kerf between them would be three; then each short bar
    // one.
    assertThat(StartingSteel.Supply.longestMm(bars, 5, 2)).isEqualTo(332);
    assertThat(StartingSteel.Supply.longestMm(List.of(), 1, 2)).isZero();
  }
}
