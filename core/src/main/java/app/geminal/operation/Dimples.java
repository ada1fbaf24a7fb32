package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.geometry.RoundHollows;
import app.geminal.layup.Stack;
import app.geminal.units.Quantity;
import app.geminal.validation.Require;

/**
 * Shallow round hollows drilled or ground over the face in rows, every second row staggered, then
 * the bar forged flush.
 *
 * @param pitchMm from hollow to hollow; above 0, to 500
 * @param diameterMm of a hollow at the face; above 0, to 500, and no more than the pitch
 * @param depthMm above 0, to 100
 * @param bothFaces whether both broad faces have them
 * @param flattenToMm height afterwards, or 0 to go just down to the hollows; to 1000
 * @param heats of flattening, 1 to 60
 */
public record Dimples(
    double pitchMm,
    double diameterMm,
    double depthMm,
    boolean bothFaces,
    double flattenToMm,
    int heats)
    implements Heated, Hollowed {
  /** What it is called, and its fields. */
  public static final OperationKind<Dimples> KIND =
      OperationKind.of(
          new StepName("dimples", StepName.At.BENCH, 'm'),
          Dimples.class,
          ShorthandText.AFTER_DIMPLES,
          (bars, _) ->
              new Dimples(
                  FirstGuess.mm(FirstGuess.thin(bars) * 1.5),
                  FirstGuess.mm(FirstGuess.thin(bars) * 0.8),
                  FirstGuess.mm(bars.heightMm() / 4),
                  false,
                  0,
                  2),
          OperationField.of("pitchMm", FieldType.lengthAboveZero(500), Said.after("pitch"))
              .shown(OperationField.Shows.BY_REPEAT),
          OperationField.of("diameterMm", FieldType.lengthAboveZero(500), Said.after("across")),
          OperationField.of("depthMm", FieldType.lengthAboveZero(100), Said.after("depth"))
              .shown(OperationField.Shows.BY_SHAPE),
          OperationField.of("bothFaces", FieldType.yesNo(), Said.yesBy("both")).otherwise(false),
          OperationField.of(
                  "flattenToMm", FieldType.length(Stack.WIDEST_MM), Said.after("to").usually(0.0))
              .otherwise(0.0),
          OperationField.of("heats", FieldType.heats(), Said.before("heat").usually(1).always()));

  /** Checks every field. */
  public Dimples {
    KIND.check(pitchMm, diameterMm, depthMm, bothFaces, flattenToMm, heats);
    Require.lengthAbove("diameterMm", diameterMm, 0, pitchMm);
  }

  /** Hollows on one face, those at the rim in part: an even share of steel. */
  public double hollows(double widthMm, double lengthMm) {
    return widthMm / pitchMm * lengthMm / pitchMm;
  }

  @Override
  public double deepMm() {
    return bothFaces ? 2 * depthMm : depthMm;
  }

  /** Volume of one hollow, a cap of a ball, mm³. */
  public double hollowMm3() {
    double radius = diameterMm / 2;
    return Math.PI * depthMm * (3 * radius * radius + depthMm * depthMm) / 6;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    return ScaleLoss.inHeats(this, bars, bench.defaults(), this::hollowed);
  }

  private OperationResult hollowed(Done scaled) {
    Bars bars = scaled.bars();
    double flush = bars.section().heightMm() - deepMm();
    double height = flattenToMm == 0 ? flush : flattenToMm;
    if (height > flush + 1e-9) {
      return new Impossible(
          "flattenToMm",
          OperationText.DIMPLES_STILL_OPEN.with(
              "height", Quantity.mm(height), "flush", Quantity.mm(flush)),
          OperationText.FLATTEN_FURTHER_OR_LEAVE_THIS_EMPTY.with());
    }
    double hollows = hollows(bars.widthMm(), bars.lengthMm()) * (bothFaces ? 2 : 1);
    return new Flattening(new RoundHollows(pitchMm, diameterMm / 2, depthMm), bothFaces, height)
        .forged(scaled, hollows * hollowMm3());
  }

  @Override
  public Dimples withDepthMm(double newDepthMm) {
    return new Dimples(pitchMm, diameterMm, newDepthMm, bothFaces, 0, heats);
  }
}
