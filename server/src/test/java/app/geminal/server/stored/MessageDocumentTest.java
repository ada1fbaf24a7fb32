package app.geminal.server.stored;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.text.Catalogue;
import app.geminal.text.Message;
import app.geminal.units.Units;
import app.geminal.weld.AtmosphereProtection;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class MessageDocumentTest {

  @ParameterizedTest
  @EnumSource
  void aWordStoredUnderItsEarlierNameIsRead(AtmosphereProtection protection) {
    Message stored =
        MessageDocument.ofJson(
            "{\"key\":\"word.oxygen-school.%s\",\"figures\":[]}"
                .formatted(protection.name().toLowerCase(Locale.ROOT)));
    assertThat(stored).isEqualTo(Message.word(protection));
    assertThat(Catalogue.of(Locale.ENGLISH).read(stored, Units.METRIC)).isNotBlank();
  }

  @Test
  void wordsOfEarlierReleasesStayWords() {
    assertThat(
            Catalogue.of(Locale.ENGLISH)
                .read(MessageDocument.ofJson("\"Soak until even.\""), Units.METRIC))
        .isEqualTo("Soak until even.");
  }
}
