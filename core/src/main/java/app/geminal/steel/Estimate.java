package app.geminal.steel;

import app.geminal.validation.InvalidValue;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;

/**
 * Works out a whole {@link Steel} from what is known of an own one: given figures first, then what
 * tests measured, then published formulas where the composition is inside their range, then the
 * steel it is like, then what such steels usually have. Every figure says which.
 *
 * <p>The usual values (welding floor, hardening heats, quench) are straight lines through the
 * shipped plain and low-alloy steels; they miss them by up to the ± that is beside them.
 */
public final class Estimate {
  private static final double EUTECTOID_CARBON = 0.77;
  private static final double HARDENS_FROM_CARBON = 0.3;
  private static final double COUPON_PLUS_MINUS = 0.05;

  private final OwnSteel own;
  private final Optional<Steel> like;
  private final Composition c;

  private Estimate(OwnSteel own, Steels shipped) {
    this.own = own;
    this.like = own.like().map(shipped::get);
    OptionalDouble sparked = own.measured(StockTest.Kind.SPARK);
    this.c =
        sparked.isPresent()
            ? own.composition().withCarbon(sparked.getAsDouble())
            : own.composition();
  }

  /**
   * The whole steel.
   *
   * @throws InvalidValue when {@code like} names no shipped steel, or the composition is outside
   *     every formula and nothing was given instead
   */
  public static Steel of(OwnSteel own, Steels shipped) {
    return new Estimate(own, shipped).steel();
  }

  private Steel steel() {
    Figure solidus = solidus();
    return new Steel(
        own.id(),
        own.name(),
        like.map(l -> "like " + l.id()).orElse(""),
        like.map(Steel::family).orElse("own"),
        c,
        solidus,
        inRange(() -> Figure.computed(Melting.liquidusC(c), 20, "liquidus by composition"))
            .or(() -> like.flatMap(Steel::liquidus)),
        window(solidus),
        hardening(),
        inRange(() -> Figure.computed(Transformation.ac1C(c), 25, "after Andrews (1965)")),
        like.map(Steel::density).orElseGet(this::density),
        like.map(Steel::expansionTo100)
            .orElse(Figure.typical(11.4, 0.5, "plain and low-alloy steels")),
        like.map(Steel::expansionTo1000)
            .orElse(Figure.typical(14.2, 0.7, "plain and low-alloy steels")),
        tone(),
        like.map(Steel::etchNote).orElse(""),
        like.map(Steel::weldability).orElse(weldability()),
        like.map(Steel::weldNote).orElse(""),
        like.map(Steel::neverWeld).orElse(false),
        own.confidence());
  }

  private Figure solidus() {
    if (own.given().solidusC().isPresent()) {
      return Figure.measured(own.given().solidusC().getAsDouble(), 10, "given");
    }
    double range = (c.carbonMax() - c.carbonMin()) / 2 * 178.35;
    return inRange(() ->
            Figure.computed(
                Melting.solidusC(c),
                Melting.SOLIDUS_PLUS_MINUS_C + range,
                "austenite solidus by composition"))
        .or(() -> like.map(Steel::solidus))
        .orElseThrow(() -> new InvalidValue("given/solidusC", SteelText.NO_SOLIDUS.with()));
  }

  /** The lower end rises with less carbon and with chromium; the upper keeps off the solidus. */
  private Optional<WeldWindow> window(Figure solidus) {
    if (like.map(Steel::neverWeld).orElse(false)) {
      return Optional.empty();
    }
    double usualFrom = 1175 - 85 * Math.min(c.carbon(), 1.2) + (c.chromium() >= 0.5 ? 20 : 0);
    double usualTo = solidus.value() - Melting.marginC(c, own.confidence() == Confidence.LOW);
    double from = own.given().weldFromC().orElse(round5(usualFrom));
    double to = own.given().weldToC().orElse(round5(usualTo));
    return from <= to ? Optional.of(new WeldWindow(from, to)) : Optional.empty();
  }

