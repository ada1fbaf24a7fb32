package app.geminal.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A part of the line that remembers where it stands. Package use only. */
record Span(String text, int from) {

  int to() {
    return from + text.length();
  }

  Misread misread(String message) {
    return new Misread(from, to(), message);
  }

  boolean isEmpty() {
    return text.isEmpty();
  }

  Span stripped() {
    String left = text.stripLeading();
    return new Span(left.strip(), from + text.length() - left.length());
  }

  Span part(int start, int end) {
    return new Span(text.substring(start, end), from + start).stripped();
  }

  Span after(int start) {
    return part(start, text.length());
  }

  /** The parts between separators; separators inside brackets do not count. */
  List<Span> split(Pattern separator) {
    List<Span> parts = new ArrayList<>();
    Matcher m = separator.matcher(text);
    int start = 0;
    while (m.find()) {
      if (depthAt(m.start()) == 0) {
        parts.add(part(start, m.start()));
        start = m.end();
      }
    }
    parts.add(after(start));
    return parts;
  }

  private int depthAt(int index) {
    int depth = 0;
    for (int i = 0; i < index; i++) {
      depth += text.charAt(i) == '(' ? 1 : text.charAt(i) == ')' ? -1 : 0;
    }
    return depth;
  }
}
