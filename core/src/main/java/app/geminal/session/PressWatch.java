package app.geminal.session;

import app.geminal.following.Sighting;
import app.geminal.shop.Press;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What the gauge of the press says of a squeeze: how long the ram was under load, and how much
 * force it took. Mutable, for one thread.
 */
final class PressWatch {
  /** A gauge of the press under this represents a ram that meets nothing, MPa. */
  private static final double LOADED_MPA = 1;

  /** The gauge is read once a second: how far the time under load is off, s. */
  private static final double SECONDS_OFF = 0.29;

  /** From this part of its limit on, the gauge may show that the dies met their stops. */
  private static final double AT_LIMIT = 0.95;

  private final @Nullable Press press;
  private double loadedS;
  private double squeezeMpa;
  private double peakMpa;

  PressWatch(@Nullable Press press) {
    this.press = press;
  }

  PressWatch copy() {
    PressWatch copy = new PressWatch(press);
    copy.loadedS = loadedS;
    copy.squeezeMpa = squeezeMpa;
    copy.peakMpa = peakMpa;
    return copy;
  }

  /** A squeeze begins. */
  void begin() {
    loadedS = 0;
    squeezeMpa = 0;
  }

  /** So much time of a squeeze passes at a pressure. */
  void passes(double seconds, double mpa) {
    if (mpa > LOADED_MPA) {
      loadedS += seconds;
      squeezeMpa = Math.max(squeezeMpa, mpa);
      peakMpa = Math.max(peakMpa, mpa);
    }
  }

  /** How far the ram came under load in this squeeze, mm; 0 where no gauge says so. */
  double pressedMm() {
    return press == null ? 0 : loadedS * press.speedMmS();
  }

  /** The force that was seen, unless the ram was stopped by its limit. */
  Optional<Sighting> force() {
    return press != null && squeezeMpa > LOADED_MPA && squeezeMpa < AT_LIMIT * press.gaugeLimitMpa()
        ? Optional.of(new Sighting.SqueezeForce(press.knAt(squeezeMpa), SECONDS_OFF / loadedS))
        : Optional.empty();
  }

  /** Highest in any squeeze so far, MPa; 0 where none was read. */
  double peakMpa() {
    return peakMpa;
  }
}
