package app.geminal.server.pooling;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum PoolingText implements ServerKey {
  NO_RECORD,
  TOO_MANY_RECORDS;

  @Override
  public String section() {
    return "pooling";
  }
}
