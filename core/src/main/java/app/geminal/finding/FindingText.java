package app.geminal.finding;

import app.geminal.text.MessageKey;

/** Parts of findings that are said once for each of several things. */
enum FindingText implements MessageKey {
  SHORT_BY;

  @Override
  public String section() {
    return "finding";
  }
}
