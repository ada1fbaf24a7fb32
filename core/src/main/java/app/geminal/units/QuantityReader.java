package app.geminal.units;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Reads one typed quantity exactly; rounds once, at the end. Used once. */
final class QuantityReader {
  private static final Map<String, String> FRACTIONS =
      Map.ofEntries(
          Map.entry("½", "1/2"),
          Map.entry("¼", "1/4"),
          Map.entry("¾", "3/4"),
          Map.entry("⅛", "1/8"),
          Map.entry("⅜", "3/8"),
          Map.entry("⅝", "5/8"),
          Map.entry("⅞", "7/8"),
          Map.entry("⅓", "1/3"),
          Map.entry("⅔", "2/3"));

  private static final Pattern NUMBER =
      Pattern.compile(
          "(?:(?<whole>\\d+)(?: +| ?- ?))?(?<top>\\d+) ?/ ?(?<bottom>\\d+)"
              + "|(?<grouped>\\d{1,3}(?:,\\d{3})+(?:\\.\\d+)?)(?![\\d,])"
              + "|(?<decimal>\\d+\\.?\\d*|\\.\\d+)");
  private static final int MOST_DIGITS = 20;

  private final QuantityKind kind;
  private final String typed;
  private final String text;
  private final UnitSystem whenNoUnit;
  private int at;

  QuantityReader(QuantityKind kind, String typed, UnitSystem whenNoUnit) {
    this.kind = kind;
    this.typed = typed.strip();
    this.text = tidied(this.typed);
    this.whenNoUnit = whenNoUnit;
  }

  private static String tidied(String typed) {
    String plain =
        typed
            .toLowerCase(Locale.ROOT)
            .replace('\u00a0', ' ')
            .replace('\u202f', ' ')
            .replace('⁄', '/')
            .replace('−', '-')
            .replace('–', '-')
            .replace('μ', 'µ')
            .replace("''", "\"")
            .replaceAll("[”″]", "\"")
            .replaceAll("[’′]", "'");
    for (Map.Entry<String, String> one : FRACTIONS.entrySet()) {
      plain = plain.replace(one.getKey(), " " + one.getValue());
    }
    return plain.strip().replaceAll(" +", " ");
  }

  double read() {
    if (text.replaceAll("\\D", "").length() > MOST_DIGITS) {
      throw unreadable();
    }
    boolean negative = take('-');
    if (!negative) {
      take('+');
    }
    skip();
    Ratio sum = null;
    Unit last = null;
    while (at < text.length() || sum == null) {
      Figure figure = figure();
      Unit unit = unit(figure, last);
      if (last != null && !unit.symbol().equals(last.part())) {
        throw unreadable();
      }
      // The sign belongs to the figure, before an offset: −40 °F is −40 °C.
      Ratio part = unit.stored(negative ? figure.value().times(Ratio.of(-1, 1)) : figure.value());
      sum = sum == null ? part : sum.plus(part);
      last = unit;
      skip();
    }
    return sum.toDouble() + 0.0;
  }

  private record Figure(Ratio value, boolean fraction) {}

  private Figure figure() {
    Matcher m = NUMBER.matcher(text).region(at, text.length());
    if (!m.lookingAt()) {
      throw unreadable();
    }
    at = m.end();
    if (m.group("decimal") != null) {
      return new Figure(Ratio.ofDecimal(m.group("decimal")), false);
    }
    if (m.group("grouped") != null) {
      return new Figure(Ratio.ofDecimal(m.group("grouped").replace(",", "")), false);
    }
    long bottom = Long.parseLong(m.group("bottom"));
    if (bottom == 0) {
      throw new Unreadable(typed, Unreadable.Why.NOTHING_BELOW_THE_LINE, kind);
    }
    Ratio value = Ratio.of(Long.parseLong(m.group("top")), bottom);
    return new Figure(
        m.group("whole") == null
            ? value
            : value.plus(Ratio.of(Long.parseLong(m.group("whole")), 1)),
        true);
  }

  private Unit unit(Figure figure, @Nullable Unit before) {
    int from = at;
    skip();
    if (at < text.length() && text.charAt(at) == '-') {
      at++;
    }
    Optional<Unit> written = writtenUnit();
    if (written.isPresent()) {
      return written.get();
    }
    at = from;
    if (before != null) {
      return named(before.part());
    }
    // No one divides millimetres into halves: a bare fraction is of an inch.
    boolean inch = kind == QuantityKind.LENGTH && figure.fraction();
    return Unit.usual(kind, inch ? UnitSystem.INCH : whenNoUnit);
  }

  private Optional<Unit> writtenUnit() {
    record Named(String name, Unit unit) {}
    List<Named> all =
        kind.units().stream()
            .flatMap(u -> u.names().stream().map(n -> new Named(n, u)))
            .sorted(Comparator.comparingInt((Named n) -> n.name().length()).reversed())
            .collect(Collectors.toList());
    for (Named one : all) {
      if (text.startsWith(one.name(), at) && endsAt(at + one.name().length(), one.name())) {
        at += one.name().length();
        return Optional.of(one.unit());
      }
    }
    return Optional.empty();
  }

  /** A name ends where no letter continues: {@code m} is not the beginning of {@code mm}. */
  private boolean endsAt(int end, String name) {
    boolean word = Character.isLetter(name.charAt(name.length() - 1));
    return end >= text.length() || !word || !Character.isLetter(text.charAt(end));
  }

  private Unit named(@Nullable String symbol) {
    return kind.units().stream()
        .filter(u -> u.symbol().equals(symbol))
        .findFirst()
        .orElseThrow(this::unreadable);
  }

  private boolean take(char sign) {
    if (at < text.length() && text.charAt(at) == sign) {
      at++;
      return true;
    }
    return false;
  }

  private void skip() {
    while (at < text.length() && text.charAt(at) == ' ') {
      at++;
    }
  }

  private Unreadable unreadable() {
    return new Unreadable(typed, Unreadable.Why.NOT_A_FIGURE, kind);
  }
}
