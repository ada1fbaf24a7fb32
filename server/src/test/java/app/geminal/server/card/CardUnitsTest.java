package app.geminal.server.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What hangs beside the press is in one system of units. */
class CardUnitsTest extends ShopTest {
  private static final Pattern METRIC =
      Pattern.compile("\\d\\s?(mm|cm|°C|kg|kN|MPa|kW|litres?|l\\b)(?!\\w)");
  private static final Pattern US = Pattern.compile("\\d\\s?(in\\b|°F|lb\\b|oz\\b|psi|BTU|ft\\b)");

  @ParameterizedTest
  @EnumSource
  void aCardHasNoFigureOfTheOtherSystem(UnitSystem system) throws IOException {
    Pattern others = system == UnitSystem.INCH ? METRIC : US;
    Pattern own = system == UnitSystem.INCH ? US : METRIC;
    List<Integer> ids = smith.get("/api/v1/billets").at("$[*].id");
    assertThat(ids).hasSizeGreaterThan(5);
    for (int id : ids) {
      Card card = shop.bean(Cards.class).of(id, new Units(system), "http://127.0.0.1:8420");
      try (PDDocument pdf = Loader.loadPDF(CardPdf.of(card))) {
        String printed = new PDFTextStripper().getText(pdf).replace(card.purpose(), "");
        assertThat(printed).as(card.name()).containsPattern(own);
        assertThat(printed).as(card.name()).doesNotContainPattern(others);
      }
      String shown = card.toString().replace(card.purpose(), "").replace(card.link(), "");
      assertThat(shown).as(card.name()).doesNotContainPattern(others);
      assertThat(shown).as("stored as it is").doesNotContainPattern("\\d\\.\\d{5,}");
    }
  }
}
