package app.geminal.validation;

import app.geminal.text.MessageKey;

/** What is said of a value that breaks the rule of its field. */
enum ValidationText implements MessageKey {
  TOO_SMALL,
  MORE_THAN_AT_MOST,
  BETWEEN,
  ITEMS,
  NOT_A_NUMBER,
  NOT_USABLE,
  EMPTY,
  TOO_LONG,
  THIS_IS_MISSING;

  @Override
  public String section() {
    return "value";
  }
}
