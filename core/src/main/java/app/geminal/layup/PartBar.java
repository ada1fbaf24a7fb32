package app.geminal.layup;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One bar of a part.
 *
 * @param part the part's name in the plan
 * @param turn which way it is laid
 * @param shims laid on it to bring it up to its neighbours, bottom first; 0 to 5
 */
public record PartBar(String part, Turn turn, List<Piece> shims) implements Laid {

  /** Checks every field; no turn and no list mean as it is and none. */
  public PartBar(String part, @Nullable Turn turn, @Nullable List<Piece> shims) {
    this.part = requireName("part", part);
    this.turn = Objects.requireNonNullElse(turn, Turn.SAME);
    this.shims = Require.list("shims", Objects.requireNonNullElse(shims, List.of()), 0, 5);
  }

  /** A bar as it came, without shims. */
  public static PartBar of(String part) {
    return new PartBar(part, Turn.SAME, List.of());
  }

  /** The same bar with one more shim on it. */
  public PartBar withShim(Piece shim) {
    List<Piece> more = new java.util.ArrayList<>(shims);
    more.add(shim);
    return new PartBar(part, turn, more);
  }

  /** A name that can stand in shorthand: a small letter, then small letters, digits, _ and -. */
  public static String requireName(String field, @Nullable String name) {
    String text = Require.text(field, name, 24);
    if (!text.matches("[a-z][a-z0-9_-]*")) {
      throw new InvalidValue(field, LayupText.PART_NAME.with("name", text));
    }
    return text;
  }
}
