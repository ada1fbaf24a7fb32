package app.geminal.library.welds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.evidence.WeldObservation;
import app.geminal.library.file.RefusedFile;
import app.geminal.pooling.SharedWelds;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SharedWeldsFilesTest {
  private static final WeldConditions LOGGED =
      new WeldConditions(1050.0, 1250.0, 17.25, 14.0, 3.5, 7.0, 3, 180.0, 0.25, 2, true, 0.8125);
  private static final SharedWelds RECORD =
      new SharedWelds(
          "2f0c91aa",
          List.of(
              new WeldObservation(
                  Set.of("15N20", "1084"),
                  AtmosphereProtection.BORAX,
                  1190,
                  LOGGED,
                  "",
                  WeldOutcome.OPEN,
                  List.of(WeldOutcome.HELD, WeldOutcome.OPEN)),
              new WeldObservation(
                  Set.of(),
                  AtmosphereProtection.DRY,
                  1200.5,
                  WeldConditions.UNKNOWN,
                  "",
                  WeldOutcome.HELD,
                  List.of())));

  @Test
  void whatIsWrittenReadsBackTheSame() throws RefusedFile {
    assertThat(SharedWeldsFiles.read(SharedWeldsFiles.write(RECORD))).isEqualTo(RECORD);
  }

  @Test
  void eachWeldHasALineAndWhatNoOneKnowsIsLeftOut() {
    assertThat(SharedWeldsFiles.write(RECORD).lines())
        .hasSize(4)
        .contains(
            "{\"protection\":\"DRY\",\"temperatureC\":1200.5,"
                + "\"how\":{\"joints\":0,\"later\":false},\"outcome\":\"HELD\"}");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      quoteCharacter = '`',
      value = {
        "\"version\":1~\"version\":2~/version~Versions 1 to 1",
        "geminal-welds~geminal-plan~/format~another kind",
        "\"shop\":\"2f0c91aa\"~\"shop\":\"The Wharf\"~/shop~small letters",
        "\"temperatureC\":1190.0~\"temperatureC\":2190.0~/welds/0/temperatureC~Enter",
        "\"outcome\":\"HELD\"~\"outcome\":\"SUSPECT\"~/welds/1/outcome~HELD or OPEN",
        "\"outcome\":\"HELD\"~\"outcome\":\"FINE\"~/welds/1/outcome~one of",
        "\"soakMin\":17.25~\"soakMin\":1e9~/welds/0/how/soakMin~Enter",
        "\"soakMin\":17.25~\"madeBy\":\"A\"~/welds/0/how/madeBy~not known",
        "\"protection\":\"DRY\",~~/welds/1/protection~missing",
        "[\"1084\",\"15N20\"]~[null]~/welds/0/steels/0~missing",
        "[\"HELD\",\"OPEN\"]~[null]~/welds/0/joints/0~missing",
      })
  void aBrokenFileIsRefusedWithItsPlace(String what, String with, String place, String reason) {
    String good = SharedWeldsFiles.write(RECORD);
    assertThat(good).contains(what);
    assertThatThrownBy(() -> SharedWeldsFiles.read(good.replace(what, with == null ? "" : with)))
        .isInstanceOfSatisfying(
            RefusedFile.class,
            refused -> {
              assertThat(refused.fault().pointer()).isEqualTo(place);
              assertThat(refused.fault().reason().marked()).contains(reason);
            });
  }

  @Test
  void theDocumentedExampleIsGood() throws IOException, RefusedFile {
    String page = Files.readString(Path.of("../docs/formats/welds.md"));
    String example = page.substring(page.indexOf("```json") + 7, page.lastIndexOf("```"));
    assertThat(SharedWeldsFiles.read(example).welds()).hasSize(2);
  }
}
