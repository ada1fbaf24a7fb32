package app.geminal.server.instrument;

import app.geminal.instrument.SensorState;

/**
 * What an instrument says now.
 *
 * @param value last figure heard, °C or MPa; no number where none was
 * @param state how far it can be believed
 * @param fresh whether it was heard since the last time it was asked about
 */
public record InstrumentState(double value, SensorState state, boolean fresh) {
  /** No instrument of that kind. */
  public static final InstrumentState NOTHING =
      new InstrumentState(Double.NaN, SensorState.WAITING, false);

  /** Whether a figure can be taken from it. */
  public boolean isGood() {
    return state == SensorState.GOOD && !Double.isNaN(value);
  }
}
