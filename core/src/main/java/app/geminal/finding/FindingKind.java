package app.geminal.finding;

import app.geminal.text.Topic;

/** Everything a check of a plan can find. */
public enum FindingKind implements Topic {
  ABOVE_SOLIDUS("above-solidus"),
  AIR_RICH_BURNER("air-hungry-burner"),
  BAND_TOO_WIDE("band-too-wide"),
  BURNERS_TOO_SMALL("burners-too-small"),
  CHAMBER_LARGE("burners-too-small"),
  CHAMBER_SECTION("chamber-fit"),
  CHAMBER_TOO_SHORT("chamber-fit"),
  CHAMBER_SHORT("chamber-fit"),
  CAN_WITHOUT_VENT("can-without-vent"),
  COATING_PAINT("face-not-ground"),
  COATING_PLATED("plated-stock"),
  COATING_ZINC("zinc-or-lead"),
  COLD_FOR_STEELS("below-welding-heat"),
  COPPER_ABSENT("copper-runs"),
  COPPER_COLD("below-welding-heat"),
  COPPER_DRAWN_HOT("copper-runs"),
  COPPER_HEATS("copper-runs"),
  COPPER_METHOD("copper-runs"),
  COPPER_MOLTEN_HOT("copper-runs"),
  COPPER_SOLID_HOT("copper-runs"),
  COPPER_SQUEEZED("copper-runs"),
  COPPER_UNSEALED("oxide-will-not-lift"),
  DIES_NARROW_ON_SET("dies-narrow-on-set"),
  DRAW_TOO_WIDE("draw-too-wide"),
  EDGE_SOFT("band-too-wide"),
  FACE_NOT_DEGREASED("not-degreased"),
  FACE_SCALED("face-not-ground"),
  FACE_SCALED_IN_FOLD("face-not-ground"),
  FACE_UNPREPARED("face-not-ground"),
  FEW_SETTING_HEATS("few-setting-heats"),
  FINISH_SHORT("finish-short"),
  FIRST_SET_NARROW_DIES("first-set-too-hard"),
  FIRST_SET_TOO_HARD("first-set-too-hard"),
  FLUX_NEEDLESS("flux-needless"),
  FLUX_ON_FIBRE("flux-on-fibre"),
  FORCE_SHORT("force-short"),
  FUEL_FLARE("fuel-flare"),
  GAUGE_NOT_CALIBRATED("gauge-not-calibrated"),
  GROOVE_TOO_DEEP("groove-too-deep"),
  HEIGHTS_DIFFER("heights-do-not-match"),
  JOINTS_MERGE("joints-merge"),
  LAYERS_FINE_ON_BEVEL("layers-too-fine"),
  LAYERS_FINE_ON_END("layers-too-fine"),
  LAYERS_LOST("layers-lost-to-grinding"),
  LONG_STACK("long-stack-no-side-bead"),
  NO_PRACTICE_WELD("no-practice-weld"),
  NOT_WELDED("not-set"),
  OUTER_PIECE_THIN("outer-piece-thin"),
  OVERHEATED("overheated"),
  PART_SIZE_DIFFERS("widths-differ"),
  PATTERN_GROUND_THROUGH("pattern-ground-through"),
  PATTERN_ON_TANG("pattern-on-tang"),
  PIECE_SIZES_DIFFER("widths-differ"),
  PIECE_TOO_SHORT("piece-too-short"),
  PIECE_USED_TWICE("piece-used-twice"),
  PRESS_OPENING("press-opening"),
  SECTION_SMALL("resquare-too-thin"),
  SOAK_LONG("soak-long"),
  SOAK_SHORT("soak-short"),
  TOO_HEAVY("too-heavy"),
  TWIST_CORNERS("twist-corners"),
  TWIST_SHEAR("twist-shear");

  private final String family;

  FindingKind(String family) {
    this.family = family;
  }

  @Override
  public String section() {
    return "finding";
  }

  @Override
  public String family() {
    return family;
  }
}
