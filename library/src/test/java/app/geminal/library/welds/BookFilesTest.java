package app.geminal.library.welds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.library.file.RefusedFile;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldOutcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BookFilesTest {
  private static String book(int version, String protection, String steels) {
    return """
    {"format":"geminal-book","version":%d,"welds":[{"id":1,"billetName":"Tide bar",
    "temperatureC":1190.0,"%s":"SEALED",%s"outcome":"OPEN","madeBy":"Wren","note":"n",
    "how":{"joints":4,"later":true,"mapChance":0.75}}],"entries":[{"kind":"LOOKED"}]}
    """
        .formatted(version, protection, steels);
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3})
  void weldsOfEveryVersionAreRead(int version) throws RefusedFile {
    String steels = version < 3 ? "" : "\"steels\":[\"1084\",\"15N20\"],";
    String protection = version == 1 ? "school" : "protection";
    assertThat(BookFiles.welds(book(version, protection, steels)))
        .singleElement()
        .satisfies(weld -> {
          assertThat(weld.protection()).isEqualTo(AtmosphereProtection.SEALED);
          assertThat(weld.outcome()).isEqualTo(WeldOutcome.OPEN);
          assertThat(weld.smith()).isEqualTo("Wren");
          assertThat(weld.how().mapChance()).isEqualTo(0.75);
          assertThat(weld.steels()).hasSize(version < 3 ? 0 : 2);
        });
  }

  @Test
  void anotherFileIsRefused() {
    assertThatThrownBy(() -> BookFiles.welds(book(4, "protection", "")))
        .isInstanceOf(RefusedFile.class)
        .hasMessageContaining("/version");
    assertThatThrownBy(() -> BookFiles.welds("{\"format\":\"geminal-book\",\"version\":2}"))
        .isInstanceOf(RefusedFile.class);
  }
}
