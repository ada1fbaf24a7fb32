package app.geminal.weldmap;

import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;

/**
 * What a weld hangs on and no one knows well enough. Every range is where 90 in 100 are believed to
 * be; all of them are sampled together, so that a chance holds what is not known of each.
 */
@SuppressWarnings("ImmutableEnumChecker")
public enum Unknown {
  /** Conductance of a gap in a loose stack, W/(m²·K); 300 to 5000 are reported. */
  GAP_CONDUCTANCE(BarHeat.Of.USUAL_GAP, Range.byFactors(300, 5000)),
  /** Of scaled steel in a chamber; reported. */
  EMISSIVITY(Surroundings.EMISSIVITY, Range.of(0.70, 0.85)),
  /** Of burnt gas, W/(m²·K); reported. */
  CONVECTION(Surroundings.FORGE_CONVECTION, Range.of(20, 40)),
  /** How much hotter the chamber is than it is meant to be, K. A guess for an eye and a gauge. */
  CHAMBER_OFFSET(0, Range.of(-25, 25)),
  /** Power that reaches the steel, times what the shop says. A guess. */
  POWER(1, Range.of(0.8, 1.2)),
  /** Growth of scale, times {@link app.geminal.heat.Scale}'s; within 2 either way. */
  OXIDE_GROWTH(1, Range.byFactors(0.5, 2)),
  /** What the flame leaves of it, times {@link app.geminal.heat.Atmosphere}'s; reported. */
  FLAME(1, Range.byFactors(0.5, 2)),
  /** Friction of dry scale on the dies; 0.3 to 0.5 are reported, 0.2 with flux between. */
  FRICTION(0.4, Range.of(0.2, 0.5)),
  /** Flow stress, times {@link app.geminal.steel.FlowStress}'s ±15 %. */
  FLOW_STRESS(1, Range.of(0.85, 1.15)),
  /** From the fire to the first touch of the dies, s. A guess for a smith who is ready. */
  TO_DIES(5, Range.byFactors(3, 8)),
  /** From one bite to the next, s. A guess. */
  PER_BITE(2.5, Range.byFactors(1.5, 3.5)),
  /** How much more one edge is reduced than the middle, fraction of the reduction. A guess. */
  UNEVENNESS(0, Range.of(-0.15, 0.15)),
  /** Cold dies on scaled steel, W/(m²·K); 2000 to 10 000 are reported. */
  DIE_CONTACT(FaceContact.COLD_DIE.conductanceWM2K(), Range.byFactors(2000, 10_000)),
  /**
   * Depth at which a gap breathes a third of the air at its edge, in times its width. A guess of
   * 30, within 2 either way.
   */
  BREATHING_DEPTH(30, Range.byFactors(15, 60)),
  /** Width of the gaps, times what the preparation is taken to leave. A guess. */
  GAP_WIDTH(1, Range.byFactors(0.5, 2)),
  /** Oxide the faces begin with, times what the preparation is taken to leave. A guess. */
  START_OXIDE(1, Range.byFactors(0.4, 2.5)),
  /** Oxide that one application of flux dissolves, µm of both faces together. A guess. */
  FLUX_DISSOLVES(50, Range.byFactors(25, 100)),
  /** Minutes at red until a fuel soak has burnt out. A guess. */
  FUEL_LASTS(4, Range.byFactors(2, 8)),
  /**
   * Where it begins to bond, over the lower end of the welding heats, K. That end is where smiths
   * are sure; bonds are made colder, down to where nothing bonds any more. A guess.
   */
  FLOOR_OFFSET(-40, Range.of(-80, 0)),
  /** Least reduction that sets a joint, times what the shop takes it to be. A guess. */
  LEAST_REDUCTION(1, Range.byFactors(0.75, 1.33)),
  /** Oxide that a face dispersed whole would take up, µm of both faces together. A guess. */
  DISPERSED_OXIDE(80, Range.byFactors(40, 160)),
  /** Reduction that pulls an unset edge open, times the shop's limit. A guess. */
  SPLITTING(1.3, Range.byFactors(1.0, 1.7)),
  /** Viscosity of borax slag at welding heat, Pa·s. A guess. */
  SLAG_VISCOSITY(1, Range.byFactors(0.3, 3)),
  /** Thickness of slag film that the squeeze breaks up, µm. A guess. */
  SLAG_DISPERSED(11, Range.byFactors(6, 20));

  private final double likely;
  private final Range range;

  Unknown(double likely, Range range) {
    this.likely = likely;
    this.range = range;
  }

  /** What everything else here takes it to be. */
  public double likely() {
    return likely;
  }

  /** Where 90 in 100 are believed to be, before a shop has learnt anything. */
  public Range range() {
    return range;
  }
}
