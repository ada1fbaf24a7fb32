package app.geminal.measurement;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum MeasurementText implements MessageKey {
  ENTER_SIZE_OR_MASS,
  MASS_LIMITS,
  AS_CALCULATED,
  LESS_STEEL,
  MORE_STEEL,
  IT_SPREAD,
  IT_LENGTHENED,
  MASS_AGREES,
  MASS_LESS,
  MASS_MORE,
  PIECES_OF,
  OF,
  PIECES_AND_MORE,
  PIECES_TO_SHORT,
  TOO_SHORT_TO_CUT,
  SHORTER_THAN_HELD,
  ONLY_SAWDUST;

  @Override
  public String section() {
    return "measurement";
  }
}
