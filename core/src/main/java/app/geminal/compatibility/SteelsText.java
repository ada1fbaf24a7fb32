package app.geminal.compatibility;

import app.geminal.text.MessageKey;

/** Parts of reasons that are said once for each of several steels. */
enum SteelsText implements MessageKey {
  QUENCH_OF,
  ONE_STEEL;

  @Override
  public String section() {
    return "steels";
  }
}
