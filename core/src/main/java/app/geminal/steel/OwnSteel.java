package app.geminal.steel;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A steel of the shop's own: from its composition, a shipped one with its certificate's heat
 * analysis, or reclaimed stock with the tests made on it. What is given here is; everything else is
 * worked out by {@link Estimate}.
 *
 * @param id short designation
 * @param name the full name
 * @param origin how the shop came to know it
 * @param like shipped steel whose habits it shares; needed for all but {@link Origin#COMPOSITION}
 * @param composition mass %
 * @param tests made on it, 0 to 40
 * @param given figures that are known and not worked out
 */
public record OwnSteel(
    String id,
    String name,
    Origin origin,
    Optional<String> like,
    Composition composition,
    List<StockTest> tests,
    Given given) {
  /** How the shop came to know a steel. */
  public enum Origin {
    /** Someone's sheet says what is in it. */
    COMPOSITION,
    /** A certificate with the heat analysis of this very bar. */
    CERTIFICATE,
    /** Saw, spring, file, cable, chain: known by its tests only. */
    RECLAIMED
  }

  /**
   * Figures known for this stock; an empty one is worked out. °C.
   *
   * @param solidusC °C where it begins to melt, null where not known
   * @param weldFromC lower end of the welding heat, °C, null where not known
   * @param weldToC upper end of the welding heat, °C, null where not known
   * @param hardenFromC lower end of the hardening heat, °C, null where not known
   * @param hardenToC upper end of the hardening heat, °C, null where not known
   * @param quench what to quench it in, null where not known
   * @param etchTone tone when hardened and etched with ferric chloride, 0 (black) to 1 (silver)
   */
  public record Given(
      OptionalDouble solidusC,
      OptionalDouble weldFromC,
      OptionalDouble weldToC,
      OptionalDouble hardenFromC,
      OptionalDouble hardenToC,
      Optional<Quench> quench,
      OptionalDouble etchTone) {
    /** Nothing is known but the composition. */
    public static Given nothing() {
      OptionalDouble no = OptionalDouble.empty();
      return new Given(no, no, no, no, no, Optional.empty(), no);
    }
  }

  /** Checks every field. */
  public OwnSteel {
    Steel.requireId("id", id);
    Require.text("name", name, 120);
    Require.present("origin", origin);
    Require.present("composition", composition);
    tests = Require.list("tests", tests, 0, 40);
    if (origin != Origin.COMPOSITION && like.isEmpty()) {
      throw new InvalidValue("like", SteelText.CHOOSE_LIKE.with());
    }
  }

  /**
   * How far it can be trusted. A certificate is as good as a standard; a bare composition is not.
   * Reclaimed stock begins low and rises to medium when it was seen to harden and also sparked or
   * etched; tests at the bench cannot say it better than that.
   */
  public Confidence confidence() {
    Set<StockTest.Kind> made = tests.stream().map(StockTest::kind).collect(Collectors.toSet());
    boolean hardened =
        made.contains(StockTest.Kind.HARDEN_AND_BREAK) || made.contains(StockTest.Kind.FILE);
    boolean sparkedOrEtched =
        made.contains(StockTest.Kind.SPARK) || made.contains(StockTest.Kind.ETCH);
    return switch (origin) {
      case CERTIFICATE -> Confidence.HIGH;
      case COMPOSITION -> Confidence.MEDIUM;
      case RECLAIMED -> hardened && sparkedOrEtched ? Confidence.MEDIUM : Confidence.LOW;
    };
  }

  /** The newest figure a kind of test gave. */
  public OptionalDouble measured(StockTest.Kind kind) {
    return tests.stream()
        .filter(t -> t.kind() == kind && t.value().isPresent())
        .mapToDouble(t -> t.value().getAsDouble())
        .reduce((a, b) -> b);
  }
}
