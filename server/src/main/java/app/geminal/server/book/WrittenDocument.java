package app.geminal.server.book;

import app.geminal.flaw.Disposition;
import app.geminal.flaw.Flaw;
import app.geminal.flaw.FlawKind;
import app.geminal.flaw.Inspection;
import app.geminal.flaw.InspectionMethod;
import app.geminal.flaw.Spot;
import app.geminal.hardening.Treatment;
import app.geminal.server.stored.Document;
import app.geminal.server.stored.In;
import app.geminal.server.stored.MeasuredDocument;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.Out;
import app.geminal.weld.WeldOutcome;
import java.util.LinkedHashSet;
import java.util.List;

/** An entry of the Book as it is stored: one of looked, decided, measured, treated. */
final class WrittenDocument {
  static final Document<Written> WRITTEN =
      new Document<>("entry", List.of(), WrittenDocument::written, WrittenDocument::written);

  private static final Names<InspectionMethod> WAYS = Names.of(InspectionMethod.class);
  private static final Names<FlawKind> FLAWS = Names.of(FlawKind.class);
  private static final Names<WeldOutcome> OUTCOMES = Names.of(WeldOutcome.class);
  private static final Names<Disposition.Decision> DECISIONS = Names.of(Disposition.Decision.class);
  private static final Names<Treatment.Kind> TREATMENTS = Names.of(Treatment.Kind.class);
  private static final Names<Treatment.File> FILES = Names.of(Treatment.File.class);

  private WrittenDocument() {}

  static Written written(In in) {
    return new Written(
        in.inOrNull("looked", WrittenDocument::looked),
        in.inOrNull("decided", WrittenDocument::decided),
        in.inOrNull("measured", WrittenDocument::measured),
        in.inOrNull("treated", WrittenDocument::treated));
  }

  static Out written(Written w) {
    return new Out()
        .in("looked", w.looked(), WrittenDocument::looked)
        .in("decided", w.decided(), WrittenDocument::decided)
        .in("measured", w.measured(), WrittenDocument::measured)
        .in("treated", w.treated(), WrittenDocument::treated);
  }

  private static Inspection looked(In in) {
    return new Inspection(
        in.text("stepKey"),
        in.at("at"),
        new LinkedHashSet<>(in.ones("ways", WAYS)),
        in.numberOrNull("brightShare"),
        in.list("flaws", WrittenDocument::flaw),
        in.text("note", ""));
  }

  private static Out looked(Inspection l) {
    return new Out()
        .text("stepKey", l.stepKey())
        .at("at", l.at())
        .ones("ways", List.copyOf(l.ways()), WAYS)
        .number("brightShare", l.brightShare())
        .list("flaws", l.flaws(), WrittenDocument::flaw)
        .text("note", l.note());
  }

  private static Flaw flaw(In in) {
    return new Flaw(
        in.text("id"),
        in.one("kind", FLAWS),
        in.one("state", OUTCOMES),
        in.wholeOrNull("joint"),
        in.in("spot", WrittenDocument::spot),
        in.text("note", ""));
  }

  private static Out flaw(Flaw f) {
    return new Out()
        .text("id", f.id())
        .one("kind", f.kind(), FLAWS)
        .one("state", f.state(), OUTCOMES)
        .whole("joint", f.joint())
        .in("spot", f.spot(), WrittenDocument::spot)
        .text("note", f.note());
  }

  private static Spot spot(In in) {
    return new Spot(
        in.whole("bar", 0),
        in.number("fromXMm"),
        in.number("toXMm"),
        in.number("fromYMm"),
        in.number("toYMm"),
        in.number("fromZMm"),
        in.number("toZMm"));
  }

  private static Out spot(Spot s) {
    return new Out()
        .whole("bar", s.bar())
        .number("fromXMm", s.fromXMm())
        .number("toXMm", s.toXMm())
        .number("fromYMm", s.fromYMm())
        .number("toYMm", s.toYMm())
        .number("fromZMm", s.fromZMm())
        .number("toZMm", s.toZMm());
  }

  private static Disposition decided(In in) {
    return new Disposition(
        in.text("flawId"),
        in.one("decision", DECISIONS),
        in.textOrNull("stepKey"),
        in.at("at"),
        in.text("note", ""));
  }

  private static Out decided(Disposition d) {
    return new Out()
        .text("flawId", d.flawId())
        .one("decision", d.decision(), DECISIONS)
        .text("stepKey", d.stepKey())
        .at("at", d.at())
        .text("note", d.note());
  }

  private static Written.MeasuredBar measured(In in) {
    return new Written.MeasuredBar(
        in.text("stepKey"),
        in.at("at"),
        in.in("sizes", MeasuredDocument::read),
        in.text("note", ""));
  }

  private static Out measured(Written.MeasuredBar m) {
    return new Out()
        .text("stepKey", m.stepKey())
        .at("at", m.at())
        .in("sizes", m.sizes(), MeasuredDocument::write)
        .text("note", m.note());
  }

  private static Treatment treated(In in) {
    return new Treatment(
        in.one("kind", TREATMENTS),
        in.at("at"),
        in.numberOrNull("temperatureC"),
        in.numberOrNull("minutes"),
        in.wholeOrNull("cycles"),
        in.text("medium", ""),
        in.numbers("hrc"),
        in.oneOrNull("file", FILES),
        in.text("note", ""));
  }

  private static Out treated(Treatment t) {
    return new Out()
        .one("kind", t.kind(), TREATMENTS)
        .at("at", t.at())
        .number("temperatureC", t.temperatureC())
        .number("minutes", t.minutes())
        .whole("cycles", t.cycles())
        .text("medium", t.medium())
        .numbers("hrc", t.hrc())
        .one("file", t.file(), FILES)
        .text("note", t.note());
  }
}
