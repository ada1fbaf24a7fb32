package app.geminal.billet;

/**
 * Where a step is in a plan and its parts.
 *
 * @param part names of the parts it is in, with strokes between; empty for the billet itself
 * @param key of the step in its plan
 */
public record StepPath(String part, String key) {

  /** From one text: the part names and the key, with strokes between. */
  public static StepPath of(String path) {
    int stroke = path.lastIndexOf('/');
    return new StepPath(stroke < 0 ? "" : path.substring(0, stroke), path.substring(stroke + 1));
  }
}
