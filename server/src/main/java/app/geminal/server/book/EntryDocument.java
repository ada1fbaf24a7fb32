package app.geminal.server.book;

import app.geminal.asmade.PatternMade;
import app.geminal.counted.LayersCounted;
import app.geminal.flaw.Disposition;
import app.geminal.flaw.Flaw;
import app.geminal.flaw.FlawKind;
import app.geminal.flaw.Inspection;
import app.geminal.flaw.InspectionMethod;
import app.geminal.flaw.Spot;
import app.geminal.hardening.Treatment;
import app.geminal.server.stored.Document;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.MeasuredDocument;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.StoredKind;
import app.geminal.weld.WeldOutcome;
import java.util.LinkedHashSet;
import java.util.List;

/**
 * An entry of the Book as it is stored: one of looked, decided, measured, treated, noted, counted,
 * fitted.
 */
final class EntryDocument {
  static final Document<EntryBody> WRITTEN =
      new Document<>(StoredKind.ENTRY, List.of(), EntryDocument::written, EntryDocument::written);

  private static final Names<InspectionMethod> WAYS = Names.of(InspectionMethod.class);
  private static final Names<FlawKind> FLAWS = Names.of(FlawKind.class);
  private static final Names<WeldOutcome> OUTCOMES = Names.of(WeldOutcome.class);
  private static final Names<Disposition.Decision> DECISIONS = Names.of(Disposition.Decision.class);
  private static final Names<Treatment.Kind> TREATMENTS = Names.of(Treatment.Kind.class);
  private static final Names<Treatment.File> FILES = Names.of(Treatment.File.class);

  private EntryDocument() {}

  static EntryBody written(DocumentReader in) {
    return new EntryBody(
        in.inOrNull("looked", EntryDocument::inspection),
        in.inOrNull("decided", EntryDocument::disposition),
        in.inOrNull("measured", EntryDocument::measured),
        in.inOrNull("treated", EntryDocument::treated),
        in.inOrNull("noted", EntryDocument::noted),
        in.inOrNull("counted", EntryDocument::counted),
        in.inOrNull("fitted", EntryDocument::fitted));
  }

  static DocumentWriter written(EntryBody w) {
    return new DocumentWriter()
        .in("looked", w.inspection(), EntryDocument::inspection)
        .in("decided", w.disposition(), EntryDocument::disposition)
        .in("measured", w.measured(), EntryDocument::measured)
        .in("treated", w.treated(), EntryDocument::treated)
        .in("noted", w.noted(), EntryDocument::noted)
        .in("counted", w.counted(), EntryDocument::counted)
        .in("fitted", w.fitted(), EntryDocument::fitted);
  }

  private static Inspection inspection(DocumentReader in) {
    return new Inspection(
        in.text("stepKey"),
        in.at("at"),
        new LinkedHashSet<>(in.ones("ways", WAYS)),
        in.numberOrNull("brightShare"),
        in.list("flaws", EntryDocument::flaw),
        in.text("note", ""));
  }

  private static DocumentWriter inspection(Inspection l) {
    return new DocumentWriter()
        .text("stepKey", l.stepKey())
        .at("at", l.at())
        .ones("ways", List.copyOf(l.ways()), WAYS)
        .number("brightShare", l.brightShare())
        .list("flaws", l.flaws(), EntryDocument::flaw)
        .text("note", l.note());
  }

  private static Flaw flaw(DocumentReader in) {
    return new Flaw(
        in.text("id"),
        in.one("kind", FLAWS),
        in.one("state", OUTCOMES),
        in.wholeOrNull("joint"),
        in.in("spot", EntryDocument::spot),
        in.text("note", ""));
  }

  private static DocumentWriter flaw(Flaw f) {
    return new DocumentWriter()
        .text("id", f.id())
        .one("kind", f.kind(), FLAWS)
        .one("state", f.state(), OUTCOMES)
        .whole("joint", f.joint())
        .in("spot", f.spot(), EntryDocument::spot)
        .text("note", f.note());
  }

  private static Spot spot(DocumentReader in) {
    return new Spot(
        in.whole("bar", 0),
        in.number("fromXMm"),
        in.number("toXMm"),
        in.number("fromYMm"),
        in.number("toYMm"),
        in.number("fromZMm"),
        in.number("toZMm"));
  }

  private static DocumentWriter spot(Spot s) {
    return new DocumentWriter()
        .whole("bar", s.bar())
        .number("fromXMm", s.fromXMm())
        .number("toXMm", s.toXMm())
        .number("fromYMm", s.fromYMm())
        .number("toYMm", s.toYMm())
        .number("fromZMm", s.fromZMm())
        .number("toZMm", s.toZMm());
  }

