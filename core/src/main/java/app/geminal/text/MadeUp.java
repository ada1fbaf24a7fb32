package app.geminal.text;

import com.ibm.icu.text.MessagePattern;
import java.util.Locale;

/**
 * A made-up language that shows what is not in a catalogue: letters with accents, in brackets, as
 * the pages have it too (web/texts).
 */
final class MadeUp {
  /** en-XA, as browsers ask for it. */
  static final Locale LANGUAGE = Locale.of("en", "XA");

  private static final String PLAIN = "aceinouyACEINOUY";
  private static final String ACCENTED = "àçèìñòùýÀÇÈÌÑÒÙÝ";

  private MadeUp() {}

  /** A pattern in the made-up language; its arguments stay. */
  static String pattern(String english) {
    MessagePattern parts = new MessagePattern(english);
    StringBuilder made = new StringBuilder("⟦");
    int at = 0;
    int arguments = 0;
    int messages = 0;
    for (int i = 0; i < parts.countParts(); i++) {
      MessagePattern.Part part = parts.getPart(i);
      // A selector such as =1 has its number as a part of its own inside it.
      if (part.getIndex() >= at) {
        String before = english.substring(at, part.getIndex());
        made.append(messages > arguments ? accented(before) : before);
        made.append(english, part.getIndex(), part.getLimit());
        at = part.getLimit();
      }
      switch (part.getType()) {
        case MSG_START -> messages++;
        case MSG_LIMIT -> messages--;
        case ARG_START -> arguments++;
        case ARG_LIMIT -> arguments--;
        default -> {}
      }
    }
    return made.append(english.substring(at)).append("⟧").toString();
  }

  private static String accented(String text) {
    StringBuilder made = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      if (text.startsWith("[[", i)) {
        int end = text.indexOf("]]", i);
        made.append(text, i, end);
        i = end;
      }
      char letter = text.charAt(i);
      int known = PLAIN.indexOf(letter);
      made.append(known < 0 ? letter : ACCENTED.charAt(known));
    }
    return made.toString();
  }
}
