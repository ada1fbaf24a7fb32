package app.geminal.server.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.asmade.AsMade;
import app.geminal.billet.Run;
import app.geminal.library.picture.Png;
import app.geminal.pattern.Painter;
import app.geminal.pattern.Pane;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.Tones;
import app.geminal.pattern.View;
import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import app.geminal.server.billet.BilletService;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.Steels;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PatternFitApiTest extends ShopTest {
  private static final String WHOLE = "0,0,1,0,1,1,0,1";

  /** Twenty-one layers with grooves every 12 mm. */
  private static String grooved() {
    String pieces =
        IntStream.range(0, 21)
            .mapToObj(i ->
                "{\"steel\": \"%s\", \"thicknessMm\": 1.5}"
                    .formatted(i % 2 == 0 ? "1075" : "15N20"))
            .collect(Collectors.joining(","));
    return """
    {"stack": {"pieces": [%s], "widthMm": 36, "lengthMm": 200},
     "steps": [
      {"key": "a", "operation": {"kind": "set", "heats": 3, "reduction": 0.08,
        "temperatureC": 1177, "soakMin": 15, "protection": "DRY", "tack": "SIDES",
        "jacket": "BEAD", "tool": "FLAT", "bites": 0}},
      {"key": "b", "operation": {"kind": "ladder", "pitchMm": 12, "widthMm": 8, "depthMm": 4,
        "bothFaces": false, "pressed": false, "flattenToMm": 0, "heats": 2}}]}
    """
        .formatted(pieces);
  }

  private long billet() {
    Answer made =
        smith.post(
            "/api/v1/billets",
            "{\"name\": \"Grooved\", \"purpose\": \"\", \"plan\": %s}".formatted(grooved()));
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return (long) made.number("$.id");
  }

  /** The face of the billet with grooves every so many mm, as it would be photographed. */
  private byte[] etched(long id, double pitchMm) {
    Steels steels = shop.bean(SteelShelf.class).steels();
    var defaults = shop.bean(ShopService.class).defaults();
    Run run = Run.of(shop.bean(BilletService.class).get(id).plan(), steels, defaults);
    AsMade asMade = AsMade.of(run, 2, new View.Face(false, 3), 0, steels, defaults);
    SectionView sight = asMade.with(pitchMm, 4, 3).orElseThrow();
    Pane pane = Pane.whole(sight, 900);
    return Png.of(Painter.paint(sight, pane, Tones.of(sight.field().steels(), steels)), pane, true);
  }

  private Answer fit(long id, byte[] picture, String query) {
    return smith.send(
        "POST",
        "/api/v1/billets/" + id + "/pattern-fit?step=b&depthMm=3&corners=" + query,
        "image/png",
        BodyPublishers.ofByteArray(picture));
  }

  @Test
  void thePitchThatWasMadeIsFoundAndPutInThePlan() {
    long id = billet();
    Answer fitted = fit(id, etched(id, 13.1), WHOLE);
    assertThat(fitted.status()).as(fitted.body()).isEqualTo(200);
    assertThat(fitted.<Object>at("$.cannotTell")).as(fitted.body()).isNull();
    assertThat(fitted.<String>at("$.figures[0].field")).isEqualTo("pitchMm");
    assertThat(fitted.<String>at("$.figures[0].stepKey")).isEqualTo("b");
    assertThat(fitted.number("$.figures[0].planned")).isEqualTo(12);
    assertThat(fitted.number("$.figures[0].value")).isCloseTo(13.1, within(0.15));
    assertThat(fitted.number("$.plan.steps[1].operation.pitchMm"))
        .isEqualTo(fitted.number("$.figures[0].value"));
    assertThat(fitted.number("$.likeness")).isGreaterThan(fitted.number("$.plannedLikeness"));
  }

  @Test
  void cornersAndStepsThatAreNoneAreRefusedWithTheirPlace() {
    long id = billet();
    byte[] picture = etched(id, 12);
    for (String corners :
        List.of("0,0,1,0", "0,0,1,0,1,1,0,x", "0,0,1,0,1,1,0,2", "0,0,0,1,1,1,1,0")) {
      Answer refused = fit(id, picture, corners);
      assertThat(refused.status()).as(corners).isEqualTo(422);
      assertThat(refused.<String>at("$.where")).as(corners).isEqualTo("/corners");
    }
    assertThat(fit(id, picture, WHOLE + "&bar=1").<String>at("$.where")).isEqualTo("/bar");
    assertThat(
            smith
                .send(
                    "POST",
                    "/api/v1/billets/" + id + "/pattern-fit?step=z&corners=" + WHOLE,
                    "image/png",
                    BodyPublishers.ofByteArray(picture))
                .status())
        .isEqualTo(404);
  }
}
