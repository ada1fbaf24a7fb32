package app.geminal.server.session;

import app.geminal.following.Sighting;
import app.geminal.following.Sighting.Sign;
import app.geminal.following.Sighting.SkinColor;
import app.geminal.following.Sighting.SkinReading;
import app.geminal.heatplan.ForgeAction;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One thing reported at the fire, as it came from a screen.
 *
 * @param id made on the screen, a UUID; the same one twice is the same thing
 * @param kind what it is
 * @param place which of the session's billets, from 0
 * @param act what was done, of a deed
 * @param about the entry that is taken back, of an undoing; taking back an undoing brings it back
 * @param figure °C of a typed reading, of the skin's color or of a thermometer held to it; what the
 *     forge is set to, its air in times what the gas needs, or how fast time runs in a rehearsal
 * @param note free words of a note or an outcome, may be empty
 * @param doneAt when, by the screen's clock held against the shop's
 * @param device which screen
 */
public record Entry(
    String id,
    Kind kind,
    int place,
    @Nullable ForgeAction act,
    @Nullable String about,
    @Nullable Double figure,
    String note,
    Instant doneAt,
    String device) {

  /** What is reported. */
  public enum Kind {
    /** Something done. */
    DEED,
    /** Something taken back. */
    UNDO,
    /** The forge's temperature, typed. */
    READING,
    /** Free words. */
    NOTE,
    /** The weld held. */
    HELD,
    /** Something looked wrong. */
    SUSPECT,
    /** A joint is open. */
    OPEN,
    /** A dark shadow is across the end of the bar. */
    SHADOW(Sign.SHADOW),
    /** It is one color right across. */
    NO_SHADOW(Sign.NO_SHADOW),
    /** The flux has melted. */
    FLUX_MELTS(Sign.FLUX_MELTS),
    /** The flux runs like water. */
    FLUX_CLEAR(Sign.FLUX_CLEAR),
    /** The flux smokes. */
    FLUX_SMOKES(Sign.FLUX_SMOKES),
    /** The flame of the fuel soak has died. */
    FUEL_OUT(Sign.FUEL_OUT),
    /** The skin has the color of this temperature. */
    COLOR,
    /** The skin by a thermometer in the hand. */
    SKIN,
    /** What the forge of a rehearsal is set to. */
    FORGE,
    /** Air for the gas of a rehearsal's forge. */
    AIR,
    /** How fast time runs in a rehearsal. */
    SPEED;

    private final @Nullable Sign sign;

    Kind() {
      this(null);
    }

    Kind(@Nullable Sign sign) {
      this.sign = sign;
    }

    /** Whether it is something seen of a bar. */
    boolean isSighting() {
      return sign != null || this == COLOR || this == SKIN;
    }

    /** Whether it says what became of a weld. */
    boolean isOutcome() {
      return this == HELD || this == SUSPECT || this == OPEN;
    }
  }

  /** How fast time runs in a rehearsal at most. */
  static final double FASTEST = 20;

  private static final double MOST_FIGURE = 1e6;
  private static final double LEAST_AIR = 0.5;
  private static final double MOST_AIR = 1.5;

  /** Checks every field. */
  public Entry {
    requireId("id", Require.text("id", id, 36));
    Require.present("kind", kind);
    Require.count("place", place, 0, 3);
    Require.present("doneAt", doneAt);
    Require.text("device", device, 40);
    if (note == null) {
      note = "";
    } else if (!note.isEmpty()) {
      Require.text("note", note, 2000);
    }
    if (figure != null) {
      Require.number("figure", figure, -MOST_FIGURE, MOST_FIGURE);
    }
    switch (kind) {
      case DEED -> Require.present("act", act);
      case UNDO -> requireId("about", Require.text("about", about, 36));
      case READING, FORGE, COLOR, SKIN ->
          Require.temperature("figure", Require.present("figure", figure), 0, 1500);
      case AIR -> Require.number("figure", Require.present("figure", figure), LEAST_AIR, MOST_AIR);
      case SPEED -> Require.number("figure", Require.present("figure", figure), 1, FASTEST);
      case NOTE,
          HELD,
          SUSPECT,
          OPEN,
          SHADOW,
          NO_SHADOW,
          FLUX_MELTS,
          FLUX_CLEAR,
          FLUX_SMOKES,
          FUEL_OUT -> {}
    }
  }

  /** What is seen, of an entry that says so. */
  Sighting sighting() {
    Sign sign = kind.sign;
    if (sign != null) {
      return sign;
    }
    double celsius = Objects.requireNonNull(figure);
    return kind == Kind.COLOR ? new SkinColor(celsius) : new SkinReading(celsius);
  }

  private static void requireId(String field, String id) {
    if (!id.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}")) {
      throw new InvalidValue(field, SessionText.ENTRY_ID_IS_UUID_IN_SMALL.with());
    }
  }
}
