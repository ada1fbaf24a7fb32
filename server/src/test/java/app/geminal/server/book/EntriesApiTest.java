package app.geminal.server.book;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class EntriesApiTest extends ShopTest {

  private int billet() {
    return smith
        .post(
            "/api/v1/billets",
            "{\"name\": \"Splitting froe\", \"purpose\": \"\", \"plan\": " + PLAN + "}")
        .at("$.id");
  }

  private static String look(String step, String flaws) {
    return """
    {"looked": {"stepKey": "%s", "at": "2026-03-01T10:00:00Z", "ways": ["GROUND_EDGE", "TAP"],
      "flaws": [%s], "note": "left edge ground bright"}}\
    """
        .formatted(step, flaws);
  }

  private static String flaw(double fromX, double toX) {
    return """
    {"id": "f1", "kind": "SEAM", "state": "OPEN", "joint": 1, "note": "",
     "spot": {"bar": 0, "fromXMm": %s, "toXMm": %s, "fromYMm": 0, "toYMm": 6, "fromZMm": 2,
              "toZMm": 2}}\
    """
        .formatted(fromX, toX);
  }

  @Test
  void aFlawFollowsIntoThePieceItIsSawnInto() {
    int id = billet();
    Answer written = smith.post("/api/v1/billets/" + id + "/entries", look("b", flaw(150, 160)));
    assertThat(written.status()).as(written.body()).isEqualTo(201);
    Answer flaws = smith.get("/api/v1/billets/" + id + "/flaws");
    assertThat(flaws.<String>at("$[0].state")).isEqualTo("OPEN");
    assertThat(flaws.<List<Integer>>at("$[0].places[?(@.stage == 3)].spot.bar")).containsExactly(2);
    assertThat(flaws.<List<Integer>>at("$[0].places[?(@.stage == 4)].spot.bar")).containsExactly(0);
    assertThat(smith.get("/api/v1/billets/" + id + "/seams?step=a").<List<Double>>at("$"))
        .hasSize(2);
  }

  @Test
  void aDecisionMovesTheFlawsState() {
    int id = billet();
    smith.post("/api/v1/billets/" + id + "/entries", look("a", flaw(10, 20)));
    smith.post(
        "/api/v1/billets/" + id + "/entries",
        """
        {"decided": {"flawId": "f1", "decision": "REWELD", "stepKey": "a",
          "at": "2026-03-01T11:00:00Z"}}\
        """);
    assertThat(smith.get("/api/v1/billets/" + id + "/flaws").<String>at("$[0].state"))
        .isEqualTo("WELDED_AGAIN");
    String again = look("a", "").replace("2026-03-01T10", "2026-03-01T12");
    smith.post("/api/v1/billets/" + id + "/entries", again);
    assertThat(smith.get("/api/v1/billets/" + id + "/flaws").<String>at("$[0].state"))
        .isEqualTo("HELD");
  }

  @Test
  void aLaterLookSaysWhatBecameOfAWeld() {
    int id = billet();
    smith.post(
        "/api/v1/billets/" + id + "/welds",
        """
        {"stepKey": "a", "madeAt": "2026-03-01T09:00:00Z", "temperatureC": 1170, "school": "DRY",
         "outcome": "HELD", "note": ""}\
        """);
    assertThat(smith.get("/api/v1/billets/" + id).<String>at("$.welds[0].outcome"))
        .isEqualTo("HELD");
    smith.post("/api/v1/billets/" + id + "/entries", look("a", flaw(10, 20)));
    Answer opened = smith.get("/api/v1/billets/" + id);
    assertThat(opened.<String>at("$.welds[0].outcome")).isEqualTo("OPEN");
    assertThat(opened.<String>at("$.progress.flaw")).isEqualTo("a");
    assertThat(opened.number("$.welds[0].how.joints")).isEqualTo(2);
    assertThat(opened.<Object>at("$.welds[0].how.floorC")).isNotNull();
  }

  @Test
  void aFlawThatIsTrimmedOffLeavesTheBilletSound() {
    int id = billet();
    smith.post(
        "/api/v1/billets/" + id + "/welds",
        """
        {"stepKey": "a", "madeAt": "2026-03-01T09:00:00Z", "temperatureC": 1170, "school": "DRY",
         "outcome": "OPEN", "note": ""}\
        """);
    smith.post("/api/v1/billets/" + id + "/entries", look("a", flaw(0, 8)));
    assertThat(smith.get("/api/v1/billets/" + id).<String>at("$.progress.flaw")).isEqualTo("a");
    String trimmed =
        PLAN.replace(
            "{\"key\": \"b\"",
            """
            {"key": "t", "operation": {"kind": "trim", "frontMm": 12, "backMm": 0, "sidesMm": 0}},
            {"key": "b\"\
            """);
    Answer changed =
        smith.put(
            "/api/v1/billets/" + id,
            "{\"version\": 1, \"name\": \"Froe\", \"purpose\": \"\", \"plan\": " + trimmed + "}");
    assertThat(changed.status()).as(changed.body()).isEqualTo(200);
    assertThat(changed.<Object>at("$.progress.flaw")).isNull();
    assertThat(changed.<String>at("$.welds[0].outcome")).as("it did open").isEqualTo("OPEN");
    smith.post(
        "/api/v1/billets/" + id + "/entries",
        """
        {"decided": {"flawId": "f1", "decision": "TRIM", "stepKey": "t",
          "at": "2026-03-01T11:00:00Z"}}\
        """);
    assertThat(smith.get("/api/v1/billets/" + id + "/flaws").<List<Object>>at("$[0].decisions"))
        .hasSize(1);
    assertThat(smith.get("/api/v1/billets/" + id + "/flaws").<String>at("$[0].state"))
        .isEqualTo("GONE");
    smith.put(
        "/api/v1/billets/" + id,
        "{\"version\": 2, \"name\": \"Froe\", \"purpose\": \"\", \"plan\": " + PLAN + "}");
    Answer back = smith.get("/api/v1/billets/" + id + "/flaws");
    assertThat(back.<String>at("$[0].state")).isEqualTo("OPEN");
    assertThat(back.<List<Object>>at("$[0].decisions")).as("taken back with its step").isEmpty();
  }

  @Test
  void aFlawOfAPartIsGoneWhenTheBilletItIsInIsTrimmed() {
    String line =
        "part edge = (1084 1/2) 5/8 x 7 > set 1 | 5 (1075 1/8, 15N20 1/16) 3/4 x 7 > set 2"
            + " > draw 5/8 x 7/16, 2 heats > layup right (@edge) > set 2 > trim %s, 0";
    int id =
        smith
            .post(
                "/api/v1/billets",
                "{\"name\": \"Froe\", \"purpose\": \"\", \"plan\": "
                    + read(line.formatted("1/4"))
                    + "}")
            .at("$.id");
    smith.post(
        "/api/v1/billets/" + id + "/entries",
        look("edge/s1", flaw(2, 12).replace("\"joint\": 1", "\"joint\": null")));
    Answer in = smith.get("/api/v1/billets/" + id + "/flaws");
    assertThat(in.<List<String>>at("$[0].places[*].part")).contains("edge", "");
    assertThat(in.<String>at("$[0].state")).isEqualTo("OPEN");
    Answer trimmed =
        smith.put(
            "/api/v1/billets/" + id,
            "{\"version\": 1, \"name\": \"Froe\", \"purpose\": \"\", \"plan\": "
                + read(line.formatted("2"))
                + "}");
    assertThat(trimmed.status()).as(trimmed.body()).isEqualTo(200);
    assertThat(smith.get("/api/v1/billets/" + id + "/flaws").<String>at("$[0].state"))
        .isEqualTo("GONE");
  }

  /** A plan from its line, as JSON. */
  private String read(String line) {
    Answer read =
        smith.post("/api/v1/plans/read", "{\"line\": \"%s\", \"plan\": null}".formatted(line));
    assertThat(read.status()).as(read.body()).isEqualTo(200);
    String body = read.body();
    return body.substring(body.indexOf(':') + 1, body.lastIndexOf('}'));
  }

  @Test
  void whatIsEditedKeepsTheOldVersionAndDeletionIsTakenBack() {
    int id = billet();
    int entry = smith.post("/api/v1/billets/" + id + "/entries", look("a", "")).at("$.id");
    String repaired = look("a", "").replace("left edge ground bright", "both edges ground bright");
    Answer changed =
        smith.put("/api/v1/book/entries/" + entry, "{\"version\": 1, \"says\": " + repaired + "}");
    assertThat(changed.status()).as(changed.body()).isEqualTo(200);
    assertThat(changed.number("$.version")).isEqualTo(2);
    Answer before = smith.get("/api/v1/book/entries/" + entry + "/history");
    assertThat(before.<String>at("$[0].was.says.inspection.note"))
        .isEqualTo("left edge ground bright");
    assertThat(before.<String>at("$[0].changedBy")).isEqualTo("Wharf smithy");
    assertThat(
            smith
                .put(
                    "/api/v1/book/entries/" + entry, "{\"version\": 1, \"says\": " + repaired + "}")
                .status())
        .as("somebody was faster")
        .isEqualTo(409);
    smith.post("/api/v1/book/entries/" + entry + "/delete", "");
    assertThat(smith.get("/api/v1/billets/" + id + "/entries").<List<Object>>at("$")).isEmpty();
    smith.post("/api/v1/book/entries/" + entry + "/restore", "");
    assertThat(smith.get("/api/v1/billets/" + id + "/entries").<List<Object>>at("$")).hasSize(1);
  }

  @Test
  void aWeldIsEditedWithItsPast() {
    int id = billet();
    int weld =
        smith
            .post(
                "/api/v1/billets/" + id + "/welds",
                """
                {"stepKey": "a", "madeAt": "2026-03-01T09:00:00Z", "temperatureC": 1170,
                 "school": "DRY", "outcome": "HELD", "note": "", "how": {"soakMin": 12, "joints": 0,
                 "later": false}}\
                """)
            .at("$.id");
    Answer repaired =
        smith.put(
            "/api/v1/welds/" + weld,
            """
            {"version": 1, "madeAt": "2026-03-01T09:00:00Z", "temperatureC": 1150, "school": "DRY",
             "outcome": "SUSPECT", "note": "read it wrong"}\
            """);
    assertThat(repaired.number("$.temperatureC")).isEqualTo(1150);
    assertThat(repaired.number("$.how.soakMin")).as("what was not said stays").isEqualTo(12);
    assertThat(smith.get("/api/v1/welds/" + weld + "/history").number("$[0].was.temperatureC"))
        .isEqualTo(1170);
  }

  @Test
  void nonsenseIsRefusedAndNothingIsWritten() {
    int id = billet();
    assertThat(smith.post("/api/v1/billets/" + id + "/entries", look("nowhere", "")).body())
        .contains("The plan has no step of this key");
    assertThat(smith.post("/api/v1/billets/" + id + "/entries", "{}").status()).isEqualTo(422);
    assertThat(smith.post("/api/v1/billets/" + id + "/entries", look("a", flaw(20, 10))).body())
        .contains("The end is before the start");
    assertThat(
            smith
                .post(
                    "/api/v1/billets/" + id + "/entries",
                    look("a", "").replace("2026-03", "2126-03"))
                .status())
        .isEqualTo(422);
    assertThat(smith.get("/api/v1/billets/" + id + "/entries").<List<Object>>at("$")).isEmpty();
  }

  /** A JPEG with an EXIF block that says where it was taken and that it is on its side. */
  private static byte[] telephonePicture() throws IOException {
    BufferedImage image = new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB);
    image.createGraphics().fillRect(0, 0, 400, 200);
    image.setRGB(1, 1, Color.BLACK.getRGB());
    ByteArrayOutputStream plain = new ByteArrayOutputStream();
    ImageIO.write(image, "jpeg", plain);
    byte[] tiff = new byte[64];
    byte[] head = {
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      2,
      1,
      18,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      6,
      0,
      0, // orientation 6
      1,
      15,
      0,
      2,
      0,
      0,
      0,
      12,
      0,
      0,
      0,
      38 // maker, at 38
    };
    System.arraycopy(head, 0, tiff, 0, head.length);
    System.arraycopy("Riverside 12".getBytes(StandardCharsets.US_ASCII), 0, tiff, 38, 12);
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    all.write(plain.toByteArray(), 0, 2);
    int length = 2 + 6 + tiff.length;
    all.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
    all.write("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
    all.write(tiff);
    all.write(plain.toByteArray(), 2, plain.size() - 2);
    return all.toByteArray();
  }

  private Answer send(int entry, byte[] file, String type) {
    return smith.send(
        "POST",
        "/api/v1/book/entries/" + entry + "/photos",
        type,
        BodyPublishers.ofByteArray(file));
  }

  @Test
  void aPhotographIsPaintedAgainUprightAndWithoutItsPlace() throws IOException {
    int id = billet();
    int entry = smith.post("/api/v1/billets/" + id + "/entries", look("a", "")).at("$.id");
    byte[] sent = telephonePicture();
    assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains("Riverside");
    Answer kept = send(entry, sent, "image/jpeg");
    assertThat(kept.status()).as(kept.body()).isEqualTo(201);
    assertThat(kept.number("$.photos[0].widthPx")).as("turned upright").isEqualTo(200);
    byte[] jpeg = shop.bean(Entries.class).jpeg(kept.at("$.photos[0].id"));
    assertThat(new String(jpeg, StandardCharsets.ISO_8859_1)).doesNotContain("Riverside", "Exif");
    assertThat(ImageIO.read(new ByteArrayInputStream(jpeg)).getHeight()).isEqualTo(400);
    Answer shown = smith.get("/api/v1/photos/" + kept.<String>at("$.photos[0].id"));
    assertThat(shown.status()).isEqualTo(200);
    assertThat(shown.header("content-type")).isEqualTo("image/jpeg");
  }

  @Test
  void whatIsNoPictureIsRefused() {
    int id = billet();
    int entry = smith.post("/api/v1/billets/" + id + "/entries", look("a", "")).at("$.id");
    Answer text = send(entry, "<svg/>".getBytes(StandardCharsets.UTF_8), "image/png");
    assertThat(text.status()).isEqualTo(422);
    assertThat(text.body()).contains("Use JPEG or PNG");
    assertThat(send(entry, new byte[17 * 1024 * 1024], "image/jpeg").status()).isEqualTo(413);
    assertThat(smith.get("/api/v1/billets/" + id + "/entries").<List<Object>>at("$[0].photos"))
        .isEmpty();
  }
}
