package app.geminal.server.book;

import app.geminal.server.stored.Document;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.StoredKind;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** How a weld or an entry was before it was changed, as it is stored. */
final class HistoryDocument {
  static final Document<WeldView> WAS_WELD =
      new Document<>(
          StoredKind.EARLIER_WELD, List.of(), HistoryDocument::weld, HistoryDocument::weld);

  static final Document<EntryView> WAS_ENTRY =
      new Document<>(
          StoredKind.EARLIER_ENTRY, List.of(), HistoryDocument::entry, HistoryDocument::entry);

  private static final Names<AtmosphereProtection> PROTECTIONS =
      Names.of(AtmosphereProtection.class);
  private static final Names<WeldOutcome> OUTCOMES = Names.of(WeldOutcome.class);
  private static final Names<EntryBody.Kind> KINDS = Names.of(EntryBody.Kind.class);

  private HistoryDocument() {}

  private static WeldView weld(DocumentReader in) {
    return new WeldView(
        in.whole("id", 0),
        in.whole("billetId", 0),
        in.text("billetName", ""),
        in.text("stepKey"),
        in.text("stepTitle", ""),
        in.at("madeAt"),
        in.number("temperatureC"),
        in.one("school", PROTECTIONS),
        new TreeSet<>(in.texts("steels")),
        in.one("outcome", OUTCOMES),
        in.text("note", ""),
        in.in("how", WeldConditionsDocument::how, WeldConditions.UNKNOWN),
        in.whole("version", 1),
        number(in.wholeOrNull("fireSession")),
        in.text("madeBy", ""));
  }

  private static @Nullable Long number(@Nullable Integer whole) {
    return whole == null ? null : whole.longValue();
  }

  private static DocumentWriter weld(WeldView w) {
    return new DocumentWriter()
        .whole("id", Math.toIntExact(w.id()))
        .whole("billetId", Math.toIntExact(w.billetId()))
        .text("billetName", w.billetName())
        .text("stepKey", w.stepKey())
        .text("stepTitle", w.stepTitle())
        .at("madeAt", w.madeAt())
        .number("temperatureC", w.temperatureC())
        .one("school", w.protection(), PROTECTIONS)
        .texts("steels", List.copyOf(w.steels()))
        .one("outcome", w.outcome(), OUTCOMES)
        .text("note", w.note())
        .in("how", w.how(), WeldConditionsDocument::how)
        .whole("version", w.version())
        .whole("fireSession", w.fireSession() == null ? null : Math.toIntExact(w.fireSession()))
        .text("madeBy", w.madeBy());
  }

  private static EntryView entry(DocumentReader in) {
    return new EntryView(
        in.whole("id", 0),
        in.whole("billetId", 0),
        in.text("billetName", ""),
        in.one("kind", KINDS),
        in.textOrNull("stepKey"),
        in.text("stepTitle", ""),
        in.at("at"),
        in.in("says", EntryDocument::written),
        in.whole("version", 1),
        in.text("madeBy", ""),
        in.list(
            "photos",
            photo ->
                new EntryView.PhotoView(
                    photo.text("id"), photo.whole("widthPx"), photo.whole("heightPx"))));
  }

  private static DocumentWriter entry(EntryView e) {
    return new DocumentWriter()
        .whole("id", Math.toIntExact(e.id()))
        .whole("billetId", Math.toIntExact(e.billetId()))
        .text("billetName", e.billetName())
        .one("kind", e.kind(), KINDS)
        .text("stepKey", e.stepKey())
        .text("stepTitle", e.stepTitle())
        .at("at", e.at())
        .in("says", e.says(), EntryDocument::written)
        .whole("version", e.version())
        .text("madeBy", e.madeBy())
        .list(
            "photos",
            e.photos(),
            photo ->
                new DocumentWriter()
                    .text("id", photo.id())
                    .whole("widthPx", photo.widthPx())
                    .whole("heightPx", photo.heightPx()));
  }
}
