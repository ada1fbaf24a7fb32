package app.geminal.compatibility;

import app.geminal.text.Topic;

/** Everything that can be said for or against steels in one bar. */
public enum ReasonKind implements Topic {
  CARBON_DRAWN("carbon-wanders"),
  CARBON_REPELLED("carbon-wanders"),
  CONTRAST_LOW("contrast-low"),
  COPPER_BETWEEN("copper-runs"),
  COPPER_MOLTEN("copper-runs"),
  COPPER_NOT_BETWEEN("copper-runs"),
  EDGE_CARBON_HIGH("edge-carbon"),
  EDGE_CARBON_LEAN("edge-carbon"),
  EDGE_CARBON_MILD("edge-carbon"),
  EDGE_CARBON_TOO_LITTLE("edge-carbon"),
  EDGE_CARBON_UNKNOWN("edge-carbon"),
  EDGE_NEVER_HARDENS("edge-carbon"),
  FUME_METALS("fume-metals"),
  HARDENING_HEATS_APART("hardening-does-not-overlap"),
  HARDENS_IN_AIR("hardens-in-air"),
  HOT_STRENGTH_DIFFERS("hot-strength-differs"),
  NEVER_WELDS("no-weld-window"),
  NO_WELD_WINDOW("no-weld-window"),
  OXIDE_NOT_FLUXED("oxide-will-not-lift"),
  QUENCHES_APART("hardening-does-not-overlap"),
  SHEAR_BY_LENGTH("shear-at-quench"),
  SHEAR_BY_MARTENSITE("shear-at-quench"),
  SOFT_THROUGH_EDGE("soft-through-edge"),
  STEEL_UNCERTAIN("steel-uncertain"),
  WELD_WINDOW_NARROW("weld-window-narrow"),
  ZINC("zinc-or-lead");

  private final String family;

  ReasonKind(String family) {
    this.family = family;
  }

  @Override
  public String section() {
    return "steels";
  }

  @Override
  public String family() {
    return family;
  }
}
