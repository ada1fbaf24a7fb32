package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.validation.Require;

/**
 * Uneven forging on purpose: the layers under the faces are pushed up and down, and grinding flat
 * afterwards cuts through them. Sizes stay, and on average so do the layers.
 *
 * @param amplitudeMm how far layers are pushed, from their middle; above 0, to 20
 * @param scaleMm from hump to hump; above 0, to 500
 * @param seed which surface it is; the same number is always the same surface
 */
public record ForgedSurface(double amplitudeMm, double scaleMm, int seed) implements Operation {

  /** Checks every field. */
  public ForgedSurface {
    Require.lengthAbove("amplitudeMm", amplitudeMm, 0, 20);
    Require.lengthAbove("scaleMm", scaleMm, 0, 500);
    Require.count("seed", seed, 0, 1_000_000);
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    if (2 * amplitudeMm >= bars.heightMm()) {
      return new Impossible(
          "amplitudeMm",
          Text.of(
              "A displacement of %s to either side does not fit into a bar %s high.",
              Measure.mm(amplitudeMm), Measure.mm(bars.heightMm())),
          "Use less displacement.");
    }
    return Done.of(bars);
  }
}
