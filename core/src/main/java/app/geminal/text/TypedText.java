package app.geminal.text;

import app.geminal.units.QuantityKind;
import app.geminal.units.Unreadable;

/** What is said of a figure that was typed and cannot be read, with what may be typed instead. */
public enum TypedText implements MessageKey {
  NOT_A_FIGURE,
  NOTHING_BELOW_THE_LINE,
  LENGTH,
  TEMPERATURE,
  TEMPERATURE_CHANGE,
  MASS,
  FORCE,
  PRESSURE,
  VOLUME,
  POWER,
  MASS_FLOW,
  SPEED,
  TIME,
  DENSITY,
  EXPANSION,
  PRICE_PER_LENGTH,
  PRICE_PER_MASS,
  SHARE,
  ANGLE,
  HARDNESS;

  @Override
  public String section() {
    return "typed";
  }

  /** Why it cannot be read. */
  public static Message of(Unreadable bad) {
    return switch (bad.why()) {
      case NOT_A_FIGURE ->
          NOT_A_FIGURE.with("typed", bad.typed(), "example", example(bad.kind()).with());
      case NOTHING_BELOW_THE_LINE -> NOTHING_BELOW_THE_LINE.with("typed", bad.typed());
    };
  }

  private static TypedText example(QuantityKind kind) {
    return switch (kind) {
      case LENGTH -> LENGTH;
      case TEMPERATURE -> TEMPERATURE;
      case TEMPERATURE_CHANGE -> TEMPERATURE_CHANGE;
      case MASS -> MASS;
      case FORCE -> FORCE;
      case PRESSURE -> PRESSURE;
      case VOLUME -> VOLUME;
      case POWER -> POWER;
      case MASS_FLOW -> MASS_FLOW;
      case SPEED -> SPEED;
      case TIME -> TIME;
      case DENSITY -> DENSITY;
      case EXPANSION -> EXPANSION;
      case PRICE_PER_LENGTH -> PRICE_PER_LENGTH;
      case PRICE_PER_MASS -> PRICE_PER_MASS;
      case SHARE -> SHARE;
      case ANGLE -> ANGLE;
      case HARDNESS -> HARDNESS;
    };
  }
}
