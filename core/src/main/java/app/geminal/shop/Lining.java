package app.geminal.shop;

/** What the forge is lined with, as far as flux cares. */
public enum Lining {
  /** Ceramic fibre, bare or only coated, on the floor too. Flux eats it within hours. */
  FIBRE,
  /** Fibre with a hard floor: high-alumina tile or castable. */
  FIBRE_HARD_FLOOR,
  /** Castable or hard brick all round. */
  HARD
}
