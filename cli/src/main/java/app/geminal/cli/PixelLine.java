package app.geminal.cli;

import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import app.geminal.vision.Line;

/** A line on a photograph as it is given on the command line. */
final class PixelLine {
  private PixelLine() {}

  /** Of four numbers with commas between them. */
  static Line of(String given) {
    double[] at =
        Line.numbers(given)
            .orElseThrow(() ->
                new UnusableInput(CliText.WRITE_LINE.with("given", given).read(Units.METRIC)));
    try {
      return new Line(at[0], at[1], at[2], at[3]);
    } catch (InvalidValue e) {
      throw new UnusableInput(e.words().read(Units.METRIC));
    }
  }
}
