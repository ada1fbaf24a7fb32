package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.geometry.Grooves;
import app.geminal.layup.Stack;
import app.geminal.units.Quantity;
import app.geminal.validation.Require;

/**
 * Grooves across the bar, ground in and the bar forged flush, or pressed in with ribbed dies and
 * what is proud ground off. The grooves of the two faces are staggered.
 *
 * @param pitchMm from groove to groove; above 0, to 500
 * @param widthMm of a groove at the face; above 0, to 500, and no more than the pitch
 * @param depthMm above 0, to 100
 * @param bothFaces whether both broad faces are grooved
 * @param pressed whether they are pressed in, and not ground
 * @param flattenToMm height afterwards, or 0 to go just down to the grooves; to 1000
 * @param heats of pressing or flattening, 1 to 60
 */
public record Ladder(
    double pitchMm,
    double widthMm,
    double depthMm,
    boolean bothFaces,
    boolean pressed,
    double flattenToMm,
    int heats)
    implements Heated, Hollowed {
  /** What it is called, and its fields. */
  public static final OperationKind<Ladder> KIND =
      OperationKind.of(
          new StepName("ladder", StepName.At.BENCH, 'n'),
          Ladder.class,
          ShorthandText.AFTER_LADDER,
          (bars, _) ->
              new Ladder(
                  FirstGuess.mm(FirstGuess.thin(bars) * 2),
                  FirstGuess.mm(FirstGuess.thin(bars)),
                  FirstGuess.mm(bars.heightMm() / 4),
                  false,
                  false,
                  0,
                  2),
          OperationField.of("pitchMm", FieldType.lengthAboveZero(500), Said.after("pitch"))
              .shown(OperationField.Shows.BY_REPEAT),
          OperationField.of("widthMm", FieldType.lengthAboveZero(500), Said.after("width")),
          OperationField.of("depthMm", FieldType.lengthAboveZero(100), Said.after("depth"))
              .shown(OperationField.Shows.BY_SHAPE),
          OperationField.of("bothFaces", FieldType.yesNo(), Said.yesBy("both")).otherwise(false),
          OperationField.of("pressed", FieldType.yesNo(), Said.yesBy("pressed")).otherwise(false),
          OperationField.of(
                  "flattenToMm", FieldType.length(Stack.WIDEST_MM), Said.after("to").usually(0.0))
              .otherwise(0.0),
          OperationField.of("heats", FieldType.heats(), Said.before("heat").usually(1).always()));

  /** Area of a rounded groove over width times depth; a parabola. */
  private static final double ROUNDED = 2.0 / 3;

  /** Checks every field. */
  public Ladder {
    KIND.check(pitchMm, widthMm, depthMm, bothFaces, pressed, flattenToMm, heats);
    Require.lengthAbove("widthMm", widthMm, 0, pitchMm);
  }

  /** Grooves on one face of a bar of that length, the last one in part: an even share of steel. */
  public double grooves(double lengthMm) {
    return lengthMm / pitchMm;
  }

  /** How deep the grooves of one face are on average, mm. */
  public double meanDepthMm() {
    return ROUNDED * widthMm * depthMm / pitchMm;
  }

  @Override
  public double deepMm() {
    return bothFaces ? 2 * depthMm : depthMm;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    return ScaleLoss.inHeats(this, bars, bench.defaults(), this::grooved);
  }

  private OperationResult grooved(Done scaled) {
    Bars bars = scaled.bars();
    double flush = bars.section().heightMm() - deepMm();
    double height = flattenToMm == 0 ? flush : flattenToMm;
    if (height > flush + 1e-9) {
      return new Impossible(
          "flattenToMm",
          OperationText.GROOVES_STILL_OPEN.with(
              "height", Quantity.mm(height), "flush", Quantity.mm(flush)),
          OperationText.FLATTEN_FURTHER_OR_LEAVE_THIS_EMPTY.with());
    }
    Flattening flat = new Flattening(new Grooves(pitchMm, widthMm, depthMm), bothFaces, height);
    if (pressed) {
      return flat.ground(scaled, meanDepthMm());
    }
    double groove = ROUNDED * widthMm * depthMm * bars.widthMm();
    return flat.forged(scaled, groove * grooves(bars.lengthMm()) * (bothFaces ? 2 : 1));
  }

  @Override
  public Ladder withDepthMm(double newDepthMm) {
    return new Ladder(pitchMm, widthMm, newDepthMm, bothFaces, pressed, 0, heats);
  }
}
