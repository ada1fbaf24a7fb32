package app.geminal.operation;

/** What a field of a step holds. */
public sealed interface FieldType {
  /** A figure, in the unit of its name. */
  FieldType FIGURE = new Figure();

  /** A whole number. */
  FieldType COUNT = new Count();

  /** Yes or no. */
  FieldType YES_NO = new YesNo();

  /** Numbers of bars, counted from 1. */
  FieldType BARS = new BarNumbers();

  /** Pieces and bars of parts. */
  FieldType LAID = new LaidList();

  /** Pieces. */
  FieldType PIECES = new PieceList();

  /** One piece or none. */
  FieldType PIECE = new OnePiece();

  /** A figure, in the unit of its name. */
  record Figure() implements FieldType {}

  /** A whole number. */
  record Count() implements FieldType {}

  /** Yes or no. */
  record YesNo() implements FieldType {}

  /** One of a few. */
  record Choice<E extends Enum<E>>(Class<E> of) implements FieldType {}

  /** Some of a few, in order, each perhaps several times. */
  record Choices<E extends Enum<E>>(Class<E> of) implements FieldType {}

  /** Numbers of bars, counted from 1. */
  record BarNumbers() implements FieldType {}

  /** Pieces and bars of parts. */
  record LaidList() implements FieldType {}

  /** Pieces. */
  record PieceList() implements FieldType {}

  /** One piece or none. */
  record OnePiece() implements FieldType {}

  /** One of an enum's constants. */
  static <E extends Enum<E>> FieldType choice(Class<E> of) {
    return new Choice<>(of);
  }

  /** Some of an enum's constants. */
  static <E extends Enum<E>> FieldType choices(Class<E> of) {
    return new Choices<>(of);
  }
}
