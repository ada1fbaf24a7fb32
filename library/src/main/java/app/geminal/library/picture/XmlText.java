package app.geminal.library.picture;

/** Text as XML takes it: a document with any other character in it cannot be opened at all. */
public final class XmlText {
  private XmlText() {}

  /**
   * The text without the characters XML does not take; each becomes the mark for what is missing.
   */
  public static String of(String text) {
    if (text.codePoints().allMatch(XmlText::isTaken)) {
      return text;
    }
    StringBuilder taken = new StringBuilder();
    text.codePoints().forEach(c -> taken.appendCodePoint(isTaken(c) ? c : 0xFFFD));
    return taken.toString();
  }

  private static boolean isTaken(int c) {
    return c == '\t'
        || c == '\n'
        || c == '\r'
        || (c >= 0x20 && c <= 0xD7FF)
        || (c >= 0xE000 && c <= 0xFFFD)
        || c >= 0x10000;
  }
}
