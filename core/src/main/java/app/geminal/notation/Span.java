package app.geminal.notation;

import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A part of the line that remembers where it is. Package use only. */
record Span(String text, int from) {

  int to() {
    return from + text.length();
  }

  ShorthandError misread(Message words) {
    return new ShorthandError(from, to(), words);
  }

  boolean isEmpty() {
    return text.isEmpty();
  }

  Span stripped() {
    String left = text.stripLeading();
    return new Span(left.strip(), from + text.length() - left.length());
  }

  /** Without what may be at its end. */
  Span without(String end) {
    Matcher m = Pattern.compile("(?is)(.*?)(?:" + end + ")?").matcher(text);
    return m.matches() ? part(0, m.end(1)) : this;
  }

  Span part(int start, int end) {
    return new Span(text.substring(start, end), from + start).stripped();
  }

  Span after(int start) {
    return part(start, text.length());
  }

  /** The parts between separators; separators inside brackets do not count. */
  List<Span> split(Pattern separator) {
    int[] depth = depths();
    List<Span> parts = new ArrayList<>();
    Matcher m = separator.matcher(text);
    int start = 0;
    while (m.find()) {
      if (depth[m.start()] == 0) {
        parts.add(part(start, m.start()));
        start = m.end();
      }
    }
    parts.add(after(start));
    return parts;
  }

  /** How many brackets are open before each character. */
  private int[] depths() {
    int[] depths = new int[text.length() + 1];
    int depth = 0;
    for (int i = 0; i < text.length(); i++) {
      depths[i] = depth;
      char c = text.charAt(i);
      depth += c == '(' || c == '[' ? 1 : c == ')' || c == ']' ? -1 : 0;
    }
    depths[text.length()] = depth;
    return depths;
  }
}
