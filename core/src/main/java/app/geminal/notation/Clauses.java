package app.geminal.notation;

import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What follows a step's word: clauses between commas, each taken once, in any order but for the
 * first ones. Package use only.
 */
final class Clauses {
  private static final Pattern COMMA = Pattern.compile(",|\\s(?=with\\s*\\()");

  private final Span all;
  private final List<Span> left = new ArrayList<>();

  Clauses(Span rest) {
    this.all = rest;
    rest.split(COMMA).stream().filter(s -> !s.isEmpty()).forEach(left::add);
  }

  /** The next clause, whatever it is. */
  Span next(Message expected) {
    if (left.isEmpty()) {
      throw all.misread(expected);
    }
    return left.removeFirst();
  }

  /** The next clause if it has that form. */
  Optional<Span> nextIf(String form) {
    return !left.isEmpty() && left.getFirst().text().matches("(?is)" + form)
        ? Optional.of(left.removeFirst())
        : Optional.empty();
  }

  /** What follows a word: {@code kerf 1.6}. */
  Optional<Span> after(String word) {
    return take("(?is)" + word + "\\b\\s*(.+)");
  }

  /** What is before a word: {@code 4 heats}. */
  Optional<Span> before(String word) {
    return take("(?is)(.+?)\\s*\\b(?:" + word + ")");
  }

  /** A word alone; never where there is no word. */
  boolean flag(String word) {
    return !word.isEmpty() && take("(?is)(" + word + ")").isPresent();
  }

  private Optional<Span> take(String form) {
    for (int i = 0; i < left.size(); i++) {
      Matcher m = Pattern.compile(form).matcher(left.get(i).text());
      if (m.matches()) {
        Span clause = left.remove(i);
        return Optional.of(clause.part(m.start(1), m.end(1)));
      }
    }
    return Optional.empty();
  }

  /** Every clause must have been read. */
  void end(Message expected) {
    if (!left.isEmpty()) {
      throw left.getFirst().misread(expected);
    }
  }
}
