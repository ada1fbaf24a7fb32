package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import app.geminal.geometry.SurfaceNoise;
import app.geminal.units.Quantity;

/**
 * Uneven forging on purpose: the layers under the faces are pushed up and down, and grinding flat
 * afterwards cuts through them. Sizes stay, and on average so do the layers.
 *
 * @param amplitudeMm how far layers are pushed, from their middle; above 0, to 20
 * @param scaleMm from hump to hump; above 0, to 500
 * @param seed which surface it is; the same number is always the same surface
 */
public record ForgedSurface(double amplitudeMm, double scaleMm, int seed) implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<ForgedSurface> KIND =
      OperationKind.of(
          new StepName("uneven", StepName.At.BENCH, 'e'),
          ForgedSurface.class,
          ShorthandText.AFTER_UNEVEN,
          (bars, _) -> new ForgedSurface(Math.min(0.8, bars.heightMm() / 6), 12, 1),
          OperationField.of(
              "amplitudeMm",
              FieldType.lengthAboveZero(20),
              Said.alone().ifMissing(ShorthandText.WRITE_DISPLACEMENT)),
          OperationField.of(
              "scaleMm",
              FieldType.lengthAboveZero(500),
              Said.after("scale").usually(12.0).always()),
          OperationField.of(
              "seed", FieldType.count(0, 1_000_000), Said.after("seed").usually(1).always()));

  /** Checks every field. */
  public ForgedSurface {
    KIND.check(amplitudeMm, scaleMm, seed);
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    if (2 * amplitudeMm >= bars.heightMm()) {
      return new Impossible(
          "amplitudeMm",
          OperationText.DISPLACEMENT_TOO_LARGE.with(
              "amplitude", Quantity.mm(amplitudeMm), "height", Quantity.mm(bars.heightMm())),
          OperationText.USE_LESS_DISPLACEMENT.with());
    }
    return Done.of(bars).then(new SurfaceNoise(amplitudeMm, scaleMm, seed, Size.of(bars)));
  }

  @Override
  public double unevenMm(double beforeMm) {
    return beforeMm + 2 * amplitudeMm;
  }
}
