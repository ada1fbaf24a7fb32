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
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Says why a bar shows as many layers as it does: "why 61 and not 65". */
public final class CountExplanation {
  private CountExplanation() {}

  /**
   * The reason for the visible count at one stage, as sentences. The last step that joined anything
   * is worked out in full; what came before it enters as the count of one bar.
   *
   * @param index into the Run's stages
   */
  public static String of(Run run, int index) {
    List<Stage> past = run.stages().subList(0, index + 1);
    int laid = index;
    while (past.get(laid).joints() == 0 && laid > 0) {
      laid--;
    }
    List<String> words = new ArrayList<>();
    words.add(
        laid == 0 ? stackWords(past.getFirst()) : joinWords(past.get(laid - 1), past.get(laid)));
    long gone = past.subList(laid + 1, index + 1).stream().mapToLong(Stage::gone).sum();
    if (gone > 0) {
      words.add(
          Text.of(
              "Scale and grinding have since removed %s from the outside.",
              counted(gone, "whole layer")));
    }
    Stage now = past.getLast();
    words.addAll(lineWords(now.bars().section()));
    long shop = now.bars().shopCount();
    if (shop != now.visibleCount()) {
      words.add(
          Text.of("The nominal count (pieces × cuts) is %,d. It ignores merged layers.", shop));
    }
    return String.join(" ", words);
  }

  /** Which line is counted along, where it is not simply up through flat layers. */
  private static List<String> lineWords(Section section) {
    if (section.isLevel()) {
      return List.of();
    }
    List<String> words = new ArrayList<>();
    words.add(
        section.isCountedAcross()
            ? "Counted across, " + acrossWords(section)
            : "Counted up, " + upWords(section));
    if (section instanceof SideBySide beside) {
      words.add(
          Text.of(
              "Bars of %s layers stand side by side.",
              beside.members().stream()
                  .map(s -> Text.of("%,d", s.counted().visibleCount()))
                  .collect(Collectors.joining(", "))));
    }
    return words;
  }

  private static String acrossWords(Section section) {
    double at = section.acrossLineMm();
    return isMiddle(at, section.heightMm())
        ? "through the middle of the height."
        : Text.of("%s above the underside, where it crosses the most layers.", Measure.mm(at));
  }

  private static String upWords(Section section) {
    double at = section.upLineMm();
    return isMiddle(at, section.widthMm())
        ? "through the middle of the width."
        : Text.of("%s from the left edge, where it crosses the most layers.", Measure.mm(at));
  }

  private static boolean isMiddle(double atMm, double ofMm) {
    return Math.abs(atMm - ofMm / 2) < 1e-6 * ofMm;
  }

  private static String stackWords(Stage stack) {
    long pieces = stack.bars().shopCount();
    if (stack.merged() == 0) {
      return pieces == 1
          ? "One piece is one layer."
          : Text.of("%,d pieces, no two of one steel together: every piece is a layer.", pieces);
    }
    return Text.of(
        "%,d pieces. At %s the same steel meets and becomes one layer: %,d − %d = %,d.",
        pieces, ofJoints(stack), pieces, stack.merged(), stack.visibleCount());
  }

  private static String joinWords(Stage before, Stage after) {
    Operation operation = after.step().map(Step::operation).orElseThrow();
    return switch (operation) {
      case Restack restack -> restackWords(restack, before, after);
      case Fold fold when fold.folds() == 1 && after.bars().section().isLevel() ->
          foldWords(before, after);
      case Fold fold ->
          sumWords(
              Text.of("Folded %s", fold.folds() == 1 ? "once" : fold.folds() + " times"), after);
      case Sandwich _ ->
          sumWords(
              Text.of("The core of %,d layers and its cladding", before.visibleCount()), after);
      case LayUp layUp ->
          sumWords(
              Text.of(
                  "%s side by side",
                  counted(before.bars().count() + things(layUp.left(), layUp.right()), "bar")),
              after);
      case RollUp _ ->
          sumWords(
              Text.of(
                  "Rolled up: a line through the axis crosses the strip of %,d layers several times",
                  before.visibleCount()),
              after);
      case FourWay _ -> sumWords("Two tiles on each other", after);
      default -> throw new IllegalStateException("Only stacking makes joints.");
    };
  }

  private static int things(List<Laid> some, List<Laid> others) {
    return some.size() + others.size();
  }

  private static String sumWords(String what, Stage after) {
    long sum = after.visibleCount() + after.merged();
    if (after.merged() == 0) {
      return Text.of("%s: %,d layers. None merge.", what, sum);
    }
    return Text.of(
        "%s: %,d layers. %,d merge with the same steel: %,d.",
        what, sum, after.merged(), after.visibleCount());
  }

  private static String restackWords(Restack restack, Stage before, Stage after) {
    int bars = before.bars().count();
    boolean across = after.bars().section().isCountedAcross();
    if (across) {
      return Text.of(
          "%d bars stacked with their layers on edge: the line crosses one bar and %,d layers.",
          bars, after.visibleCount());
    }
    long met = after.visibleCount() + after.merged();
    long came = met + after.gone();
    long between = (bars - 1L) * restack.between().size();
    boolean alike = came == bars * before.visibleCount() + between;
    String laid =
        alike
            ? Text.of("%d bars of %,d layers", bars, before.visibleCount())
            : Text.of("%d bars, crossed in different ways,", bars);
    String words =
        laid
            + (between > 0
                ? Text.of(" and %,d pieces between make %,d.", between, came)
                : Text.of(" make %,d.", came));
    if (after.gone() > 0) {
      words += Text.of(" Grinding the joint faces removes %s.", counted(after.gone(), "layer"));
    }
    if (after.merged() == 0) {
      return words
          + " At every joint two different steels meet, so no layers merge"
          + (after.gone() > 0 ? Text.of(": %,d − %d = %,d.", came, after.gone(), met) : ".");
    }
    return words
        + Text.of(
            " At %s two %sfaces meet and become one layer: %,d%s − %d = %,d.",
            ofJoints(after),
            meetingSteel(after),
            came,
            after.gone() > 0 ? " − " + after.gone() : "",
            after.merged(),
            after.visibleCount());
  }

  private static String foldWords(Stage before, Stage after) {
    return Text.of(
        "A fold puts the top face on itself. Two %s faces become one layer: 2 × %,d − 1 = %,d.",
        before.bars().layers().topSteel(), before.visibleCount(), after.visibleCount());
  }

  /** Names the steel where only one meets itself. */
  private static String meetingSteel(Stage laid) {
    return laid.meeting().size() == 1 ? laid.meeting().iterator().next() + " " : "like ";
  }

  private static String ofJoints(Stage laid) {
    if (laid.joints() == 1) {
      return "its one joint";
    }
    boolean all = laid.merged() == laid.joints();
    return Text.of("%s of %d joints", all ? "all" : laid.merged(), laid.joints());
  }

  private static String counted(long n, String thing) {
    return Text.of("%,d %s%s", n, thing, n == 1 ? "" : "s");
  }
}
