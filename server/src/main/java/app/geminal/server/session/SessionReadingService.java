package app.geminal.server.session;

import app.geminal.instrument.Downsampling;
import app.geminal.instrument.SensorMonitor;
import app.geminal.instrument.SensorState;
import app.geminal.server.instrument.Channel;
import app.geminal.server.instrument.LoggerFile;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.units.Quantity;
import app.geminal.validation.InvalidValue;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Readings of a session: as they are kept, from a logger's file, and fewer of them a day later. */
@Service
class SessionReadingService {
  /** Readings of a session that ended this long ago are thinned. */
  private static final Duration WHOLE_FOR = Duration.ofHours(24);

  private static final double FORGE_TOLERANCE_C = 2;
  private static final double PRESS_TOLERANCE_MPA = 0.2;

  /** A logger's last reading may come so long after the session, s. */
  private static final double AFTERWARDS_S = 600;

  private final SessionReadingRepository readings;
  private final LiveSessions live;
  private final Clock clock;

  SessionReadingService(SessionReadingRepository readings, LiveSessions live, Clock clock) {
    this.readings = readings;
    this.live = live;
    this.clock = clock;
  }

  /**
   * Keeps what a logger wrote; seconds that are there already stay as they are. The file is read
   * whole before anything is kept; then it is put on disk piece by piece, so that no one waits for
   * all of it, and one that broke off is sent again.
   */
  public List<ReadingRow> keepLogged(long sessionId, String csv) {
    LiveSession fire = live.get(sessionId);
    Session session = fire.session();
    double lastedS = fire.lastedS(clock.instant());
    List<LoggerFile.Logged> lines = LoggerFile.read(csv, session.startedAt());
    Map<Channel, SensorMonitor> gauges = new EnumMap<>(Channel.class);
    gauges.put(Channel.FORGE, SensorMonitor.ofForge());
    gauges.put(Channel.PRESS, SensorMonitor.ofPress());
    Map<Second, ReadingRow> rows = new LinkedHashMap<>();
    for (int i = 0; i < lines.size(); i++) {
      LoggerFile.Logged line = lines.get(i);
      if (!(line.atS() >= 0 && line.atS() <= lastedS + AFTERWARDS_S)) {
        throw new InvalidValue(
            "line/" + (i + 2),
            SessionText.OUTSIDE_SESSION.with("lasted", Quantity.seconds(lastedS)));
      }
      SensorMonitor gauge = Objects.requireNonNull(gauges.get(line.channel()));
      SensorState judged = gauge.said(line.atS(), line.value());
      ReadingRow row =
          new ReadingRow(
              sessionId,
              line.channel(),
              (int) line.atS(),
              line.value(),
              Objects.requireNonNullElse(line.state(), judged));
      rows.putIfAbsent(new Second(row.channel(), row.second()), row);
    }
    List<ReadingRow> each = List.copyOf(rows.values());
    readings.keep(each);
    return each;
  }

  /** A second of a channel; of several readings in it the first counts. */
  private record Second(Channel channel, int second) {}

  /** Readings as they are kept. */
  @Transactional(readOnly = true)
  public Page<ReadingRow> readings(long sessionId, int size, @Nullable Cursor after) {
    return readings.readings(sessionId, size, after);
  }

  /** All readings of a session, by channel and second. */
  @Transactional(readOnly = true)
  public List<ReadingRow> readings(long sessionId) {
    return readings.readings(sessionId);
  }

  /**
   * Thins the readings of sessions that ended a day ago; see {@link Downsampling}. Within 2 °C and
   * 0.2 MPa; what was not believed stays whole.
   *
   * @return how many sessions
   */
  @Transactional
  public int thin() {
    List<Long> due = readings.toThin(clock.instant().minus(WHOLE_FOR));
    for (long id : due) {
      List<ReadingRow> all = readings.readings(id);
      List<ReadingRow> left = new ArrayList<>();
      for (Channel channel : Channel.values()) {
        left.addAll(thinned(all.stream().filter(r -> r.channel() == channel).toList(), channel));
      }
      readings.thin(id, left);
      live.forget(id);
    }
    return due.size();
  }

  private static List<ReadingRow> thinned(List<ReadingRow> rows, Channel channel) {
    List<Downsampling.Reading> readings =
        rows.stream()
            .map(r ->
                new Downsampling.Reading(r.second(), r.figure(), r.state() == SensorState.GOOD))
            .toList();
    Set<Long> kept =
        Downsampling.kept(
                readings, channel == Channel.FORGE ? FORGE_TOLERANCE_C : PRESS_TOLERANCE_MPA)
            .stream()
            .map(Downsampling.Reading::second)
            .collect(Collectors.toSet());
    return rows.stream().filter(r -> kept.contains((long) r.second())).toList();
  }
}
