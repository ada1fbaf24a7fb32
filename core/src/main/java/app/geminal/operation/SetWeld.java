package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import app.geminal.geometry.Stretch;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.steel.Deformation;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Method;
import app.geminal.weld.Tack;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Setting heats: light, even squeezes that close the joints.
 *
 * <p>The height falls by {@code reduction} and the face grows as much, width and length by the same
 * factor; real dies favour the shorter way, so the width is low and the length high by a few
 * percent. Voids close first: until they are gone only the height changes. Scale is lost in every
 * heat: the first lasts {@code soakMin}, each further one half of it, because a welded bar heats
 * two to three times faster than a loose stack. A sealed stack loses none, but a skin is ground off
 * with its jacket or bead.
 *
 * @param heats 1 to 20
 * @param reduction of the height over all heats, fraction from 0 to 0.5
 * @param temperatureC planned welding heat, 600 to 1500 °C
 * @param soakMin minutes in the fire from cold to the first squeeze, 0 to 240; its scale is
 *     calculated as if the steel were at heat all that time, which is on the safe side
 * @param protection how oxygen is kept out
 * @param tack what holds the stack together until it is set
 * @param jacket how a sealed stack is closed; means nothing for the open kinds of atmosphere
 *     protection
 * @param tool what squeezes
 * @param bites overlapping squeezes along the bar in one heat, 0 for as many as it takes; to 50
 * @param method how the metals are joined; where nothing is said, an ordinary forge weld
 */