  private static Disposition disposition(DocumentReader in) {
    return new Disposition(
        in.text("flawId"),
        in.one("decision", DECISIONS),
        in.textOrNull("stepKey"),
        in.at("at"),
        in.text("note", ""));
  }

  private static DocumentWriter disposition(Disposition d) {
    return new DocumentWriter()
        .text("flawId", d.flawId())
        .one("decision", d.decision(), DECISIONS)
        .text("stepKey", d.stepKey())
        .at("at", d.at())
        .text("note", d.note());
  }

  private static EntryBody.MeasuredBar measured(DocumentReader in) {
    return new EntryBody.MeasuredBar(
        in.text("stepKey"),
        in.at("at"),
        in.in("sizes", MeasuredDocument::read),
        in.text("note", ""));
  }

  private static DocumentWriter measured(EntryBody.MeasuredBar m) {
    return new DocumentWriter()
        .text("stepKey", m.stepKey())
        .at("at", m.at())
        .in("sizes", m.sizes(), MeasuredDocument::write)
        .text("note", m.note());
  }

  private static EntryBody.StepNote noted(DocumentReader in) {
    return new EntryBody.StepNote(
        in.text("stepKey"), in.at("at"), in.is("done", false), in.text("note", ""));
  }

  private static DocumentWriter noted(EntryBody.StepNote n) {
    return new DocumentWriter()
        .text("stepKey", n.stepKey())
        .at("at", n.at())
        .is("done", n.done())
        .text("note", n.note());
  }

  private static LayersCounted counted(DocumentReader in) {
    return new LayersCounted(
        in.text("stepKey"),
        in.at("at"),
        in.whole("count"),
        in.whole("low"),
        in.whole("high"),
        in.inOrNull("line", EntryDocument::line),
        in.numbers("boundaries"),
        in.text("note", ""));
  }

  private static DocumentWriter counted(LayersCounted c) {
    return new DocumentWriter()
        .text("stepKey", c.stepKey())
        .at("at", c.at())
        .whole("count", c.count())
        .whole("low", c.low())
        .whole("high", c.high())
        .in("line", c.line(), EntryDocument::line)
        .numbers("boundaries", c.boundaries())
        .text("note", c.note());
  }

  private static LayersCounted.CountLine line(DocumentReader in) {
    return new LayersCounted.CountLine(
        in.number("x1"), in.number("y1"), in.number("x2"), in.number("y2"));
  }

  private static DocumentWriter line(LayersCounted.CountLine l) {
    return new DocumentWriter()
        .number("x1", l.x1())
        .number("y1", l.y1())
        .number("x2", l.x2())
        .number("y2", l.y2());
  }

  private static PatternMade fitted(DocumentReader in) {
    return new PatternMade(
        in.text("stepKey"),
        in.at("at"),
        in.number("likeness"),
        in.list("figures", EntryDocument::figure),
        in.inOrNull("ground", EntryDocument::ground),
        in.text("note", ""));
  }

  private static DocumentWriter fitted(PatternMade f) {
    return new DocumentWriter()
        .text("stepKey", f.stepKey())
        .at("at", f.at())
        .number("likeness", f.likeness())
        .list("figures", f.figures(), EntryDocument::figure)
        .in("ground", f.ground(), EntryDocument::ground)
        .text("note", f.note());
  }

  private static PatternMade.GroundMade ground(DocumentReader in) {
    return new PatternMade.GroundMade(in.number("mm"), in.number("lowMm"), in.number("highMm"));
  }

  private static DocumentWriter ground(PatternMade.GroundMade g) {
    return new DocumentWriter()
        .number("mm", g.mm())
        .number("lowMm", g.lowMm())
        .number("highMm", g.highMm());
  }

  private static PatternMade.FigureMade figure(DocumentReader in) {
    return new PatternMade.FigureMade(
        in.text("stepKey"),
        in.text("kind"),
        in.text("field"),
        in.number("planned"),
        in.number("value"),
        in.number("low"),
        in.number("high"));
  }

  private static DocumentWriter figure(PatternMade.FigureMade f) {
    return new DocumentWriter()
        .text("stepKey", f.stepKey())
        .text("kind", f.kind())
        .text("field", f.field())
        .number("planned", f.planned())
        .number("value", f.value())
        .number("low", f.low())
        .number("high", f.high());
  }

  private static Treatment treated(DocumentReader in) {
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

  private static DocumentWriter treated(Treatment t) {
    return new DocumentWriter()
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
