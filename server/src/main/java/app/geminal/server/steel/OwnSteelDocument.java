package app.geminal.server.steel;

import app.geminal.server.stored.Document;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.StoredKind;
import app.geminal.steel.Composition;
import app.geminal.steel.OwnSteel;
import app.geminal.steel.Quench;
import app.geminal.steel.StockTest;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What a smith knows of a steel of the shop's own, as it is stored; alloys are mass %. */
final class OwnSteelDocument {
  static final Document<OwnSteel> KNOWN =
      new Document<>(StoredKind.STEEL, List.of(), OwnSteelDocument::steel, OwnSteelDocument::steel);

  private static final Names<OwnSteel.Origin> ORIGINS = Names.of(OwnSteel.Origin.class);
  private static final Names<Quench> QUENCHES = Names.of(Quench.class);
  private static final Names<StockTest.Kind> TESTS = Names.of(StockTest.Kind.class);

  private OwnSteelDocument() {}

  private static OwnSteel steel(DocumentReader in) {
    return new OwnSteel(
        in.text("id"),
        in.text("name"),
        in.one("origin", ORIGINS),
        Optional.ofNullable(in.textOrNull("like")),
        in.in("composition", OwnSteelDocument::composition),
        in.list("tests", OwnSteelDocument::test),
        in.in("given", OwnSteelDocument::given, OwnSteel.Given.nothing()));
  }

  private static DocumentWriter steel(OwnSteel s) {
    return new DocumentWriter()
        .text("id", s.id())
        .text("name", s.name())
        .one("origin", s.origin(), ORIGINS)
        .text("like", s.like().orElse(null))
        .in("composition", s.composition(), OwnSteelDocument::composition)
        .list("tests", s.tests(), OwnSteelDocument::test)
        .in("given", s.given(), OwnSteelDocument::given);
  }

  private static Composition composition(DocumentReader in) {
    double carbon = in.number("carbon");
    return new Composition(
        in.number("carbonMin", carbon),
        carbon,
        in.number("carbonMax", carbon),
        in.number("manganese", 0),
        in.number("silicon", 0),
        in.number("nickel", 0),
        in.number("chromium", 0),
        in.number("molybdenum", 0),
        in.number("vanadium", 0),
        in.number("tungsten", 0),
        in.number("copper", 0),
        in.number("phosphorus", 0));
  }

  private static DocumentWriter composition(Composition c) {
    return new DocumentWriter()
        .number("carbonMin", c.carbonMin())
        .number("carbon", c.carbon())
        .number("carbonMax", c.carbonMax())
        .number("manganese", c.manganese())
        .number("silicon", c.silicon())
        .number("nickel", c.nickel())
        .number("chromium", c.chromium())
        .number("molybdenum", c.molybdenum())
        .number("vanadium", c.vanadium())
        .number("tungsten", c.tungsten())
        .number("copper", c.copper())
        .number("phosphorus", c.phosphorus());
  }

  private static StockTest test(DocumentReader in) {
    return new StockTest(in.one("kind", TESTS), in.text("seen"), maybe(in.numberOrNull("value")));
  }

  private static DocumentWriter test(StockTest t) {
    return new DocumentWriter()
        .one("kind", t.kind(), TESTS)
        .text("seen", t.seen())
        .number("value", orNull(t.value()));
  }

  private static OwnSteel.Given given(DocumentReader in) {
    return new OwnSteel.Given(
        maybe(in.numberOrNull("solidusC")),
        maybe(in.numberOrNull("weldFromC")),
        maybe(in.numberOrNull("weldToC")),
        maybe(in.numberOrNull("hardenFromC")),
        maybe(in.numberOrNull("hardenToC")),
        Optional.ofNullable(in.oneOrNull("quench", QUENCHES)),
        maybe(in.numberOrNull("etchTone")));
  }

  private static DocumentWriter given(OwnSteel.Given g) {
    return new DocumentWriter()
        .number("solidusC", orNull(g.solidusC()))
        .number("weldFromC", orNull(g.weldFromC()))
        .number("weldToC", orNull(g.weldToC()))
        .number("hardenFromC", orNull(g.hardenFromC()))
        .number("hardenToC", orNull(g.hardenToC()))
        .one("quench", g.quench().orElse(null), QUENCHES)
        .number("etchTone", orNull(g.etchTone()));
  }

  private static OptionalDouble maybe(@Nullable Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  private static @Nullable Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }
}
