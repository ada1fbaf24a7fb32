package app.geminal.notation;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum NotationText implements MessageKey {
  WRITE_WORD_AND_LENGTH,
  MEASURED_FORM,
  WRITE_MASS,
  PLAN_STARTS_WITH_STACK,
  AFTER_PIECES,
  WRITE_STACK_IN_BRACKETS,
  TOO_MANY_PIECES,
  WRITE_PIECES_IN_BRACKETS,
  WRITE_STEEL_AND_THICKNESS,
  PIECE_SIZES,
  WRITE_BAR_OF_PART,
  WRITE_ORIENTATION,
  WRITE_FINISHED_PIECES,
  LINE_TOO_LONG,
  PLAN_TWICE,
  NO_STACK_AFTER_PARTS,
  WRITE_WHOLE_NUMBER_HERE,
  WRITE_NUMBER_HERE,
  WRITE_PERCENTAGE,
  WRITE_ONE_OF,
  STEPS,
  WRITE_STEP_HERE,
  NOT_A_STEP;

  @Override
  public String section() {
    return "notation";
  }
}
