package app.geminal.operation;

import app.geminal.text.MessageKey;
import java.util.Locale;

/**
 * Names a text of a kind of step, or of one of its fields, as pages show it.
 *
 * @param key in the catalogue
 */
record StepText(String key) implements MessageKey {
  /** Of a step of that word, and of what of it. */
  static StepText of(String word, String... what) {
    String rest = what.length == 0 ? "" : "." + String.join(".", what);
    return new StepText(
        ("step." + word + rest.replaceAll("(?<=[a-z])(?=[A-Z])", "-")).toLowerCase(Locale.ROOT));
  }

  @Override
  public String name() {
    return key;
  }

  @Override
  public String section() {
    return "step";
  }
}
