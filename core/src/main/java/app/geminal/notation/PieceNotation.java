package app.geminal.notation;

import app.geminal.layup.Coating;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.layup.Turn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Pieces, bars of parts and groups of them: {@code 13 (1075 3.2, 15N20 1.5)}. Package use only. */
final class PieceNotation {
  private static final Pattern COMMA = Pattern.compile(",");
  private static final Pattern PLUS = Pattern.compile("\\+");
  private static final Pattern BY = Pattern.compile("[x×*]");
  private static final Pattern GROUP = Pattern.compile("(\\d*)\\s*\\((.*)\\)", Pattern.DOTALL);
  private static final Pattern ITEM =
      Pattern.compile(
          "(\\S+)\\s+(.+?)(?:\\s+fill\\s+(.+?))?(?:\\s+(galvanised|plated|painted))?",
          Pattern.DOTALL);
  private static final Pattern PART =
      Pattern.compile("(?i)@(\\S+)(?:\\s+([a-z]+?))??(?:\\s+shim\\s*(\\(.*\\)))?", Pattern.DOTALL);
  private static final int LONGEST_PATTERN = 6;

  private final Reading reading;

  PieceNotation(Reading reading) {
    this.reading = reading;
  }

  Stack stack(Span text) {
    int close = text.text().lastIndexOf(')');
    if (close < 0) {
      throw text.misread(NotationText.PLAN_STARTS_WITH_STACK.with());
    }
    List<Piece> pieces = new ArrayList<>();
    for (Span group : text.part(0, close + 1).split(PLUS)) {
      pieces.addAll(repeated(group));
    }
    Span size = text.after(close + 1);
    List<Span> sides = size.split(BY);
    if (sides.size() != 2 || size.isEmpty()) {
      throw new ShorthandError(text.from() + close, text.to(), NotationText.AFTER_PIECES.with());
    }
    double width = reading.mm(sides.get(0));
    double length = reading.mm(sides.get(1));
    return Reading.checked(size, () -> new Stack(pieces, width, length));
  }

