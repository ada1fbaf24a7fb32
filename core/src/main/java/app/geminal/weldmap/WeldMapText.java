package app.geminal.weldmap;

import app.geminal.text.Message;
import app.geminal.text.MessageKey;
import java.util.Map;

/** The texts of this package. */
enum WeldMapText implements MessageKey {
  AIM,
  ALL_LIKELY,
  BITES,
  CHECK,
  DIES,
  EVIDENCE,
  HEATS,
  HEATS_AND_REDUCTION,
  LOOKS,
  OUTSIDE,
  PROTECT,
  REDUCTION,
  SO_FAR,
  SOAK,
  WEAKEST;

  @Override
  public String section() {
    return "weldmap";
  }

  /** The message with figures that are there already. */
  Message of(Map<String, Object> figures) {
    return new Message(catalogue(), key(), figures);
  }
}
