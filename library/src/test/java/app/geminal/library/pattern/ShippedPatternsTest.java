package app.geminal.library.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.billet.Run;
import app.geminal.finding.Checks;
import app.geminal.finding.Severity;
import app.geminal.finding.ShopKnowledge;
import app.geminal.library.ShippedSteels;
import app.geminal.pattern.Field;
import app.geminal.pattern.ScanLine;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.View;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShippedPatternsTest {
  private static final Steels STEELS = ShippedSteels.read();
  private static final Shop SHOP = Shop.common();
  private static final List<NamedPattern> PATTERNS = ShippedPatterns.read();

  private static Run run(NamedPattern pattern) {
    return Run.of(pattern.plan(), STEELS, SHOP.defaults());
  }

  @Test
  void everyOneRunsThroughAndNothingInItWillFail() {
    assertThat(PATTERNS).hasSize(12);
    for (NamedPattern pattern : PATTERNS) {
      Run run = run(pattern);
      assertThat(run.stop()).as(pattern.name()).isEmpty();
      assertThat(run.last().visibleCount()).as(pattern.name()).isPositive();
      assertThat(Checks.of(run, STEELS, SHOP, ShopKnowledge.nothing()))
          .as(pattern.name())
          .noneMatch(f -> f.severity() == Severity.ERROR);
    }
  }

  /** What a smith would count on the finished bar, and what a line up its end crosses. */
  @ParameterizedTest(name = "{0}")
  @CsvSource({
    "random, 53, 53",
    "ladder, 43, 43",
    "raindrop, 43, 43",
    "copper, 5, 5",
    "sandwich, 17, 17",
  })
  void countsAreThePictures(String id, long visible, long crossed) {
    Run run = run(PATTERNS.stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow());
    assertThat(run.last().visibleCount()).isEqualTo(visible);
    Field field = Field.of(run, run.stages().size() - 1);
    SectionView end = SectionView.of(field, new View.End(field.bars().lengthMm() / 2), 0);
    double middle = end.widthMm() * 0.49;
    // Uneven forging and hollows bring layers to the face or take them; never many.
    assertThat(ScanLine.of(end, middle, 0, middle, end.heightMm()).count())
        .isBetween(crossed - 12, crossed + 8);
  }
}
