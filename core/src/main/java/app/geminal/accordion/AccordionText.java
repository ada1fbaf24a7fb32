package app.geminal.accordion;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum AccordionText implements MessageKey {
  AFTER_ACCORDION,
  CUTS_THROUGH,
  CUT_LESS_DEEP,
  TOO_FEW_PIECES,
  CUT_CLOSER,
  NOT_SO_HIGH,
  FLATTEN_FURTHER;

  @Override
  public String section() {
    return "accordion";
  }
}
