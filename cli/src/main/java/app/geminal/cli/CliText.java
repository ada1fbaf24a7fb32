package app.geminal.cli;

import app.geminal.text.Message;
import app.geminal.text.MessageKey;

/** What the shell says. */
enum CliText implements MessageKey {
  AT_PLACE,
  BUY,
  CANCELLED,
  CANNOT_WRITE,
  CARD_WRITTEN,
  CAUTION,
  COUNTED,
  CUT_BAR,
  CUT_SUM,
  FINDING,
  FORGE_BURNS,
  FORGE_LIT,
  LATE,
  LAYERS,
  LEDGER,
  LEFT_OUT,
  LEFT_OVER,
  LEFT_WHOLE,
  LOST,
  MEASURED,
  MELTS,
  MISSING_PIECES,
  MORE,
  NEAREST,
  NO_DECIDED_WELD,
  NO_FILE,
  NO_PLAN,
  NO_ROOM,
  NO_SUCH_WELD,
  NO_WELDS,
  OFF,
  OTHER_SHOP,
  PART,
  PICTURE_NAME,
  PIECE_FORM,
  PLANNED_TASK,
  POOLED,
  RELAX,
  RIPPED,
  SAW_CUT,
  SCHEDULE,
  SCHEDULES,
  SET_ASIDE,
  SMITH,
  STACK,
  STEPS,
  STOPS,
  THREE_SIZES,
  TONE,
  TOO_SMALL,
  UNKNOWN_STEEL,
  VERDICT,
  VISIBLE_LAYERS,
  WELDS,
  WELD_JOINT,
  WELD_MAP,
  WELD_REMEDY,
  WELD_WITHOUT_MAP,
  WOULD_LEAVE,
  WRITE_AS_IN_HELP,
  WRITE_LINE,
  WRITE_WITH,
  WRITTEN;

  @Override
  public String section() {
    return "cli";
  }

  @Override
  public String catalogue() {
    return "app.geminal.cli.cli";
  }

  /** What is wrong, with its place where there is one. */
  static Message at(String place, Message why) {
    return place.isEmpty() ? why : AT_PLACE.with("place", place, "why", why);
  }
}
