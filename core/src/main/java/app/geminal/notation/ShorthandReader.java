package app.geminal.notation;

import app.geminal.billet.Plan;
import app.geminal.check.BadValue;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Lay;
import app.geminal.operation.Operation;
import app.geminal.operation.Practice;
import app.geminal.operation.Restack;
import app.geminal.operation.Trim;
import app.geminal.units.Lengths;
import app.geminal.units.UnitSystem;
import app.geminal.units.Unreadable;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Package use only; see {@link Shorthand}. */
final class ShorthandReader {
  private static final int LONGEST_LINE = 20_000;
  private static final Pattern STEP = Pattern.compile("[>›→;\\n]");
  private static final Pattern COMMA = Pattern.compile(",");
  private static final Pattern PLUS = Pattern.compile("\\+");
  private static final Pattern BY = Pattern.compile("[x×*]");
  private static final Pattern GROUP = Pattern.compile("(\\d*)\\s*\\((.*)\\)", Pattern.DOTALL);
  private static final Pattern ITEM = Pattern.compile("(\\S+)\\s+(.+)", Pattern.DOTALL);
  private static final Pattern WORD = Pattern.compile("(\\p{L}+)(.*)", Pattern.DOTALL);
  private static final String KINDS = "Steps are set, draw, trim, grind, cut, restack and fold.";

  private final UnitSystem units;
  private final Practice practice;

  ShorthandReader(UnitSystem units, Practice practice) {
    this.units = units;
    this.practice = practice;
  }

  Plan plan(String line) {
    Span whole = new Span(line, 0);
    if (line.length() > LONGEST_LINE) {
      throw whole.misread("The line is longer than %,d characters.".formatted(LONGEST_LINE));
    }
    List<Span> parts = whole.split(STEP);
    Stack stack = stack(parts.getFirst());
    List<Operation> operations = new ArrayList<>();
    for (Span part : parts.subList(1, parts.size())) {
      operations.add(operation(part));
    }
    return checked(whole, () -> Plan.of(stack, operations));
  }

  Operation operation(String words) {
    return operation(new Span(words, 0).stripped());
  }

  private Stack stack(Span text) {
    int close = text.text().lastIndexOf(')');
    if (close < 0) {
      throw text.misread(
          "A plan begins with its stack: 13 (1075 3.2, 15N20 1.5) 38 x 150, width by length.");
    }
    List<Piece> pieces = new ArrayList<>();
    for (Span group : text.part(0, close + 1).split(PLUS)) {
      pieces.addAll(group(group));
    }
    Span size = text.after(close + 1);
    List<Span> sides = size.split(BY);
    if (sides.size() != 2 || size.isEmpty()) {
      throw new Misread(
          text.from() + close, text.to(), "After the pieces stands width x length, 38 x 150.");
    }
    double width = mm(sides.get(0));
    double length = mm(sides.get(1));
    return checked(size, () -> new Stack(pieces, width, length));
  }

