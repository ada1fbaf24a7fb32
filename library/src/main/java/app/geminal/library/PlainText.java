package app.geminal.library;

/** Text in a table that a table program should not take for a formula. */
public final class PlainText {
  private static final String FORMULA = "'=+-@\t\r\n";

  private PlainText() {}

  /** The text, with an apostrophe before it where its first character would begin a formula. */
  public static String of(String text) {
    return isFormula(text) ? "'" + text : text;
  }

  /** What {@link #of} was made of. */
  public static String read(String cell) {
    return cell.startsWith("'") && isFormula(cell.substring(1)) ? cell.substring(1) : cell;
  }

  private static boolean isFormula(String text) {
    return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0;
  }
}
