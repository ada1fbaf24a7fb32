package app.geminal.server.instrument;

import app.geminal.instrument.SensorState;
import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * A logger's file: CSV with the columns at, channel, value, unit; see docs/formats/logger-csv.md.
 * All or nothing: the first line that cannot be read is reported and nothing is taken. What Geminal
 * wrote itself has a fifth column, the state each reading was in.
 */
public final class LoggerFile {
  private static final int MOST_LINES = 100_000;
  private static final double MOST_FIGURE = 1e7;
  private static final double MPA_PER_PSI = 0.006894757;
  private static final double MPA_PER_BAR = 0.1;

  private LoggerFile() {}

  /**
   * One line: seconds of the session, °C or MPa.
   *
   * @param state as the file says, or null where it says none: then the reading is to be judged
   */
  public record Logged(Channel channel, double atS, double value, @Nullable SensorState state) {}

  /**
   * Reads a file.
   *
   * @param startedAt when the session began, for times of day
   * @throws InvalidValue with the line that cannot be read
   */
  public static List<Logged> read(String text, Instant startedAt) {
    List<Logged> lines = new ArrayList<>();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setAllowMissingColumnNames(true)
            .setTrim(true)
            .get();
    try (var csv = format.parse(new StringReader(text))) {
      for (String column : List.of("at", "channel", "value", "unit")) {
        if (!csv.getHeaderNames().contains(column)) {
          throw new InvalidValue("line/1", InstrumentText.COLUMN_IS_MISSING.with("column", column));
        }
      }
      for (CSVRecord row : csv) {
        if (lines.size() == MOST_LINES) {
          throw new InvalidValue(
              "line/" + row.getRecordNumber(),
              InstrumentText.TOO_MANY_LINES.with("most", MOST_LINES));
        }
        lines.add(line(row, startedAt));
      }
    } catch (CSVException | UncheckedIOException | IllegalArgumentException e) {
      if (e instanceof InvalidValue bad) {
        throw bad;
      }
      throw new InvalidValue(
          "line", InstrumentText.THIS_IS_NOT_CSV.with("why", String.valueOf(e.getMessage())));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return lines;
  }

  private static Logged line(CSVRecord row, Instant startedAt) {
    String where = "line/" + (row.getRecordNumber() + 1);
    if (!row.isConsistent()) {
      throw new InvalidValue(where, InstrumentText.THIS_LINE_HAS_DIFFERENT_NUMBER.with());
    }
    Channel channel =
        switch (row.get("channel").toLowerCase(Locale.ROOT)) {
          case "forge" -> Channel.FORGE;
          case "press" -> Channel.PRESS;
          default ->
              throw new InvalidValue(where, InstrumentText.USE_FORGE_OR_PRESS_AS_CHANNEL.with());
        };
    return new Logged(
        channel, at(row.get("at"), startedAt, where), value(row, channel, where), state(row));
  }

  /** A logger may have a column of this name with words of its own, which say nothing here. */
  private static @Nullable SensorState state(CSVRecord row) {
    if (!row.isSet("state")) {
      return null;
    }
    String name = row.get("state").toUpperCase(Locale.ROOT);
    return Stream.of(SensorState.values())
        .filter(s -> s.name().equals(name))
        .findFirst()
        .orElse(null);
  }

  private static double at(String text, Instant startedAt, String where) {
    try {
      return number(text, where);
    } catch (NumberFormatException noSeconds) {
      try {
        Instant at = Instant.parse(text);
        return (double) at.getEpochSecond()
            - startedAt.getEpochSecond()
            + (at.getNano() - startedAt.getNano()) / 1e9;
      } catch (DateTimeParseException neither) {
        throw new InvalidValue(
            where, InstrumentText.IS_NEITHER_SESSION_SECONDS_NOR_TIME.with("text", text));
      }
    }
  }

  /** A plain number; not one of the words for what is none. */
  private static double number(String text, String where) {
    double value = Double.parseDouble(text);
    if (!(Math.abs(value) <= MOST_FIGURE)) {
      throw new InvalidValue(where, InstrumentText.IS_NOT_LOGGER_READING.with("text", text));
    }
    return value;
  }

  private static double value(CSVRecord row, Channel channel, String where) {
    double value;
    try {
      value = number(row.get("value"), where);
    } catch (NumberFormatException e) {
      throw new InvalidValue(where, InstrumentText.NOT_A_NUMBER.with("text", row.get("value")));
    }
    String unit = row.get("unit").toLowerCase(Locale.ROOT).replace("°", "");
    if (channel == Channel.FORGE) {
      return switch (unit) {
        case "c" -> value;
        case "f" -> (value - 32) * 5 / 9;
        default -> throw new InvalidValue(where, InstrumentText.USE_C_OR_F_AS_UNIT.with());
      };
    }
    return switch (unit) {
      case "mpa" -> value;
      case "bar" -> value * MPA_PER_BAR;
      case "psi" -> value * MPA_PER_PSI;
      default -> throw new InvalidValue(where, InstrumentText.USE_MPA_BAR_OR_PSI.with());
    };
  }
}
