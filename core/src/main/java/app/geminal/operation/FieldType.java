package app.geminal.operation;

import app.geminal.text.Worded;

/** What a field of a step holds. */
public sealed interface FieldType {
  /** A length, mm. */
  FieldType LENGTH = new Figure(Measure.LENGTH);

  /** A part of something, 0 to 1. */
  FieldType SHARE = new Figure(Measure.SHARE);

  /** An angle, degrees. */
  FieldType ANGLE = new Figure(Measure.ANGLE);

  /** A temperature, °C. */
  FieldType TEMPERATURE = new Figure(Measure.TEMPERATURE);

  /** A time, minutes. */
  FieldType TIME = new Figure(Measure.TIME);

  /** A plain number. */
  FieldType NUMBER = new Figure(Measure.NUMBER);

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

  /** A figure, in the unit of what it measures. */
  record Figure(Measure of) implements FieldType {}

  /** A whole number. */
  record Count() implements FieldType {}

  /** Yes or no. */
  record YesNo() implements FieldType {}

  /** One of a few. */
  record Choice<E extends Enum<E> & Worded>(Class<E> of) implements FieldType {}

  /** Some of a few, in order, each perhaps several times. */
  record Choices<E extends Enum<E> & Worded>(Class<E> of) implements FieldType {}

  /** Numbers of bars, counted from 1. */
  record BarNumbers() implements FieldType {}

  /** Pieces and bars of parts. */
  record LaidList() implements FieldType {}

  /** Pieces. */
  record PieceList() implements FieldType {}

  /** One piece or none. */
  record OnePiece() implements FieldType {}

  /** One of an enum's constants. */
  static <E extends Enum<E> & Worded> FieldType choice(Class<E> of) {
    return new Choice<>(of);
  }

  /** Some of an enum's constants. */
  static <E extends Enum<E> & Worded> FieldType choices(Class<E> of) {
    return new Choices<>(of);
  }
}
