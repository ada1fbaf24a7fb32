package app.geminal.units;

import com.google.errorprone.annotations.FormatMethod;
import com.google.errorprone.annotations.FormatString;
import java.util.Locale;

/** Puts figures into words the same way on every machine. */
public final class Text {
  private Text() {}

  /**
   * {@link String#format} with a point before decimals and a comma between thousands, whatever the
   * machine's language: what is written may be read again, and a plan is worded alike everywhere.
   */
  @FormatMethod
  public static String of(@FormatString String words, Object... figures) {
    return String.format(Locale.ROOT, words, figures);
  }
}