  private List<Piece> repeated(Span text) {
    Matcher m = GROUP.matcher(text.text());
    if (!m.matches()) {
      throw text.misread(NotationText.WRITE_STACK_IN_BRACKETS.with());
    }
    List<Piece> pattern = pieces(text.part(m.start(2) - 1, m.end(2) + 1));
    int count =
        m.group(1).isEmpty() ? pattern.size() : Reading.count(text.part(m.start(1), m.end(1)));
    if (count > Stack.MOST_PIECES) {
      throw text.misread(NotationText.TOO_MANY_PIECES.with("most", Stack.MOST_PIECES));
    }
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      pieces.add(pattern.get(i % pattern.size()));
    }
    return pieces;
  }

  /** Pieces in brackets. */
  List<Piece> pieces(Span text) {
    return inside(text).stream().map(this::piece).toList();
  }

  /** Pieces and bars of parts in brackets. */
  List<Laid> laid(Span text) {
    List<Laid> laid = new ArrayList<>();
    for (Span item : inside(text)) {
      laid.add(item.text().startsWith("@") ? partBar(item) : piece(item));
    }
    return laid;
  }

  private static List<Span> inside(Span text) {
    if (!text.text().startsWith("(") || !text.text().endsWith(")")) {
      throw text.misread(NotationText.WRITE_PIECES_IN_BRACKETS.with());
    }
    return text.part(1, text.text().length() - 1).split(COMMA);
  }

  Piece piece(Span text) {
    Matcher m = ITEM.matcher(text.text());
    if (!m.matches()) {
      throw text.misread(NotationText.WRITE_STEEL_AND_THICKNESS.with());
    }
    List<Span> sizes = text.part(m.start(2), m.end(2)).split(BY);
    if (sizes.size() > 3) {
      throw text.misread(NotationText.PIECE_SIZES.with());
    }
    double thickness = reading.mm(sizes.getFirst());
    double width = sizes.size() > 1 ? reading.mm(sizes.get(1)) : 0;
    double length = sizes.size() > 2 ? reading.mm(sizes.get(2)) : 0;
    double fill = m.group(3) == null ? 1 : Reading.percent(text.part(m.start(3), m.end(3)));
    Coating coating =
        m.group(4) == null
            ? Coating.NONE
            : Reading.word(text.part(m.start(4), m.end(4)), Coating.values(), Coating::word);
    return Reading.checked(
        text, () -> new Piece(m.group(1), thickness, width, length, fill, coating));
  }

  private PartBar partBar(Span text) {
    Matcher m = PART.matcher(text.text());
    if (!m.matches()) {
      throw text.misread(NotationText.WRITE_BAR_OF_PART.with());
    }
    Turn turn =
        m.group(2) == null
            ? Turn.SAME
            : Reading.word(text.part(m.start(2), m.end(2)), Turn.values(), Turn::word);
    List<Piece> shims = m.group(3) == null ? List.of() : pieces(text.part(m.start(3), m.end(3)));
    return Reading.checked(text, () -> new PartBar(m.group(1), turn, shims));
  }

  /** Which way bars are laid: a word for the common ways, else a list in brackets. */
  List<Turn> turns(Span text) {
    for (Usual usual : Usual.values()) {
      if (usual.word.equalsIgnoreCase(text.text())) {
        return usual.turns;
      }
    }
    if (!text.text().startsWith("(") || !text.text().endsWith(")")) {
      throw text.misread(NotationText.WRITE_ORIENTATION.with());
    }
    return inside(text).stream()
        .map(s -> Reading.word(s, Turn.values(), Turn::word))
        .collect(Collectors.toList());
  }

  static String write(List<Turn> turns) {
    for (Usual usual : Usual.values()) {
      if (usual.turns.equals(turns)) {
        return usual.word;
      }
    }
    return turns.stream().map(Turn::word).collect(Collectors.joining(", ", "(", ")"));
  }

  @SuppressWarnings("ImmutableEnumChecker")
  private enum Usual {
    SAME("same", List.of(Turn.SAME)),
    TURNED("turned", List.of(Turn.SAME, Turn.OVER)),
    END("end", List.of(Turn.END)),
    QUARTER("quarter", List.of(Turn.QUARTER));

    private final String word;
    private final List<Turn> turns;

    Usual(String word, List<Turn> turns) {
      this.word = word;
      this.turns = turns;
    }
  }

  /** Groups that follow a short pattern are written as a number and the pattern. */
  String write(Stack stack) {
    List<String> groups = new ArrayList<>();
    List<Piece> rest = stack.pieces();
    List<Piece> single = new ArrayList<>();
    while (!rest.isEmpty()) {
      Repeated pattern = Repeated.at(rest);
      if (!pattern.isWorthSaying(stack.pieces().size())) {
        single.add(rest.getFirst());
        rest = rest.subList(1, rest.size());
        continue;
      }
      flush(single, groups);
      groups.add(pattern.covers() + " " + group(rest.subList(0, pattern.length())));
      rest = rest.subList(pattern.covers(), rest.size());
    }
    flush(single, groups);
    return String.join(" + ", groups)
        + " "
        + reading.mm(stack.widthMm())
        + " x "
        + reading.mm(stack.lengthMm());
  }

  private void flush(List<Piece> single, List<String> groups) {
    if (!single.isEmpty()) {
      groups.add(group(single));
      single.clear();
    }
  }

  /** In brackets. */
  String group(List<? extends Laid> laid) {
    return laid.stream().map(this::item).collect(Collectors.joining(", ", "(", ")"));
  }

  private String item(Laid laid) {
    return switch (laid) {
      case Piece piece -> write(piece);
      case PartBar bar ->
          "@"
              + bar.part()
              + (bar.turn() == Turn.SAME ? "" : " " + bar.turn().word())
              + (bar.shims().isEmpty() ? "" : " shim " + group(bar.shims()));
    };
  }

  String write(Piece piece) {
    Optional<String> length =
        piece.lengthMm() == 0 ? Optional.empty() : Optional.of(reading.mm(piece.lengthMm()));
    boolean sized = piece.widthMm() != 0 || length.isPresent();
    return piece.steel()
        + " "
        + reading.mm(piece.thicknessMm())
        + (sized ? " x " + reading.mm(piece.widthMm()) : "")
        + length.map(l -> " x " + l).orElse("")
        + (piece.fill() == 1 ? "" : " fill " + Reading.percent(piece.fill()))
        + (piece.coating() == Coating.NONE ? "" : " " + piece.coating().word());
  }

  /** The pattern that carries on furthest from the start of a list of pieces. */
  private record Repeated(int length, int covers) {
    /** When it is repeated in full, or carries on through the whole stack. */
    boolean isWorthSaying(int stack) {
      return covers >= 3 && (covers >= 2 * length || covers == stack);
    }

    static Repeated at(List<Piece> pieces) {
      Repeated best = new Repeated(1, 1);
      for (int length = 1; length <= Math.min(LONGEST_PATTERN, pieces.size()); length++) {
        int covers = length;
        while (covers < pieces.size() && pieces.get(covers).equals(pieces.get(covers % length))) {
          covers++;
        }
        if (covers > best.covers() && covers > length) {
          best = new Repeated(length, covers);
        }
      }
      return best;
    }
  }
}
