package app.geminal.server.card;

import app.geminal.server.text.ServerKey;

/** What is printed on a card. */
enum CardText implements ServerKey {
  STACK_OF,
  BARS_OF,
  FROM_TO,
  SOAK,
  SOAKED,
  VISIBLE_LAYERS,
  NOMINAL,
  START_SESSION,
  CUT_LIST,
  RUN,
  STEP,
  AFTER,
  LAYERS,
  STOPS,
  HEATS,
  OPEN_FLAWS,
  SAFETY,
  TAG_NUMBER,
  TAG_LAYERS;

  @Override
  public String section() {
    return "card";
  }
}
