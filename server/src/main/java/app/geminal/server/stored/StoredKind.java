package app.geminal.server.stored;

import app.geminal.server.text.ServerKey;

/** Kinds of stored documents, as they are called in sentences. */
public enum StoredKind implements ServerKey {
  PLAN,
  SHOP,
  WELD,
  ENTRY,
  EARLIER_WELD,
  EARLIER_ENTRY,
  STEEL,
  HEAT_PLAN,
  CALIBRATION;

  @Override
  public String section() {
    return "stored-kind";
  }
}
