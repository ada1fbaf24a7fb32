package app.geminal.cli;

import app.geminal.text.Message;
import app.geminal.text.MessageKey;

/** What the shell says. */
enum CliText implements MessageKey {
  VISIBLE_LAYERS,
  PART,
  STACK,
  OFF,
  LAYERS,
  STOPS,
  LOST,
  LEDGER,
  SET_ASIDE,
  LEFT_OVER,
  CAUTION,
  FINDING,
  STEPS,
  SCHEDULES,
  TOO_SMALL,
  CANCELLED,
  SCHEDULE,
  MORE,
  RELAX,
  NEAREST,
  THREE_SIZES,
  PIECE_FORM,
  PICTURE_NAME,
  UNKNOWN_STEEL,
  VERDICT,
  NO_PLAN,
  WELDS,
  NO_WELDS,
  MELTS,
  TONE,
  AT_PLACE,
  NO_SUCH_WELD,
  WELD_MAP,
  WELD_JOINT,
  WELD_REMEDY,
  WELD_WITHOUT_MAP,
  NO_FILE,
  CANNOT_WRITE,
  NO_DECIDED_WELD,
  WOULD_LEAVE,
  LEFT_OUT,
  WRITE_WITH,
  WRITTEN,
  OTHER_SHOP,
  POOLED,
  WRITE_LINE,
  COUNTED,
  MEASURED,
  CARD_WRITTEN;

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
