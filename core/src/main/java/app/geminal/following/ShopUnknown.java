package app.geminal.following;

import app.geminal.shop.FacePrep;
import app.geminal.weldmap.Unknown;
import org.jspecify.annotations.Nullable;

/** What is unknown of a shop and the same, or nearly the same, in its next heat. */
public enum ShopUnknown {
  /** How well the steel takes up what the chamber radiates. */
  EMISSIVITY(Unknown.EMISSIVITY, null),
  /** How much heat the flame carries to it. */
  CONVECTION(Unknown.CONVECTION, null),
  /** How much hotter the chamber is than its gauge, as it is set, says. */
  CHAMBER_OFFSET(Unknown.CHAMBER_OFFSET, null),
  /** How much heat the dies take. */
  DIE_CONTACT(Unknown.DIE_CONTACT, null),
  /** How hard hot steel resists, by the gauge of the press. */
  FLOW_STRESS(Unknown.FLOW_STRESS, null),
  /** How well heat crosses the gaps between ground faces. */
  GAPS_GROUND(Unknown.GAP_CONDUCTANCE, FacePrep.GROUND),
  /** The same between faces with tight mill scale. */
  GAPS_CLEAN_SCALE(Unknown.GAP_CONDUCTANCE, FacePrep.CLEAN_SCALE),
  /** The same between faces as found. */
  GAPS_AS_FOUND(Unknown.GAP_CONDUCTANCE, FacePrep.AS_FOUND);

  private final Unknown unknown;
  private final @Nullable FacePrep faces;

  ShopUnknown(Unknown unknown, @Nullable FacePrep faces) {
    this.unknown = unknown;
    this.faces = faces;
  }

  /** What it is of one heat. */
  public Unknown unknown() {
    return unknown;
  }

  /** Whether a stack with such faces shows it. */
  boolean isOf(FacePrep prepared) {
    return faces == null || faces == prepared;
  }

  /** Whether each stack has its own, about what is usual in the shop. */
  boolean isOfTheStack() {
    return faces != null;
  }
}
