package app.geminal.weld;

import app.geminal.steel.WeldWindow;
import app.geminal.text.Worded;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How the metals of a weld are joined, where there is more than one way. Only the rules of the way
 * chosen judge the step.
 */
@SuppressWarnings("ImmutableEnumChecker")
public enum Method implements Worded {
  /** Steel on steel at welding heat, the ordinary way. */
  FORGE("forge", null),
  /** Copper kept solid: sealed, one heat, a steady press. */
  COPPER_SOLID("solid", new WeldWindow(950, 1040)),
  /** Copper let melt, closed gently: it brazes. */
  COPPER_MOLTEN("molten", new WeldWindow(1090, 1120));

  /** Copper with a little oxygen begins to melt here, °C; pure copper 19 °C higher. */
  public static final double COPPER_MELTS_C = 1065;

  private final String word;
  private final @Nullable WeldWindow window;

  Method(String word, @Nullable WeldWindow window) {
    this.word = word;
    this.window = window;
  }

  @Override
  public String word() {
    return word;
  }

  /** Heats it is done at; empty where the steels decide. */
  public Optional<WeldWindow> window() {
    return Optional.ofNullable(window);
  }
}
