package app.geminal.server.stored;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.server.problem.Damaged;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.WeldOutcome;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** Documents of several formats, and what a release does not know in them. */
class DocumentTest {
  private static final Names<WeldOutcome> OUTCOMES =
      Names.of(WeldOutcome.class).stored(WeldOutcome.HELD, "GOOD");

  private record Joint(String key, int bars, WeldOutcome outcome) {}

  private record Tally(double heightMm, List<Joint> joints) {}

  /** Format 1 had inches, format 2 had no outcomes. */
  private static final Document<Tally> TALLY =
      new Document<>(
          StoredKind.WELD,
          List.of(DocumentTest::inMillimetres, DocumentTest::allHeld),
          in -> new Tally(in.number("heightMm"), in.list("joints", DocumentTest::joint)),
          t ->
              new DocumentWriter()
                  .number("heightMm", t.heightMm())
                  .list("joints", t.joints(), DocumentTest::joint));

  private static void inMillimetres(ObjectNode tally) {
    tally.put("heightMm", tally.remove("heightIn").asDouble() * 25.4);
  }

  private static void allHeld(ObjectNode tally) {
    tally.path("joints").forEach(j -> ((ObjectNode) j).put("outcome", "GOOD"));
  }

  private static Joint joint(DocumentReader in) {
    return new Joint(in.text("key"), in.whole("bars", 1), in.one("outcome", OUTCOMES));
  }

  private static DocumentWriter joint(Joint j) {
    return new DocumentWriter()
        .text("key", j.key())
        .whole("bars", j.bars())
        .one("outcome", j.outcome(), OUTCOMES);
  }

  private static Joint held(String key) {
    return new Joint(key, 1, WeldOutcome.HELD);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      textBlock =
          """
          1 | {"heightIn": 1, "joints": [{"key": "a"}]}
          2 | {"heightMm": 25.4, "joints": [{"key": "a"}]}
          3 | {"heightMm": 25.4, "joints": [{"key": "a", "bars": 1.0, "outcome": "GOOD"}]}
          """)
  void everyFormatIsReadAsTheSame(int format, String stored) {
    assertThat(TALLY.format()).isEqualTo(3);
    assertThat(TALLY.read(stored, format)).isEqualTo(new Tally(25.4, List.of(held("a"))));
  }

  @Test
  void whatALaterReleaseStoredIsRefusedByName() {
    assertThatThrownBy(() -> TALLY.read("{}", 4))
        .isInstanceOf(Damaged.class)
        .hasMessageContaining("weld was stored by a later release (format 4, here 3)");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      textBlock =
          """
          heightMm           | {"joints": []}
          heightMm           | {"heightMm": "25.4"}
          joints/1/bars      | {"heightMm": 1, "joints": [{"key": "a", "outcome": "OPEN"}, {"key": "b", "bars": 1.5, "outcome": "OPEN"}]}
          joints/0/outcome   | {"heightMm": 1, "joints": [{"key": "a", "outcome": "HELD"}]}
          joints             | {"heightMm": 1, "joints": {}}
          joints/0           | {"heightMm": 1, "joints": [7]}
          ``                 | [1]
          ``                 | {"heightMm": 1
          """)
  void whatCannotBeMeantIsReportedWithItsPlace(String place, String stored) {
    assertThatThrownBy(() -> TALLY.read(stored, 3))
        .isInstanceOf(Damaged.class)
        .cause()
        .isInstanceOfSatisfying(
            InvalidValue.class,
            bad -> assertThat(bad.path()).isEqualTo(place == null ? "" : place));
  }

  @Test
  void whatIsNotKnownHereIsStoredOnWithTheThingItBelongsTo() {
    String stored =
        """
        {"heightMm": 20, "weather": {"dry": true}, "joints": [
          {"key": "a", "outcome": "GOOD", "by": "M"},
          {"key": "b", "outcome": "OPEN", "by": "N", "seen": null}]}\
        """;
    Tally moved = new Tally(30, List.of(held("b"), held("c"), held("a")));
    assertThat(TALLY.writeOver(moved, stored, 3))
        .contains("\"weather\":{\"dry\":true}")
        .contains("{\"key\":\"b\",\"bars\":1,\"outcome\":\"GOOD\",\"by\":\"N\",\"seen\":null}")
        .contains("{\"key\":\"c\",\"bars\":1,\"outcome\":\"GOOD\"}")
        .contains("{\"key\":\"a\",\"bars\":1,\"outcome\":\"GOOD\",\"by\":\"M\"}");
  }

  @Test
  void whatIsKnownAndTakenOutStaysOut() {
    String stored = "{\"heightMm\": 20, \"joints\": [{\"key\": \"a\", \"outcome\": \"GOOD\"}]}";
    assertThat(TALLY.writeOver(new Tally(20, List.of()), stored, 3))
        .isEqualTo("{\"heightMm\":20.0,\"joints\":[]}");
  }

  @Test
  void overWhatCannotBeReadTheNewOneIsWritten() {
    Tally tally = new Tally(20, List.of());
    assertThat(TALLY.writeOver(tally, "{\"heightMm\": [", 3)).isEqualTo(TALLY.write(tally));
  }
}
