package app.geminal.server.instrument;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * One instrument and where its figure is.
 *
 * @param name what the smith calls it
 * @param channel what it measures
 * @param host address or name, or {@value #SIMULATED} for the bench that ships with the application
 * @param port 1 to 65535; means nothing for the simulated bench
 * @param unit Modbus unit, 0 to 247
 * @param registers which kind
 * @param address of the first register, 0 to 65535
 * @param format how the figure is written
 * @param scale what one count is worth, °C or MPa
 * @param shift added after that, °C or MPa
 * @param switched whether it is asked
 */
public record Instrument(
    String name,
    Channel channel,
    String host,
    int port,
    int unit,
    Registers registers,
    int address,
    Format format,
    double scale,
    double shift,
    boolean switched) {
  /** The bench that ships with the application. */
  public static final String SIMULATED = "simulated";

  /** Which registers hold it. */
  public enum Registers {
    INPUT,
    HOLDING
  }

  /** How it is written; two registers hold the higher half first. */
  public enum Format {
    /** One register, signed. */
    INT16,
    /** One register, unsigned. */
    UINT16,
    /** Two registers, signed. */
    INT32,
    /** Two registers, IEEE 754. */
    FLOAT32;

    int registers() {
      return this == INT16 || this == UINT16 ? 1 : 2;
    }
  }

  /** Checks every field. */
  public Instrument {
    Require.text("name", name, 80);
    Require.present("channel", channel);
    Require.text("host", host, 120);
    if (!host.matches("[A-Za-z0-9.:_-]+")) {
      throw new InvalidValue("host", InstrumentText.ADDRESS_HAS_LETTERS_DIGITS_DOTS_DASHES.with());
    }
    Require.count("port", port, 1, 65535);
    Require.count("unit", unit, 0, 247);
    Require.present("registers", registers);
    Require.count("address", address, 0, 65535);
    Require.present("format", format);
    Require.number("scale", scale, -1e6, 1e6);
    Require.number("shift", shift, -1e6, 1e6);
    if (scale == 0) {
      throw new InvalidValue("scale", InstrumentText.WITH_SCALE_OF_0_EVERY_READING.with());
    }
  }

  /** The figure in the bytes of its registers, °C or MPa. */
  double figure(byte[] bytes) {
    int high = word(bytes, 0);
    double counts =
        switch (format) {
          case INT16 -> (short) high;
          case UINT16 -> high;
          case INT32 -> (high << 16) | word(bytes, 2);
          case FLOAT32 -> Float.intBitsToFloat((high << 16) | word(bytes, 2));
        };
    return counts * scale + shift;
  }

  private static int word(byte[] bytes, int at) {
    return ((bytes[at] & 0xff) << 8) | (bytes[at + 1] & 0xff);
  }

  boolean isSimulated() {
    return host.equals(SIMULATED);
  }
}
