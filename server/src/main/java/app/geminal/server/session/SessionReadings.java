package app.geminal.server.session;

import app.geminal.server.instrument.Channel;
import app.geminal.server.session.SessionView.Point;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;

/** What the instruments and the smith said of chamber and press in a session. Not for threads. */
final class SessionReadings {
  private static final int MOST_POINTS = 600;

  private final double shiftC;
  private final double untilHeardC;
  private final Map<Channel, Trace> traces = new EnumMap<>(Channel.class);
  private List<SessionLog.Typed> typed = List.of();

  /**
   * None yet.
   *
   * @param shiftC added to what the gauge of the forge says, K
   * @param untilHeardC what the chamber is taken for until something is said of it, °C
   */
  SessionReadings(double shiftC, double untilHeardC) {
    this.shiftC = shiftC;
    this.untilHeardC = untilHeardC;
    for (Channel channel : Channel.values()) {
      traces.put(channel, new Trace());
    }
  }

  /** Keeps a reading; false where that second has one. */
  boolean put(ReadingRow row) {
    return trace(row.channel()).put(row.second(), row.figure(), row.state());
  }

  /** From now on these heats of the chamber were typed. */
  void setTyped(List<SessionLog.Typed> newTyped) {
    typed = newTyped;
  }

  /** The second of the last reading, 0 without any. */
  int length() {
    return traces.values().stream().mapToInt(Trace::length).max().orElse(0);
  }

  /** What the chamber is calculated at: the last believed reading or the last typed one. */
  double chamberC(int at) {
    Trace trace = trace(Channel.FORGE);
    int heardAt = trace.lastBelieved(at);
    double chamber = heardAt >= 0 ? trace.believed(heardAt).orElseThrow() + shiftC : untilHeardC;
    for (SessionLog.Typed t : typed) {
      if (t.atS() <= at && t.atS() >= heardAt) {
        chamber = t.celsius() + shiftC;
        heardAt = (int) t.atS();
      }
    }
    return chamber;
  }

  double pressMpa(int at) {
    return trace(Channel.PRESS).believed(at).orElse(0);
  }

  /** Believed readings, fine enough to be drawn. */
  List<Point> points(Channel channel) {
    Trace trace = trace(channel);
    int every = Math.max(1, trace.length() / MOST_POINTS);
    return IntStream.range(0, trace.length())
        .filter(s -> s % every == 0 && trace.believed(s).isPresent())
        .mapToObj(s -> new Point(s, trace.believed(s).getAsDouble()))
        .toList();
  }

  private Trace trace(Channel channel) {
    return Objects.requireNonNull(traces.get(channel));
  }
}
