package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.check.Require;
import app.geminal.ledger.LossKind;
import app.geminal.shop.Practice;
import app.geminal.shop.Tool;
import app.geminal.weld.Jacket;
import app.geminal.weld.OxygenSchool;
import app.geminal.weld.Tack;

/**
 * Setting heats: light, even squeezes that close the joints.
 *
 * <p>The height goes down by {@code reduction} and the face grows as much, width and length by the
 * same factor; real dies favour the shorter way, so the width is low and the length high by a few
 * percent. Voids close first: until they are gone only the height changes. Scale is lost in every
 * heat: the first lasts {@code soakMin}, each further one half of it, because a welded bar heats
 * two to three times faster than a loose stack. A sealed stack loses none, but a skin is ground off
 * with its jacket or bead.
 *
 * @param heats 1 to 20
 * @param reduction of the height over all heats, fraction from 0 to 0.5
 * @param temperatureC planned welding heat, 600 to 1500 °C
 * @param soakMin minutes at heat before the first squeeze, 0 to 240
 * @param school how oxygen is kept out
 * @param tack what holds the stack together until it is set
 * @param jacket how a sealed stack is closed; means nothing for the open schools
 * @param tool what squeezes
 * @param bites overlapping squeezes along the bar in one heat, 0 for as many as it takes; to 50
 */
public record SetWeld(
    int heats,
    double reduction,
    double temperatureC,
    double soakMin,
    OxygenSchool school,
    Tack tack,
    Jacket jacket,
    Tool tool,
    int bites)
    implements Operation {

  /** Checks every field. */
  public SetWeld {
    Require.count("heats", heats, 1, 20);
    Require.number("reduction", reduction, 0, 0.5, "");
    Require.temperature("temperatureC", temperatureC, 600, 1500);
    Require.number("soakMin", soakMin, 0, 240, " min");
    Require.present("school", school);
    Require.present("tack", tack);
    Require.present("jacket", jacket);
    Require.present("tool", tool);
    Require.count("bites", bites, 0, 50);
  }

  /** As the shop usually welds. */
  public static SetWeld of(Practice practice) {
    return new SetWeld(
        practice.settingHeats(),
        practice.setReduction(),
        practice.weldTemperatureC(),
        practice.soakMin(),
        practice.school(),
        practice.tack(),
        practice.jacket(),
        practice.setTool(),
        0);
  }

  /** Part of the height one heat takes when all take the same part, fraction. */
  public double reductionPerHeat() {
    return 1 - Math.pow(1 - reduction, 1.0 / heats);
  }

  /** Minutes in the fire over all heats: reheats of a welded bar take half the first soak. */
  public double fireMin() {
    return soakMin + (heats - 1) * soakMin / 2;
  }

  /** Whether air cannot reach the seams. */
  public boolean isSealed() {
    return school == OxygenSchool.SEALED;
  }

  @Override
  public boolean needsSquare() {
    return false;
  }

  @Override
  public Outcome applyTo(Bars bars, Bench bench) {
    Practice practice = bench.practice();
    Outcome skinned =
        isSealed()
            ? ScaleLoss.skinned(
                bars, skinMm(practice), LossKind.JACKET, "grinding off the jacket takes")
            : ScaleLoss.takenFrom(bars, skinMm(practice));
    return switch (skinned) {
      case Impossible no -> no;
      case Done skinless -> skinless.with(squeezed(skinless.bars()).welded());
    };
  }

  private Bars squeezed(Bars bars) {
    double height = bars.heightMm() * (1 - reduction);
    Section solid = bars.section();
    if (height >= solid.heightMm()) {
      return bars.withFill(solid.heightMm() / height);
    }
    double spread = Math.sqrt(solid.heightMm() / height);
    return bars.withFill(1)
        .withSection(solid.resized(bars.widthMm() * spread, height))
        .withLength(bars.lengthMm() * spread);
  }

  /** What the weld takes off every face, mm: scale of all its heats, or the skin of a jacket. */
  public double skinMm(Practice practice) {
    if (isSealed()) {
      return practice.jacketMm();
    }
    return practice.scaleMm(temperatureC, soakMin)
        + (heats - 1) * practice.scaleMm(temperatureC, soakMin / 2);
  }

  /** The same weld in another number of heats. */
  public SetWeld withHeats(int newHeats) {
    return new SetWeld(
        newHeats, reduction, temperatureC, soakMin, school, tack, jacket, tool, bites);
  }

  /** The same weld at another heat. */
  public SetWeld withTemperatureC(double newTemperatureC) {
    return new SetWeld(
        heats, reduction, newTemperatureC, soakMin, school, tack, jacket, tool, bites);
  }

  /** The same weld with another reduction, fraction. */
  public SetWeld withReduction(double newReduction) {
    return new SetWeld(
        heats, newReduction, temperatureC, soakMin, school, tack, jacket, tool, bites);
  }

  /** The same weld with another soak, minutes. */
  public SetWeld withSoakMin(double newSoakMin) {
    return new SetWeld(
        heats, reduction, temperatureC, newSoakMin, school, tack, jacket, tool, bites);
  }

  /** The same weld by another school. */
  public SetWeld withSchool(OxygenSchool newSchool) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, newSchool, tack, jacket, tool, bites);
  }

  /** The same weld, the stack held another way. */
  public SetWeld withTack(Tack newTack) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, school, newTack, jacket, tool, bites);
  }

  /** The same weld, the stack closed another way. */
  public SetWeld withJacket(Jacket newJacket) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, school, tack, newJacket, tool, bites);
  }

  /** The same weld under another tool. */
  public SetWeld withTool(Tool newTool) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, school, tack, jacket, newTool, bites);
  }

  /** The same weld in another number of bites, 0 for as many as it takes. */
  public SetWeld withBites(int newBites) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, school, tack, jacket, tool, newBites);
  }
}
