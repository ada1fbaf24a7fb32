package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.check.Require;
import app.geminal.heat.Scale;
import app.geminal.weld.OxygenSchool;

/**
 * Setting heats: light, even squeezes that close the joints.
 *
 * <p>The height goes down by {@code reduction} and the face grows as much, width and length by the
 * same factor; real dies favour the shorter way, so the width is low and the length high by a few
 * percent. Scale is lost in every heat: the first lasts {@code soakMin}, each further one half of
 * it, because a welded bar heats two to three times faster than a loose stack. A sealed stack loses
 * none.
 *
 * @param heats 1 to 20
 * @param reduction of the height over all heats, fraction from 0 to 0.5
 * @param temperatureC planned welding heat, 600 to 1500 °C
 * @param soakMin minutes at heat before the first squeeze, 0 to 240
 * @param school how oxygen is kept out
 */
public record SetWeld(
    int heats, double reduction, double temperatureC, double soakMin, OxygenSchool school)
    implements Operation {

  /** Checks every field. */
  public SetWeld {
    Require.count("heats", heats, 1, 20);
    Require.number("reduction", reduction, 0, 0.5, "");
    Require.temperature("temperatureC", temperatureC, 600, 1500);
    Require.number("soakMin", soakMin, 0, 240, " min");
    Require.present("school", school);
  }

  /** As the shop usually welds. */
  public static SetWeld of(Practice practice) {
    return new SetWeld(
        practice.settingHeats(),
        practice.setReduction(),
        practice.weldTemperatureC(),
        practice.soakMin(),
        practice.school());
  }

  /** Part of the height one heat takes when all take the same part, fraction. */
  public double reductionPerHeat() {
    return 1 - Math.pow(1 - reduction, 1.0 / heats);
  }

  @Override
  public Outcome applyTo(Bars bars, Practice practice) {
    return switch (ScaleLoss.takenFrom(bars, skinMm(practice))) {
      case Impossible no -> no;
      case Done scaled -> {
        Bars before = scaled.bars();
        double spread = 1 / Math.sqrt(1 - reduction);
        Bars after =
            before.reshaped(before.widthMm() * spread, before.heightMm() * (1 - reduction));
        yield new Done(after.welded(), scaled.losses(), scaled.added(), 0);
      }
    };
  }

  private double skinMm(Practice practice) {
    if (school == OxygenSchool.SEALED) {
      return 0;
    }
    return Scale.recessionMm(temperatureC, soakMin, practice.atmosphere())
        + (heats - 1) * Scale.recessionMm(temperatureC, soakMin / 2, practice.atmosphere());
  }

  /** The same weld in another number of heats. */
  public SetWeld withHeats(int newHeats) {
    return new SetWeld(newHeats, reduction, temperatureC, soakMin, school);
  }

  /** The same weld at another heat. */
  public SetWeld withTemperatureC(double newTemperatureC) {
    return new SetWeld(heats, reduction, newTemperatureC, soakMin, school);
  }

  /** The same weld with another reduction, fraction. */
  public SetWeld withReduction(double newReduction) {
    return new SetWeld(heats, newReduction, temperatureC, soakMin, school);
  }

  /** The same weld with another soak, minutes. */
  public SetWeld withSoakMin(double newSoakMin) {
    return new SetWeld(heats, reduction, temperatureC, newSoakMin, school);
  }

  /** The same weld by another school. */
  public SetWeld withSchool(OxygenSchool newSchool) {
    return new SetWeld(heats, reduction, temperatureC, soakMin, newSchool);
  }
}
