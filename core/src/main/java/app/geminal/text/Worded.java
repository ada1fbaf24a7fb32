package app.geminal.text;

/** One of a few, each with a word of its own in shorthand. */
public interface Worded {
  /** The word used in shorthand; lower case, not translated. */
  String word();
}
