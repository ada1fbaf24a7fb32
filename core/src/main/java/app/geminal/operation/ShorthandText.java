package app.geminal.operation;

import app.geminal.text.MessageKey;

/** What shorthand answers where a step is not said as it should be. */
enum ShorthandText implements MessageKey {
  AFTER_SET,
  AFTER_DRAW,
  AFTER_TRIM,
  AFTER_GRIND,
  AFTER_CUT,
  AFTER_ASIDE,
  AFTER_SCRAP,
  WRITE_NOTHING_AFTER_WATCH,
  AFTER_RESTACK,
  AFTER_FOLD,
  AFTER_TWIST,
  AFTER_RESQUARE,
  AFTER_UPSET,
  AFTER_ROLL,
  AFTER_FOURWAY,
  AFTER_LADDER,
  AFTER_DIMPLES,
  AFTER_UNEVEN,
  AFTER_SANDWICH,
  AFTER_LAYUP,
  AFTER_BLADE,
  WRITE_BOTH_SIDES,
  WRITE_PIECES_TO_CUT,
  WRITE_BARS_ASIDE,
  WRITE_BARS_SCRAPPED,
  WRITE_TURNS,
  WRITE_REDUCTION,
  WRITE_DISPLACEMENT,
  WRITE_CLADDING,
  WRITE_BLADE_SIZE;

  @Override
  public String section() {
    return "notation";
  }
}
