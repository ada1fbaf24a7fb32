package app.geminal.billet;

import app.geminal.bar.Beside;
import app.geminal.bar.Section;
import app.geminal.layup.Laid;
import app.geminal.operation.Fold;
import app.geminal.operation.FourWay;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.RollUp;
import app.geminal.operation.Sandwich;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Says why a bar shows as many layers as it does: "why 61 and not 65". */
public final class CountWords {
  private CountWords() {}

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
          "Fire and grinding have since taken %s off the outside."
              .formatted(counted(gone, "whole layer")));
    }
    Stage now = past.getLast();
    words.addAll(lineWords(now.bars().section()));
    long shop = now.bars().shopCount();
    if (shop != now.visibleCount()) {
      words.add(
          "The count at the saw stays %,d, because it multiplies pieces and bars and lets nothing merge."
              .formatted(shop));
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
            ? "Counted across, through the middle of the height."
            : "Counted up, through the middle of the width.");
    if (section instanceof Beside beside) {
      words.add(
          "Side by side stand bars of %s layers."
              .formatted(
                  beside.members().stream()
                      .map(s -> "%,d".formatted(s.counted().visibleCount()))
                      .collect(Collectors.joining(", "))));
    }
    return words;
  }

  private static String stackWords(Stage stack) {
    long pieces = stack.bars().shopCount();
    if (stack.merged() == 0) {
      return pieces == 1
          ? "One piece is one layer."
          : "%,d pieces, and no two of one steel touch: every piece is a layer.".formatted(pieces);
    }
    return "%,d pieces, and at %s both are of one steel and become one layer: %,d − %d = %,d."
        .formatted(pieces, ofJoints(stack), pieces, stack.merged(), stack.visibleCount());
  }

  private static String joinWords(Stage before, Stage after) {
    Operation operation = after.step().map(Step::operation).orElseThrow();
    return switch (operation) {
      case Restack restack -> restackWords(restack, before, after);
      case Fold fold when fold.folds() == 1 && after.bars().section().isLevel() ->
          foldWords(before, after);
      case Fold fold ->
          sumWords(
              "Folded %s".formatted(fold.folds() == 1 ? "once" : fold.folds() + " times"), after);
      case Sandwich _ ->
          sumWords(
              "The core of %,d layers and what lies round it".formatted(before.visibleCount()),
              after);
      case LayUp layUp ->
          sumWords(
              "%s side by side"
                  .formatted(
                      counted(before.bars().count() + things(layUp.left(), layUp.right()), "bar")),
              after);
      case RollUp _ ->
          sumWords(
              "Rolled up, a line through the axis crosses the strip of %,d layers again and again"
                  .formatted(before.visibleCount()),
              after);
      case FourWay _ -> sumWords("Two tiles on each other", after);
      default -> throw new IllegalStateException("Only laying makes joints.");
    };
  }

  private static int things(List<Laid> some, List<Laid> others) {
    return some.size() + others.size();
  }

  private static String sumWords(String what, Stage after) {
    long sum = after.visibleCount() + after.merged();
    if (after.merged() == 0) {
      return "%s: %,d layers, and nothing merges.".formatted(what, sum);
    }
    return "%s: %,d layers, of which %,d merge with a like neighbour: %,d."
        .formatted(what, sum, after.merged(), after.visibleCount());
  }

  private static String restackWords(Restack restack, Stage before, Stage after) {
    int bars = before.bars().count();
    boolean across = after.bars().section().isCountedAcross();
    if (across) {
      return "%d bars on each other with their layers on edge: across, the count is that of one bar, %,d."
          .formatted(bars, after.visibleCount());
    }
    long met = after.visibleCount() + after.merged();
    long came = met + after.gone();
    long between = (bars - 1L) * restack.between().size();
    String words =
        "%d bars of %,d layers".formatted(bars, before.visibleCount())
            + (between > 0
                ? " and %,d pieces between make %,d.".formatted(between, came)
                : " make %,d.".formatted(came));
    if (after.gone() > 0) {
      words += " Grinding the joint faces takes off %s.".formatted(counted(after.gone(), "layer"));
    }
    if (after.merged() == 0) {
      return words
          + " At every joint two different steels meet, so nothing merges"
          + (after.gone() > 0 ? ": %,d − %d = %,d.".formatted(came, after.gone(), met) : ".");
    }
    return words
        + " At %s two %sfaces meet and become one layer: %,d%s − %d = %,d."
            .formatted(
                ofJoints(after),
                meetingSteel(after),
                came,
                after.gone() > 0 ? " − " + after.gone() : "",
                after.merged(),
                after.visibleCount());
  }

  private static String foldWords(Stage before, Stage after) {
    return "A fold lays the top face on itself, and two %s faces become one layer: 2 × %,d − 1 = %,d."
        .formatted(before.bars().layers().topSteel(), before.visibleCount(), after.visibleCount());
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
    return "%s of %d joints".formatted(all ? "all" : laid.merged(), laid.joints());
  }

  private static String counted(long n, String thing) {
    return "%,d %s%s".formatted(n, thing, n == 1 ? "" : "s");
  }
}
