package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import java.util.List;

/** Plans in one line, looked into. */
final class TestViews {
  static final ShopDefaults PRACTICE = ShopDefaults.common();
  static final Tones TONES = Tones.of(List.of("D", "B", "M"), TestSteels.ALL);

  private TestViews() {}

  static Run run(String line) {
    Run run = run(Shorthand.parse(line, UnitSystem.METRIC, PRACTICE));
    assertThat(run.stop()).as(line).isEmpty();
    return run;
  }

  static Run run(Plan plan) {
    return Run.of(plan, TestSteels.ALL, PRACTICE);
  }

  static Field last(Run run) {
    return Field.of(run, run.stages().size() - 1);
  }

  static Field last(String line) {
    return last(run(line));
  }

  /** As if no bar were ever flat: everything is followed joint by joint. */
  static Field lastUnlisted(Run run) {
    return Field.of(run, run.stages().size() - 1, 0);
  }

  static SectionView end(Field field) {
    return SectionView.of(field, new View.End(field.bars().lengthMm() / 2), 0);
  }

  static ScanLine upTheMiddle(Field field) {
    SectionView end = end(field);
    double middle = end.widthMm() * 0.4999;
    return ScanLine.of(end, middle, 0, middle, end.heightMm());
  }
}
