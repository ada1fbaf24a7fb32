package app.geminal.notation;

import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.billet.WantedPieces;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Keeps exact figures through a line that shows them rounded: what has the same words as before is
 * what it was before. Package use only.
 */
final class ShownPlan {
  private final PlanNotation notation;

  /** With the notation that wrote the line. */
  ShownPlan(PlanNotation notation) {
    this.notation = notation;
  }

  /** The plan that was read, exact where its words are those of the plan that was shown. */
  Plan keepExact(Plan read, Plan shown) {
    Known<Step> steps = new Known<>(shown.steps(), notation::write, this::readAgain);
    Known<WantedPieces> wanted = new Known<>(shown.wanted(), notation::write, notation::write);
    return new Plan(
        stack(read.stack(), shown.stack()),
        read.steps().stream().map(s -> steps.exact(s).withKey(s.key())).toList(),
        read.parts().stream().map(p -> part(p, shown.part(p.name()))).toList(),
        read.wanted().stream().map(wanted::exact).toList());
  }

  /** A step's words after they were read: a kerf shown like the usual one is the usual one then. */
  private String readAgain(Step shown) {
    String words = notation.write(shown);
    try {
      return notation.write(notation.step(shown.key(), new Span(words, 0)));
    } catch (ShorthandError unreadable) {
      return words;
    }
  }

  private Part part(Part read, Optional<Part> shown) {
    return shown.map(s -> read.withPlan(keepExact(read.plan(), s.plan()))).orElse(read);
  }

  private Stack stack(Stack read, Stack shown) {
    Known<Piece> pieces = new Known<>(shown.pieces(), notation::write, notation::write);
    return new Stack(
        read.pieces().stream().map(pieces::exact).toList(),
        exact(read.widthMm(), shown.widthMm()),
        exact(read.lengthMm(), shown.lengthMm()));
  }

  private double exact(double readMm, double shownMm) {
    return notation.write(readMm).equals(notation.write(shownMm)) ? shownMm : readMm;
  }

  /** What was shown, by its words; several of the same words are taken in their order. */
  private static final class Known<T> {
    private final Function<T, String> words;
    private final Map<String, Deque<T>> byWords;

    Known(List<T> shown, Function<T, String> words, Function<T, String> shownWords) {
      this.words = words;
      byWords =
          shown.stream()
              .collect(Collectors.groupingBy(shownWords, Collectors.toCollection(ArrayDeque::new)));
    }

    T exact(T read) {
      Deque<T> known = byWords.get(words.apply(read));
      return known == null ? read : known.size() == 1 ? known.getFirst() : known.removeFirst();
    }
  }
}
