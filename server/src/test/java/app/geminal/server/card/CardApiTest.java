package app.geminal.server.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import app.geminal.units.Units;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class CardApiTest extends ShopTest {

  @Test
  void everyDemoBilletHasACardOfOnePage() throws IOException {
    List<Integer> ids = smith.get("/api/v1/billets").at("$[*].id");
    for (int id : ids) {
      Card card = shop.bean(Cards.class).of(id, Units.US, "http://127.0.0.1:8420");
      try (PDDocument pdf = Loader.loadPDF(CardPdf.of(card))) {
        assertThat(pdf.getNumberOfPages()).as(card.name()).isEqualTo(1);
        String text = tight(new PDFTextStripper().getText(pdf));
        assertThat(text).contains(tight(card.name()), tight(card.counts().visible()), "Safety");
        assertThat(text).doesNotContain("[[", "#");
        card.heats().forEach(h -> assertThat(text).contains(tight(h.aim())));
        card.rows().forEach(r -> assertThat(text).contains(tight(r.after())));
      }
    }
  }

  /** A PDF has places, not spaces. */
  private static String tight(String text) {
    return text.replaceAll("\\s+", "");
  }

  @Test
  void theCardIsInTheReadersUnitsAndLinksToTheFire() {
    Answer card = smith.get("/api/v1/billets/1/card");
    assertThat(card.<String>at("$.cutList[0]")).contains("1075, 1/8 × 1 1/2 × 5 7/8 in");
    assertThat(card.<String>at("$.link")).matches("http://127.0.0.1:\\d+/fire\\?billet=1.*");
    assertThat(card.<List<String>>at("$.rows[*].stops")).anyMatch(s -> s.contains("/"));
    Answer pdf = smith.get("/api/v1/billets/1/card.pdf");
    assertThat(pdf.header("content-type")).isEqualTo("application/pdf");
    assertThat(pdf.body()).startsWith("%PDF");
  }
}
