package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.pattern.Outlines.Corner;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class OutlinesTest {

  private static Map<String, List<List<Corner>>> rings(Field field, int widthPx) {
    SectionView end = TestViews.end(field);
    return Outlines.of(end, Pane.whole(end, widthPx), List.of("D", "B", "M"));
  }

  private static double area(List<List<Corner>> rings) {
    double area = 0;
    for (List<Corner> ring : rings) {
      for (int i = 0; i < ring.size(); i++) {
        Corner a = ring.get(i);
        Corner b = ring.get((i + 1) % ring.size());
        area += (a.rightMm() * b.upMm() - b.rightMm() * a.upMm()) / 2;
      }
    }
    return Math.abs(area);
  }

  @Test
  void flatLayersAreRectanglesOnTheirBoundaries() {
    Map<String, List<List<Corner>>> rings = rings(TestViews.last("(D 4, B 2, D 3) 20 x 100"), 200);
    assertThat(rings.get("D")).hasSize(2);
    assertThat(rings.get("B")).hasSize(1);
    assertThat(rings.get("M")).isEmpty();
    List<Corner> bright = rings.get("B").getFirst();
    assertThat(bright).allSatisfy(c -> assertThat(c.upMm()).isBetween(3.95, 6.05));
    assertThat(bright.stream().mapToDouble(Corner::upMm).max().orElseThrow())
        .isCloseTo(6, within(0.01));
    assertThat(bright.stream().mapToDouble(Corner::rightMm).max().orElseThrow())
        .isCloseTo(20, within(0.01));
    assertThat(bright.size()).as("straight sides have no corners").isLessThan(10);
  }

  @Test
  void areasOfTheSteelsAddUpToTheSection() {
    Field roll = TestViews.last("(D 1, B 1) 24 x 160 > roll round, core (M 6)");
    Map<String, List<List<Corner>>> rings = rings(roll, 400);
    double section = Math.PI / 4 * roll.bars().widthMm() * roll.bars().widthMm();
    double sum = rings.values().stream().mapToDouble(OutlinesTest::area).sum();
    assertThat(sum / section).isCloseTo(1, within(0.01));
    assertThat(area(rings.get("M"))).isCloseTo(Math.PI * 9, within(0.3));
  }

  @Test
  void aSteelInsideAnotherIsAHoleInIt() {
    Map<String, List<List<Corner>>> rings =
        rings(TestViews.last("(D 1, B 1) 24 x 160 > roll round, core (M 6)"), 400);
    assertThat(rings.get("M")).hasSize(1);
    assertThat(rings.get("D").size() + rings.get("B").size()).isGreaterThan(2);
  }
}
