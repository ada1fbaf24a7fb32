package app.geminal.server.session;

import app.geminal.instrument.SensorState;
import java.util.Arrays;
import java.util.BitSet;
import java.util.OptionalDouble;

/** Readings of one channel, one a second, from the session's first second on. Not for threads. */
final class Trace {
  private static final int FIRST_ROOM = 1024;

  private final BitSet there = new BitSet();
  private final BitSet good = new BitSet();
  private double[] figures = new double[FIRST_ROOM];

  /** A figure of that second; a second that is there already stays as it is. */
  boolean put(int second, double figure, SensorState state) {
    if (there.get(second)) {
      return false;
    }
    if (second >= figures.length) {
      figures = Arrays.copyOf(figures, Math.max(second + 1, figures.length * 2));
    }
    figures[second] = figure;
    there.set(second);
    good.set(second, state == SensorState.GOOD);
    return true;
  }

  /** What was believed at that second, if anything was. */
  OptionalDouble believed(int second) {
    return good.get(second) ? OptionalDouble.of(figures[second]) : OptionalDouble.empty();
  }

  /** What was believed last, at that second or before; its second, or −1. */
  int lastBelieved(int second) {
    return good.previousSetBit(second);
  }

  /** One more than the last second there is. */
  int length() {
    return there.length();
  }
}
