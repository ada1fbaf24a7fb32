package app.geminal.notation;

import app.geminal.layup.Laid;
import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import app.geminal.operation.FieldType;
import app.geminal.operation.Measure;
import app.geminal.text.Worded;
import app.geminal.units.Temperatures;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What fields of steps hold, read and written. Package use only. */
final class FieldWords {
  /** A clause that is a figure, perhaps with its unit. */
  private static final String FIGURE = "[\\d.].*";

  /** A clause that says which way bars are laid. */
  private static final String TURNS =
      "same|turned|end|quarter|\\(\\s*(same|over|end|quarter)\\b.*\\)|[a-z]+";

  private static final Pattern SPACES = Pattern.compile("\\s+");

  private final Reading reading;
  private final PieceNotation pieces;

  FieldWords(Reading reading, PieceNotation pieces) {
    this.reading = reading;
    this.pieces = pieces;
  }

  /** What a clause looks like that is such a value alone. */
  static String form(FieldType type) {
    return type instanceof FieldType.Choices<?> ? TURNS : FIGURE;
  }

  Object read(FieldType type, Span text) {
    return switch (type) {
      case FieldType.Figure figure -> figure(figure.of(), text);
      case FieldType.Count _ -> Reading.count(text);
      case FieldType.Choice<?> choice -> Reading.word(text, words(choice), Worded::word);
      case FieldType.Choices<?> _ -> pieces.turns(text);
      case FieldType.BarNumbers _ -> text.split(SPACES).stream().map(Reading::count).toList();
      case FieldType.LaidList _ -> pieces.laid(text);
      case FieldType.PieceList _ -> pieces.pieces(text);
      case FieldType.OnePiece _ -> pieces.pieces(text).getFirst();
      case FieldType.YesNo _ -> throw new IllegalArgumentException("Yes or no is a word alone.");
    };
  }

  private double figure(Measure of, Span text) {
    return switch (of) {
      case LENGTH -> reading.mm(text);
      case SHARE -> Reading.percent(text);
      case TEMPERATURE -> Temperatures.parseC(text.text(), reading.units());
      case ANGLE -> Reading.number(text.without("\\s*°"));
      case TIME -> Reading.number(text.without("\\s*min"));
      case NUMBER -> Reading.number(text);
    };
  }

  String write(FieldType type, Object value) {
    return switch (type) {
      case FieldType.Figure figure -> write(figure.of(), (double) value);
      case FieldType.Count _ -> value.toString();
      case FieldType.Choice<?> _ -> ((Worded) value).word();
      case FieldType.Choices<?> _ -> PieceNotation.write(list(value, Turn.class));
      case FieldType.BarNumbers _ ->
          list(value, Integer.class).stream().map(String::valueOf).collect(Collectors.joining(" "));
      case FieldType.LaidList _ -> pieces.group(list(value, Laid.class));
      case FieldType.PieceList _ -> pieces.group(list(value, Piece.class));
      case FieldType.OnePiece _ -> pieces.group(List.of((Piece) value));
      case FieldType.YesNo _ -> throw new IllegalArgumentException("Yes or no is a word alone.");
    };
  }

  private String write(Measure of, double figure) {
    return switch (of) {
      case LENGTH -> reading.mm(figure);
      case SHARE -> Reading.percent(figure);
      case TEMPERATURE -> reading.temperature(figure);
      case TIME -> Reading.plain(figure) + "min";
      case ANGLE, NUMBER -> Reading.plain(figure);
    };
  }

  private static <T> List<T> list(Object value, Class<T> of) {
    return ((List<?>) value).stream().map(of::cast).toList();
  }

  /** The words of a choice, in order. */
  static Worded[] words(FieldType.Choice<?> choice) {
    return choice.of().getEnumConstants();
  }
}
