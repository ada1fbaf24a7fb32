package app.geminal.server.book;

import app.geminal.library.PlainText;
import app.geminal.library.welds.BookFiles;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.io.StringWriter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The Book as open files; docs/formats/book.md says what is in them. */
@RestController
class BookFileController {
  private final BookService book;
  private final Entries entries;
  private final JsonMapper json;

  BookFileController(BookService book, Entries entries, JsonMapper json) {
    this.book = book;
    this.entries = entries;
    this.json = json;
  }

  /**
   * The Book as one document.
   *
   * @param format kind of file, the same in every file of its kind
   * @param version version of the file's format
   * @param welds the welds
   * @param entries entries in the order they were made
   */
  record BookFile(String format, int version, List<WeldView> welds, List<EntryView> entries) {}

  /** The Book as JSON. */
  @Operation(operationId = "exportBook")
  @GetMapping(value = "/api/v1/book.json", produces = "application/json")
  ResponseEntity<BookFile> asJson() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, named("book.json"))
        .body(new BookFile(BookFiles.FORMAT, BookFiles.VERSION, book.all(), entries.all()));
  }

  /** The welds in the Book as CSV. */
  @Operation(operationId = "exportWelds")
  @GetMapping(value = "/api/v1/book.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> asCsv() throws IOException {
    StringWriter text = new StringWriter();
    try (CSVPrinter csv =
        new CSVPrinter(
            text,
            CSVFormat.RFC4180
                .builder()
                .setHeader(
                    "kind",
                    "id",
                    "at",
                    "billet",
                    "step",
                    "by",
                    "outcome",
                    "temperature_c",
                    "protection",
                    "joints",
                    "later",
                    "floor_c",
                    "ceiling_c",
                    "soak_min",
                    "needed_soak_min",
                    "waited_s",
                    "working_s",
                    "heats",
                    "force_kn",
                    "reduction",
                    "says",
                    "note")
                .get())) {
      for (WeldView w : book.all()) {
        csv.printRecord(row(w));
      }
      for (EntryView e : entries.all()) {
        csv.printRecord(
            Stream.concat(
                    Stream.of(
                        e.kind(),
                        e.id(),
                        e.at(),
                        PlainText.of(e.billetName()),
                        e.stepTitle(),
                        PlainText.of(e.madeBy())),
                    Stream.concat(
                        Stream.generate(() -> "").limit(14),
                        Stream.of(json.writeValueAsString(e.says()), "")))
                .toList());
      }
    }
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, named("book.csv"))
        .body(text.toString());
  }

  private static List<@Nullable Object> row(WeldView w) {
    return Arrays.asList(
        "WELD",
        w.id(),
        w.madeAt(),
        PlainText.of(w.billetName()),
        w.stepTitle(),
        PlainText.of(w.madeBy()),
        w.outcome(),
        w.temperatureC(),
        w.protection(),
        w.how().joints(),
        w.how().later(),
        w.how().floorC(),
        w.how().ceilingC(),
        w.how().soakMin(),
        w.how().neededSoakMin(),
        w.how().waitedS(),
        w.how().workingS(),
        w.how().heats(),
        w.how().forceKn(),
        w.how().reduction(),
        "",
        PlainText.of(w.note()));
  }

  private static String named(String file) {
    return ContentDisposition.attachment().filename(file).build().toString();
  }
}