  private Optional<Hardening> hardening() {
    Optional<Hardening> usual = like.flatMap(Steel::hardening);
    boolean given = own.given().hardenFromC().isPresent() && own.given().hardenToC().isPresent();
    if (!given && usual.isEmpty() && (c.carbon() < HARDENS_FROM_CARBON || like.isPresent())) {
      return Optional.empty();
    }
    double dissolved = Math.min(c.carbon(), usual.map(Hardening::dissolvedCarbon).orElse(0.78));
    double from = usual.map(Hardening::fromC).orElseGet(this::usualHardeningC);
    double to = usual.map(Hardening::toC).orElse(from + 30);
    Quench quench =
        own.given().quench().orElse(usual.map(Hardening::quench).orElseGet(this::usualQuench));
    Figure ms =
        inRange(() ->
                Figure.computed(
                    Transformation.msC(c, dissolved),
                    Transformation.MS_PLUS_MINUS_C,
                    "after Andrews (1965), dissolved carbon"))
            .orElseGet(
                () -> usual.map(Hardening::ms).orElse(Figure.typical(200, 60, "hardening steels")));
    return Optional.of(
        new Hardening(
            own.given().hardenFromC().orElse(from),
            own.given().hardenToC().orElse(to),
            quench,
            own.given().quench().orElse(usual.map(Hardening::bladeQuench).orElse(quench)),
            usual.map(Hardening::shallow).orElse(c.manganese() < 0.5 && c.chromium() < 0.3),
            dissolved,
            ms,
            asQuenched(),
            usual.flatMap(Hardening::temper)));
  }

  private Figure asQuenched() {
    for (StockTest.Kind kind : List.of(StockTest.Kind.HARDEN_AND_BREAK, StockTest.Kind.FILE)) {
      OptionalDouble hrc = own.measured(kind);
      if (hrc.isPresent()) {
        return Figure.measured(hrc.getAsDouble(), 2, "coupon of this stock");
      }
    }
    return Figure.computed(Hardness.mostAsQuenched(c.carbon()), 2, "20 + 60 √C");
  }

  private Figure tone() {
    if (own.given().etchTone().isPresent()) {
      return Figure.measured(own.given().etchTone().getAsDouble(), COUPON_PLUS_MINUS, "given");
    }
    OptionalDouble etched = own.measured(StockTest.Kind.ETCH);
    if (etched.isPresent()) {
      return Figure.measured(etched.getAsDouble(), COUPON_PLUS_MINUS, "coupon of this stock");
    }
    return inRange(() -> Figure.computed(EtchTone.of(c), EtchTone.PLUS_MINUS, "Mn, Ni and Cr"))
        .or(() -> like.map(Steel::etchTone))
        .orElse(Figure.typical(0.5, 0.3, "low-carbon steels"));
  }

  private double usualHardeningC() {
    double change =
        c.carbon() <= EUTECTOID_CARBON
            ? inRange(() -> Transformation.ac3C(c)).orElse(760.0)
            : inRange(() -> Transformation.ac1C(c)).orElse(725.0) + 15;
    return round5(change + 60);
  }

  private Quench usualQuench() {
    if (c.chromium() >= 3) {
      return Quench.AIR;
    }
    boolean deep = c.manganese() + 2 * c.chromium() + 3 * c.molybdenum() + c.nickel() / 2 >= 1.2;
    return deep ? Quench.MEDIUM_OIL : Quench.FAST_OIL;
  }

  private int weldability() {
    return c.chromium() > 3 ? 5 : c.chromium() > 1 || c.silicon() > 1.2 ? 3 : 1;
  }

  private Figure density() {
    return Figure.typical(
        7870 - 30 * c.carbon() - 60 * c.silicon() - 5 * c.chromium() + 5 * c.nickel(),
        40,
        "low-alloy steels");
  }

  private static double round5(double celsius) {
    return Math.rint(celsius / 5) * 5;
  }

  private static <T> Optional<T> inRange(Supplier<T> formula) {
    try {
      return Optional.of(formula.get());
    } catch (OutOfRange outside) {
      return Optional.empty();
    }
  }
}