public record SetWeld(
    int heats,
    double reduction,
    double temperatureC,
    double soakMin,
    AtmosphereProtection protection,
    Tack tack,
    Jacket jacket,
    Tool tool,
    int bites,
    @Nullable Method method)
    implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<SetWeld> KIND =
      OperationKind.of(
              new StepName("set", StepName.At.FORGE, 'w'),
              SetWeld.class,
              ShorthandText.AFTER_SET,
              (_, shop) -> of(shop),
              OperationField.of(
                  "heats",
                  FieldType.count(1, 20),
                  Said.alone("heat").usuallyIn(ShopDefaults::settingHeats).always()),
              OperationField.of(
                  "reduction",
                  FieldType.share(0.5),
                  Said.alone().usuallyIn(ShopDefaults::setReduction)),
              OperationField.of(
                  "temperatureC",
                  FieldType.temperature(600, 1500),
                  Said.alone().usuallyIn(ShopDefaults::weldTemperatureC)),
              OperationField.of(
                  "soakMin", FieldType.minutes(240), Said.alone().usuallyIn(ShopDefaults::soakMin)),
              OperationField.of(
                      "protection",
                      FieldType.choice(AtmosphereProtection.class),
                      Said.byChoice().usuallyIn(ShopDefaults::protection))
                  .stored("school"),
              OperationField.of(
                      "tack",
                      FieldType.choice(Tack.class),
                      Said.byChoice().usuallyIn(ShopDefaults::tack))
                  .otherwise(Tack.SIDES),
              OperationField.of(
                      "jacket",
                      FieldType.choice(Jacket.class),
                      Said.byChoice().usuallyIn(ShopDefaults::jacket))
                  .otherwise(Jacket.BEAD),
              OperationField.of(
                      "tool",
                      FieldType.choice(Tool.class),
                      Said.byChoice().usuallyIn(ShopDefaults::setTool))
                  .otherwise(Tool.FLAT),
              OperationField.of("bites", FieldType.count(0, 50), Said.before("bite").usually(0))
                  .otherwise(0),
              OperationField.of(
                      "method",
                      FieldType.choice(Method.class),
                      Said.byChoice().usually(Method.FORGE))
                  .leftOut(Method.FORGE))
          .inAnyOrder();

  /** Checks every field. */
  public SetWeld {
    // Welds were stored before there was more than one way.
    method = method == null ? Method.FORGE : method;
    KIND.check(
        heats, reduction, temperatureC, soakMin, protection, tack, jacket, tool, bites, method);
  }

  /** An ordinary forge weld. */
  public SetWeld(
      int heats,
      double reduction,
      double temperatureC,
      double soakMin,
      AtmosphereProtection protection,
      Tack tack,
      Jacket jacket,
      Tool tool,
      int bites) {
    this(
        heats,
        reduction,
        temperatureC,
        soakMin,
        protection,
        tack,
        jacket,
        tool,
        bites,
        Method.FORGE);
  }

  /** How the metals are joined. */
  @Override
  public Method method() {
    return Objects.requireNonNull(method);
  }

  /** As the shop usually welds. */
  public static SetWeld of(ShopDefaults defaults) {
    return new SetWeld(
        defaults.settingHeats(),
        defaults.setReduction(),
        defaults.weldTemperatureC(),
        defaults.soakMin(),
        defaults.protection(),
        defaults.tack(),
        defaults.jacket(),
        defaults.setTool(),
        0);
  }

  /** Part of the height one heat takes when all take the same part, fraction. */
  public double reductionPerHeat() {
    return 1 - Math.pow(1 - reduction, 1.0 / heats);
  }

  /** What one squeeze does to the steel. */
  public Deformation squeeze() {
    return Deformation.ofSet(reductionPerHeat());
  }

  /** Minutes in the fire over all heats: reheats of a welded bar take half the first soak. */
  public double fireMin() {
    return soakMin + (heats - 1) * soakMin / 2;
  }

  /** Whether air cannot reach the seams. */
  public boolean isSealed() {
    return protection == AtmosphereProtection.SEALED;
  }

  @Override
  public boolean needsSquare() {
    return false;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    ShopDefaults defaults = bench.defaults();
    OperationResult skinned =
        isSealed()
            ? ScaleLoss.skinned(
                bars, skinMm(defaults), LossKind.JACKET, OperationText.JACKET_TAKES_THE_BAR)
            : ScaleLoss.takenFrom(bars, skinMm(defaults));
    return switch (skinned) {
      case Impossible no -> no;
      case Done skinless -> {
        Done set = skinless.then(squeezed(skinless.bars()));
        yield set.with(set.bars().welded());
      }
    };
  }

  private Stretch squeezed(Bars bars) {
    double height = bars.heightMm() * (1 - reduction);
    Size solid = Size.of(bars);
    if (height >= solid.height()) {
      return new Stretch(solid, solid, solid.height() / height);
    }
    double spread = Math.sqrt(solid.height() / height);
    return new Stretch(solid, new Size(solid.length() * spread, solid.width() * spread, height), 1);
  }

  /** Scale of all its heats, or the skin of a jacket. */
  @Override
  public double skinMm(ShopDefaults defaults) {
    if (isSealed()) {
      return defaults.jacketMm();
    }
    return defaults.scaleMm(temperatureC, soakMin)
        + (heats - 1) * defaults.scaleMm(temperatureC, soakMin / 2);
  }

  /** The same weld in another number of heats. */
  public SetWeld withHeats(int newHeats) {
    return new SetWeld(
        newHeats, reduction, temperatureC, soakMin, protection, tack, jacket, tool, bites, method);
  }

  /** The same weld at another heat. */
  public SetWeld withTemperatureC(double newTemperatureC) {
    return new SetWeld(
        heats, reduction, newTemperatureC, soakMin, protection, tack, jacket, tool, bites, method);
  }

  /** The same weld with another reduction, fraction. */
  public SetWeld withReduction(double newReduction) {
    return new SetWeld(
        heats, newReduction, temperatureC, soakMin, protection, tack, jacket, tool, bites, method);
  }

  /** The same weld with another soak, minutes. */
  public SetWeld withSoakMin(double newSoakMin) {
    return new SetWeld(
        heats, reduction, temperatureC, newSoakMin, protection, tack, jacket, tool, bites, method);
  }

  /** The same weld by another atmosphere protection. */
  public SetWeld withProtection(AtmosphereProtection newProtection) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, newProtection, tack, jacket, tool, bites, method);
  }

  /** The same weld, the stack held another way. */
  public SetWeld withTack(Tack newTack) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, protection, newTack, jacket, tool, bites, method);
  }

  /** The same weld, the stack closed another way. */
  public SetWeld withJacket(Jacket newJacket) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, protection, tack, newJacket, tool, bites, method);
  }

  /** The same weld under another tool. */
  public SetWeld withTool(Tool newTool) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, protection, tack, jacket, newTool, bites, method);
  }

  /** The same weld, its metals joined another way. */
  public SetWeld withMethod(Method newMethod) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, protection, tack, jacket, tool, bites, newMethod);
  }

  /** The same weld in another number of bites, 0 for as many as it takes. */
  public SetWeld withBites(int newBites) {
    return new SetWeld(
        heats, reduction, temperatureC, soakMin, protection, tack, jacket, tool, newBites, method);
  }

  @Override
  public Optional<HotWork> hotWork(Bars before, ShopDefaults defaults) {
    return Optional.of(new HotWork(tool, temperatureC, squeeze(), false));
  }

  @Override
  public boolean needsSolidBars() {
    return false;
  }

  @Override
  public Optional<AtHeat> atHeat(ShopDefaults defaults) {
    return Optional.of(new AtHeat(temperatureC, fireMin()));
  }

  @Override
  public Work work() {
    return new Work(1, fireMin(), 0, 0, 0);
  }
}
