package app.geminal.billet;

import app.geminal.bar.Section;
import app.geminal.bar.SideBySide;
import app.geminal.operation.CountText;
import app.geminal.operation.Laying;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/** Says why a bar shows as many layers as it does: "why 61 and not 65". */
public final class CountExplanation {
  private CountExplanation() {}

  /**
   * The reason for the visible count at one stage, as sentences. The last step that joined anything
   * is worked out in full; what came before it enters as the count of one bar.
   *
   * @param index into the Run's stages
   */
  public static Message of(Run run, int index) {
    List<Stage> past = run.stages().subList(0, index + 1);
    int laid = index;
    while (past.get(laid).joints() == 0 && laid > 0) {
      laid--;
    }
    List<Message> words = new ArrayList<>();
    words.add(
        laid == 0 ? stackWords(past.getFirst()) : joinWords(past.get(laid - 1), past.get(laid)));
    long gone = past.subList(laid + 1, index + 1).stream().mapToLong(Stage::gone).sum();
    if (gone > 0) {
      words.add(CountText.GONE_SINCE.with("layers", gone));
    }
    Stage now = past.getLast();
    words.addAll(lineWords(now.bars().section()));
    long shop = now.bars().shopCount();
    if (shop != now.visibleCount()) {
      words.add(CountText.NOMINAL.with("layers", shop));
    }
    return words.stream()
        .reduce((first, next) -> CountText.THEN.with("first", first, "next", next))
        .orElseThrow();
  }

  /** Which line is counted along, where it is not simply up through flat layers. */
  private static List<Message> lineWords(Section section) {
    if (section.isLevel()) {
      return List.of();
    }
    List<Message> words = new ArrayList<>();
    words.add(section.isCountedAcross() ? acrossWords(section) : upWords(section));
    if (section instanceof SideBySide beside) {
      words.add(
          CountText.SIDE_BY_SIDE_COUNTS.with(
              "counts",
              beside.members().stream().map(s -> (Long) s.counted().visibleCount()).toList()));
    }
    return words;
  }

  private static Message acrossWords(Section section) {
    double at = section.acrossLineMm();
    return isMiddle(at, section.heightMm())
        ? CountText.ACROSS_MIDDLE.with()
        : CountText.ACROSS_AT.with("at", Quantity.mm(at));
  }

  private static Message upWords(Section section) {
    double at = section.upLineMm();
    return isMiddle(at, section.widthMm())
        ? CountText.UP_MIDDLE.with()
        : CountText.UP_AT.with("at", Quantity.mm(at));
  }

  private static boolean isMiddle(double atMm, double ofMm) {
    return Math.abs(atMm - ofMm / 2) < 1e-6 * ofMm;
  }

  private static Message stackWords(Stage stack) {
    long pieces = stack.bars().shopCount();
    if (stack.merged() == 0) {
      return CountText.STACK.with("pieces", pieces);
    }
    return CountText.STACK_MERGED.with(
        "pieces",
        pieces,
        "joints",
        CountText.OF_JOINTS.with(
            "joints",
            stack.joints(),
            "all",
            stack.merged() == stack.joints(),
            "merged",
            stack.merged()),
        "merged",
        stack.merged(),
        "visible",
        stack.visibleCount());
  }

  private static Message joinWords(Stage before, Stage after) {
    return after
        .step()
        .map(Step::operation)
        .orElseThrow()
        .whyCounted(
            new Laying(
                before.bars(),
                after.bars(),
                after.joints(),
                after.merged(),
                after.gone(),
                after.meeting()));
  }
}
