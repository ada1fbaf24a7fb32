package app.geminal.server.book;

import static app.geminal.server.book.EntryDocument.WRITTEN;
import static app.geminal.server.book.HistoryDocument.WAS_ENTRY;
import static app.geminal.server.book.HistoryDocument.WAS_WELD;
import static app.geminal.server.book.WeldConditionsDocument.HOW;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.asmade.PatternMade;
import app.geminal.asmade.PatternMade.FigureMade;
import app.geminal.asmade.PatternMade.GroundMade;
import app.geminal.counted.LayersCounted;
import app.geminal.flaw.Disposition;
import app.geminal.flaw.Flaw;
import app.geminal.flaw.FlawKind;
import app.geminal.flaw.Inspection;
import app.geminal.flaw.InspectionMethod;
import app.geminal.flaw.Spot;
import app.geminal.hardening.Treatment;
import app.geminal.measurement.Measurement;
import app.geminal.server.stored.DocumentChecks;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is written in the Book, as it is stored. */
class BookDocumentsTest {
  private static final Instant AT = Instant.parse("2026-02-10T09:00:00.25Z");
  private static final String FLAW = "0f8a2c1e-1111-4222-8333-444455556666";

  private static final List<WeldConditions> HOWS =
      List.of(
          WeldConditions.UNKNOWN,
          new WeldConditions(1150.0, 1250.0, 15.0, 12.5, 6.0, 9.0, 3, 240.0, 0.08, 12, true, 0.75));

  private static final List<EntryBody> ENTRIES =
      List.of(
          new EntryBody(
              new Inspection(
                  "core/a",
                  AT,
                  Set.of(InspectionMethod.TAP, InspectionMethod.BEND),
                  0.85,
                  List.of(
                      new Flaw(
                          FLAW,
                          FlawKind.COLD_SHUT,
                          WeldOutcome.OPEN,
                          3,
                          new Spot(1, 10, 60, 0, 12, 4, 4),
                          "lower seam"),
                      new Flaw(
                          FLAW.replace('0', '1'),
                          FlawKind.BLISTER,
                          WeldOutcome.SUSPECT,
                          null,
                          new Spot(0, 0, 5, 0, 5, 0, 5),
                          "")),
                  "dull at the left"),
              null,
              null,
              null,
              null,
              null,
              null),
          new EntryBody(
              null,
              new Disposition(FLAW, Disposition.Decision.TRIM, "b", AT, "with the saw"),
              null,
              null,
              null,
              null,
              null),
          new EntryBody(
              null,
              null,
              new EntryBody.MeasuredBar("a", AT, new Measurement(38.1, 12.0, null, 1.25), ""),
              null,
              null,
              null,
              null),
          new EntryBody(
              null,
              null,
              null,
              new Treatment(
                  Treatment.Kind.HARDENED,
                  AT,
                  815.0,
                  10.0,
                  null,
                  "fast oil",
                  List.of(63.5, 64.0),
                  Treatment.File.SKATES,
                  "straight"),
              null,
              null,
              null),
          new EntryBody(
              null,
              null,
              null,
              null,
              new EntryBody.StepNote("core/a", AT, true, "sawn on the wrong side of the mark"),
              null,
              null),
          new EntryBody(
              null,
              null,
              null,
              null,
              null,
              new LayersCounted(
                  "core/a",
                  AT,
                  61,
                  60,
                  62,
                  new LayersCounted.CountLine(0.25, 0.125, 0.25, 0.875),
                  List.of(-0.01, 0.5, 1.02),
                  "etched 20 s"),
              null),
          new EntryBody(
              null,
              null,
              null,
              null,
              null,
              null,
              new PatternMade(
                  "core/a",
                  AT,
                  0.75,
                  List.of(new FigureMade("core/b", "twist", "turns", 6, 5.6, 5.5, 5.75)),
                  new GroundMade(2.25, 2, 2.5),
                  "etched 40 s")));

  private static final List<WeldView> WELDS_BEFORE =
      HOWS.stream()
          .map(how ->
              new WeldView(
                  7,
                  3,
                  "Froe",
                  "core/a",
                  "Set weld",
                  AT,
                  1180,
                  AtmosphereProtection.DRY,
                  Set.of("1084"),
                  WeldOutcome.SUSPECT,
                  "cold at the end",
                  how,
                  2,
                  how.later() ? 12L : null,
                  "Wharf smithy"))
          .toList();

  private static final List<EntryView> ENTRIES_BEFORE =
      ENTRIES.stream()
          .map(says ->
              new EntryView(
                  9,
                  3,
                  "Froe",
                  says.kind(),
                  says.inspection() == null ? null : "core/a",
                  "Set weld",
                  AT,
                  says,
                  1,
                  "Wharf smithy",
                  List.of(new EntryView.PhotoView(FLAW, 640, 480))))
          .toList();

  @Test
  void everyKindOfEntryIsAmongTheSamples() {
    assertThat(ENTRIES).extracting(EntryBody::kind).containsExactly(EntryBody.Kind.values());
  }

  @Test
  void comesBackAsItWas() {
    DocumentChecks.comesBack(HOW, HOWS);
    DocumentChecks.comesBack(WRITTEN, ENTRIES);
    DocumentChecks.comesBack(WAS_WELD, WELDS_BEFORE);
    DocumentChecks.comesBack(WAS_ENTRY, ENTRIES_BEFORE);
  }

  @Test
  void isReadAsTheCoreItselfWasStored() {
    DocumentChecks.readsWhatRecordsWere(HOW, HOWS);
    DocumentChecks.readsWhatRecordsWere(WRITTEN, ENTRIES);
    DocumentChecks.readsWhatRecordsWere(WAS_WELD, WELDS_BEFORE);
    DocumentChecks.readsWhatRecordsWere(WAS_ENTRY, ENTRIES_BEFORE);
  }

  @Test
  void isReadOrRefusedHoweverItIsChangedAndLosesNothing() {
    assertThat(DocumentChecks.withstands(HOW, HOWS, 2000, 3)).isBetween(500, 1990);
    assertThat(DocumentChecks.withstands(WRITTEN, ENTRIES, 4000, 4)).isBetween(1000, 3950);
    assertThat(DocumentChecks.withstands(WAS_WELD, WELDS_BEFORE, 2000, 5)).isBetween(500, 1990);
    assertThat(DocumentChecks.withstands(WAS_ENTRY, ENTRIES_BEFORE, 2000, 6)).isBetween(500, 1990);
  }
}
