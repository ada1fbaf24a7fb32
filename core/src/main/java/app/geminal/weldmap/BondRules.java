package app.geminal.weldmap;

import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;

/**
 * What decides whether a patch bonds, as one sample takes it to be, and where every patch is. Made
 * once for a weld and a sample; asked for every patch.
 */
final class BondRules {
  /** Air that reaches the joints of a vented can. A guess. */
  private static final double VENTED_BREATHES = 0.03;

  /** The shortest squeeze, s. */
  private static final double LEAST_STROKE_S = 0.05;

  private static final double UM_PER_MM = 1000;
  private static final double PA_PER_MPA = 1e6;

  final double floorC;
  final double leastReduction;
  final double splitReduction;
  final double strokeS;
  final double dieContactWM2K;
  final double fluxDissolvesUm;
  final boolean isSealed;

  /** Air at the edge of a joint, 1 in the open. */
  final double outside;

  private final double breathingMm;
  private final double startUm2;
  private final double dispersedUm;
  private final double slagDispersedUm;
  private final double slagViscosityPaS;
  private final double reduction;
  private final double unevenness;
  private final FrictionHill hill;
  private final PatchGrid grid;
  private final double lengthMm;
  private final double widthMm;

  BondRules(WeldSetup setup, Sample sample, PatchGrid grid) {
    WeldSetup.Squeeze squeeze = setup.squeeze();
    WeldSetup.Faces faces = setup.faces();
    this.grid = grid;
    this.lengthMm = setup.bar().lengthMm();
    this.widthMm = setup.bar().widthMm();
    this.floorC = setup.floorC() + sample.get(Unknown.FLOOR_OFFSET);
    this.leastReduction = squeeze.leastReduction() * sample.get(Unknown.LEAST_REDUCTION);
    this.splitReduction = squeeze.splitReduction() * sample.get(Unknown.SPLITTING);
    this.strokeS = Math.max(LEAST_STROKE_S, squeeze.strokeS());
    this.dieContactWM2K = sample.get(Unknown.DIE_CONTACT);
    this.fluxDissolvesUm = sample.get(Unknown.FLUX_DISSOLVES);
    this.isSealed = faces.protection() == AtmosphereProtection.SEALED;
    this.outside = isSealed ? (faces.jacket() == Jacket.VENTED ? VENTED_BREATHES : 0) : 1;
    this.breathingMm =
        faces.gapMm() * sample.get(Unknown.GAP_WIDTH) * sample.get(Unknown.BREATHING_DEPTH);
    double start = faces.startOxideUm() * sample.get(Unknown.START_OXIDE);
    this.startUm2 = start * start;
    this.dispersedUm = sample.get(Unknown.DISPERSED_OXIDE);
    this.slagDispersedUm = sample.get(Unknown.SLAG_DISPERSED);
    this.slagViscosityPaS = sample.get(Unknown.SLAG_VISCOSITY);
    this.reduction = squeeze.reduction();
    this.unevenness = sample.get(Unknown.UNEVENNESS);
    this.hill = new FrictionHill(sample.get(Unknown.FRICTION), widthMm, setup.bar().heightMm());
  }

  /** What a squeeze that reaches its stop takes at a patch, fraction of the height. */
  double reductionAt(int patch) {
    double across = grid.acrossAt(patch);
    return reduction * hill.overMean(across) * (1 + unevenness * (2 * across - 1));
  }

  /** Pressure at a patch in times the flow stress. */
  double pressureAt(int patch) {
    return hill.at(grid.acrossAt(patch));
  }

  /** Distance of a patch's middle from the nearest edge, mm. */
  private double insideMm(int patch) {
    double along = grid.alongAt(patch);
    double across = grid.acrossAt(patch);
    return Math.min(Math.min(along, 1 - along) * lengthMm, Math.min(across, 1 - across) * widthMm);
  }

  /**
   * Oxide in the middle of a patch, µm of both faces.
   *
   * @param grownUm2 square of what would have grown on one face at an edge
   */
  double oxideUm(int patch, double grownUm2) {
    double breathes = Math.exp(-insideMm(patch) / breathingMm);
    return 2 * Math.sqrt(startUm2 + breathes * breathes * grownUm2);
  }

  /** Oxide that a reduction breaks up: the bare part of a face is what it has grown by. */
  double brokenUpUm(double reduced) {
    return dispersedUm * reduced;
  }

  /**
   * Part of a patch that is far enough from the edges for its oxide to be taken away.
   *
   * @param grownUm2 square of what would have grown on one face at an edge
   * @param awayUm what flux and squeeze take away, of both faces
   */
  double cleanShare(int patch, double grownUm2, double awayUm) {
    double mayGrowUm2 = awayUm * awayUm / 4 - startUm2;
    if (mayGrowUm2 <= 0) {
      return 0;
    }
    double rimMm = grownUm2 <= mayGrowUm2 ? 0 : breathingMm * Math.log(grownUm2 / mayGrowUm2) / 2;
    return share(grid.alongAt(patch), 1.0 / grid.along(), rimMm / lengthMm)
        * share(grid.acrossAt(patch), 1.0 / grid.across(), rimMm / widthMm);
  }

  /** Part of a stretch round a middle that is not in the rim at either end of 0 to 1. */
  private static double share(double middle, double stretch, double rim) {
    double from = Math.max(middle - stretch / 2, rim);
    double to = Math.min(middle + stretch / 2, 1 - rim);
    return Math.max(0, to - from) / stretch;
  }

  /**
   * Slag left between the faces, in times what the squeeze breaks up: a film squeezed out of a
   * slit, after Reynolds.
   */
  double slagOver(int patch, double pressureMpa, double pressedS) {
    double leftUm =
        insideMm(patch)
            * UM_PER_MM
            * Math.sqrt(slagViscosityPaS / (2 * pressureMpa * PA_PER_MPA * pressedS));
    return leftUm / slagDispersedUm;
  }
}
