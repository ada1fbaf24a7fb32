package app.geminal.pooling;

import app.geminal.text.MessageKey;

/** What is said of records of other shops. */
enum PoolingText implements MessageKey {
  TOO_FEW,
  REPEATED,
  KNOWN,
  UNLIKE,
  DECIDED_WELDS_ONLY,
  NO_SMITHS,
  SHOP_CODE;

  @Override
  public String section() {
    return "pooling";
  }
}
