package app.geminal.operation;

import app.geminal.text.Worded;

/** What a field of a step holds. */
public sealed interface FieldType {
  /** A figure, in the unit of what it measures, within bounds. */
  record Figure(Measure of, Bounds within) implements FieldType {}

  /** A whole number within bounds, both included. */
  record Count(int least, int most) implements FieldType {}

  /** Yes or no. */
  record YesNo() implements FieldType {}

  /** One of a few. */
  record Choice<E extends Enum<E> & Worded>(Class<E> of) implements FieldType {}

  /** Some of a few, in order, each perhaps several times: at least one. */
  record Choices<E extends Enum<E> & Worded>(Class<E> of, int most) implements FieldType {}

  /** Numbers of bars, counted from 1, all different; how many of them. */
  record BarNumbers(int least, int most) implements FieldType {
    /** The highest number a bar can have. */
    public static final int MOST_BARS = 10_000;
  }

  /** Pieces and bars of parts, no more than so many. */
  record LaidList(int most) implements FieldType {}

  /** Pieces, no more than so many. */
  record PieceList(int most) implements FieldType {}

  /** One piece or none. */
  record OnePiece() implements FieldType {}

  /**
   * What a figure may be.
   *
   * @param isLeastIn whether the least is one it may be
   * @param most it may be, included
   */
  record Bounds(double least, boolean isLeastIn, double most) {}

  /** A length above 0, no more than so many mm. */
  static FieldType lengthAboveZero(double mostMm) {
    return new Figure(Measure.LENGTH, new Bounds(0, false, mostMm));
  }

  /** A length from 0 to so many mm. */
  static FieldType length(double mostMm) {
    return new Figure(Measure.LENGTH, new Bounds(0, true, mostMm));
  }

  /** A part of something, from 0 to so much of it; 1 is all. */
  static FieldType share(double most) {
    return new Figure(Measure.SHARE, new Bounds(0, true, most));
  }

  /** An angle, degrees. */
  static FieldType angle(double least, double most) {
    return new Figure(Measure.ANGLE, new Bounds(least, true, most));
  }

  /** A temperature, °C. */
  static FieldType temperature(double least, double most) {
    return new Figure(Measure.TEMPERATURE, new Bounds(least, true, most));
  }

  /** A time from 0 to so many minutes. */
  static FieldType minutes(double most) {
    return new Figure(Measure.TIME, new Bounds(0, true, most));
  }

  /** A plain number. */
  static FieldType number(double least, double most) {
    return new Figure(Measure.NUMBER, new Bounds(least, true, most));
  }

  /** A whole number. */
  static FieldType count(int least, int most) {
    return new Count(least, most);
  }

  /** How many heats a step takes, 1 to 60. */
  static FieldType heats() {
    return count(1, 60);
  }

  /** Yes or no. */
  static FieldType yesNo() {
    return new YesNo();
  }

  /** One of an enum's constants. */
  static <E extends Enum<E> & Worded> FieldType choice(Class<E> of) {
    return new Choice<>(of);
  }

  /** At least one of an enum's constants, no more than so many. */
  static <E extends Enum<E> & Worded> FieldType choices(Class<E> of, int most) {
    return new Choices<>(of, most);
  }

  /** Numbers of bars, counted from 1, all different. */
  static FieldType bars(int least, int most) {
    return new BarNumbers(least, most);
  }

  /** Pieces and bars of parts, no more than so many. */
  static FieldType laid(int most) {
    return new LaidList(most);
  }

  /** Pieces, no more than so many. */
  static FieldType pieces(int most) {
    return new PieceList(most);
  }

  /** One piece or none. */
  static FieldType piece() {
    return new OnePiece();
  }
}
