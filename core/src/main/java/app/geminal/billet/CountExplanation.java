package app.geminal.billet;

import app.geminal.bar.Section;
import app.geminal.bar.SideBySide;
import app.geminal.layup.Laid;
import app.geminal.operation.Fold;
import app.geminal.operation.FourWay;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.RollUp;
import app.geminal.operation.Sandwich;
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
        ofJoints(stack),
        "merged",
        stack.merged(),
        "visible",
        stack.visibleCount());
  }

  private static Message joinWords(Stage before, Stage after) {
    Operation operation = after.step().map(Step::operation).orElseThrow();
    return switch (operation) {
      case Restack restack -> restackWords(restack, before, after);
      case Fold fold when fold.folds() == 1 && after.bars().section().isLevel() ->
          CountText.FOLD.with(
              "steel",
              before.bars().layers().topSteel(),
              "before",
              before.visibleCount(),
              "visible",
              after.visibleCount());
      case Fold fold -> sumWords(CountText.FOLDED.with("times", fold.folds()), after);
      case Sandwich _ -> sumWords(CountText.CLADDING.with("core", before.visibleCount()), after);
      case LayUp layUp ->
          sumWords(
              CountText.SIDE_BY_SIDE.with(
                  "bars", before.bars().count() + things(layUp.left(), layUp.right())),
              after);
      case RollUp _ -> sumWords(CountText.ROLLED.with("strip", before.visibleCount()), after);
      case FourWay _ -> sumWords(CountText.TILES.with(), after);
      default -> throw new IllegalStateException("Only stacking makes joints.");
    };
  }

  private static int things(List<Laid> some, List<Laid> others) {
    return some.size() + others.size();
  }

  private static Message sumWords(Message what, Stage after) {
    return CountText.SUM.with(
        "what",
        what,
        "sum",
        after.visibleCount() + after.merged(),
        "merged",
        after.merged(),
        "visible",
        after.visibleCount());
  }

  private static Message restackWords(Restack restack, Stage before, Stage after) {
    int bars = before.bars().count();
    if (after.bars().section().isCountedAcross()) {
      return CountText.ON_EDGE.with("bars", bars, "visible", after.visibleCount());
    }
    long met = after.visibleCount() + after.merged();
    long came = met + after.gone();
    long between = (bars - 1L) * restack.between().size();
    boolean alike = came == bars * before.visibleCount() + between;
    Message words =
        CountText.RESTACKED.with(
            "bars",
            bars,
            "alike",
            alike,
            "each",
            before.visibleCount(),
            "between",
            between,
            "came",
            came);
    if (after.gone() > 0) {
      words = then(words, CountText.GROUND_AWAY.with("layers", after.gone()));
    }
    if (after.merged() == 0) {
      return then(words, CountText.NONE_MERGE.with("gone", after.gone(), "came", came, "met", met));
    }
    return then(
        words,
        CountText.MERGE.with(
            "joints",
            ofJoints(after),
            "steel",
            after.meeting().size() == 1 ? after.meeting().iterator().next() : "none",
            "came",
            came,
            "gone",
            after.gone(),
            "merged",
            after.merged(),
            "visible",
            after.visibleCount()));
  }

  private static Message then(Message first, Message next) {
    return CountText.THEN.with("first", first, "next", next);
  }

  private static Message ofJoints(Stage laid) {
    return CountText.OF_JOINTS.with(
        "joints", laid.joints(), "all", laid.merged() == laid.joints(), "merged", laid.merged());
  }
}