  private List<Piece> group(Span text) {
    Matcher m = GROUP.matcher(text.text());
    if (!m.matches()) {
      throw text.misread("Pieces stand in brackets: 13 (1075 3.2, 15N20 1.5).");
    }
    List<Piece> pattern = new ArrayList<>();
    for (Span item : text.part(m.start(2), m.end(2)).split(COMMA)) {
      pattern.add(piece(item));
    }
    int count = m.group(1).isEmpty() ? pattern.size() : count(text.part(m.start(1), m.end(1)));
    if (count > Stack.MOST_PIECES) {
      throw text.misread("A stack has at most %d pieces.".formatted(Stack.MOST_PIECES));
    }
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      pieces.add(pattern.get(i % pattern.size()));
    }
    return pieces;
  }

  private Piece piece(Span text) {
    Matcher m = ITEM.matcher(text.text());
    if (!m.matches()) {
      throw text.misread("A piece is a steel and its thickness: 1075 3.2.");
    }
    double thickness = mm(text.part(m.start(2), m.end(2)));
    return checked(text, () -> new Piece(m.group(1), thickness));
  }

  private Operation operation(Span text) {
    Matcher m = WORD.matcher(text.text());
    if (!m.matches()) {
      throw text.misread("A step is missing here. " + KINDS);
    }
    Span rest = text.after(m.start(2));
    return checked(
        text,
        () ->
            switch (m.group(1).toLowerCase(Locale.ROOT)) {
              case "set", "weld" -> new SetWords(units, practice).read(rest);
              case "draw" -> draw(text, rest);
              case "trim" -> trim(rest);
              case "grind" -> grind(rest);
              case "cut" -> cut(rest);
              case "restack" -> restack(rest);
              case "fold" -> fold(rest);
              default -> throw text.misread("“%s” is no step. %s".formatted(m.group(1), KINDS));
            });
  }

  private Draw draw(Span text, Span rest) {
    List<Span> parts = rest.split(COMMA);
    List<Span> sides = parts.getFirst().split(BY);
    if (sides.size() != 2) {
      throw text.misread("Say to what section: draw 38 x 10, width by height.");
    }
    int heats = 1;
    if (parts.size() > 1) {
      heats = count(without(parts.get(1), "heats?"));
    }
    return new Draw(mm(sides.get(0)), mm(sides.get(1)), heats);
  }

  private Trim trim(Span rest) {
    if (rest.isEmpty()) {
      return new Trim(practice.endTrimMm(), practice.endTrimMm(), 0);
    }
    List<Span> parts = rest.split(COMMA);
    double front = mm(parts.getFirst());
    double back = parts.size() > 1 ? mm(parts.get(1)) : front;
    return new Trim(front, back, parts.size() > 2 ? mm(without(parts.get(2), "sides")) : 0);
  }

  private Grind grind(Span rest) {
    if (rest.isEmpty()) {
      return new Grind(practice.faceGrindMm(), practice.faceGrindMm());
    }
    List<Span> parts = rest.split(COMMA);
    double bottom = mm(parts.getFirst());
    return new Grind(bottom, parts.size() > 1 ? mm(parts.get(1)) : bottom);
  }

  private Cut cut(Span rest) {
    List<Span> parts = rest.split(COMMA);
    return new Cut(
        count(parts.getFirst()),
        parts.size() > 1 ? mm(without(parts.get(1), "kerf")) : practice.kerfMm());
  }

  private Restack restack(Span rest) {
    Matcher m =
        Pattern.compile("(?i)(same|turned)?\\s*(?:with\\s+(\\(.*\\)))?", Pattern.DOTALL)
            .matcher(rest.text());
    if (!m.matches()) {
      throw rest.misread("After restack stands same or turned, and perhaps with (15N20 1.5).");
    }
    Lay lay = "turned".equalsIgnoreCase(m.group(1)) ? Lay.TURNED : Lay.SAME;
    return new Restack(
        lay, m.group(2) == null ? List.of() : group(rest.part(m.start(2), m.end(2))));
  }

  private Fold fold(Span rest) {
    Span end = rest.text().startsWith(",") ? rest.after(1) : rest;
    return new Fold(end.isEmpty() ? 0 : mm(without(end, "end")));
  }

  private double mm(Span text) {
    try {
      return Lengths.parseMm(text.text(), units);
    } catch (Unreadable unreadable) {
      throw text.misread(String.valueOf(unreadable.getMessage()));
    }
  }

  private static int count(Span text) {
    if (!text.text().matches("\\d{1,6}")) {
      throw text.misread("A whole number belongs here.");
    }
    return Integer.parseInt(text.text());
  }

  /** The text without a word before or after it. */
  private static Span without(Span text, String word) {
    Matcher m =
        Pattern.compile("(?i)(?:" + word + "\\s*)?(.*?)(?:\\s*" + word + ")?").matcher(text.text());
    return m.matches() ? text.part(m.start(1), m.end(1)) : text;
  }

  /** A value that breaks its rule is shown at the words that made it. */
  private static <T> T checked(Span where, Supplier<T> make) {
    try {
      return make.get();
    } catch (BadValue bad) {
      throw where.misread(bad.words());
    }
  }
}
