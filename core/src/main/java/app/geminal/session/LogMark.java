package app.geminal.session;

/**
 * How things were when something was done.
 *
 * @param heat which heat, from 1
 * @param skinC estimated
 * @param coreC estimated
 * @param plusMinusC how far either may be off
 * @param sinceOutS seconds out of the fire, 0 in it
 * @param leftS seconds of working time the outer joint had left; negative when it was over
 * @param pressedMm how far the dies went, as far as the gauge of the press says; 0 elsewhere
 */
public record LogMark(
    LogEntry logEntry,
    int heat,
    double skinC,
    double coreC,
    double plusMinusC,
    double sinceOutS,
    double leftS,
    double pressedMm) {

  LogMark withPressed(double mm) {
    return new LogMark(logEntry, heat, skinC, coreC, plusMinusC, sinceOutS, leftS, mm);
  }
}
