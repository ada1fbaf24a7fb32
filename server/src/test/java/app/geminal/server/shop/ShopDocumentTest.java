package app.geminal.server.shop;

import static app.geminal.server.shop.ShopDocument.SHOP;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.stored.DocumentChecks;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopPreset;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The shop as it is stored. */
class ShopDocumentTest {
  private static List<Shop> samples() {
    return Stream.concat(
            Stream.of(Shop.common()), Stream.of(ShopPreset.values()).map(ShopPreset::shop))
        .toList();
  }

  @Test
  void comesBackAsItWas() {
    DocumentChecks.comesBack(SHOP, samples());
  }

  @Test
  void isReadAsTheCoreItselfWasStored() {
    DocumentChecks.readsWhatRecordsWere(SHOP, samples());
  }

  @Test
  void isReadOrRefusedHoweverItIsChangedAndLosesNothing() {
    assertThat(DocumentChecks.withstands(SHOP, samples(), 4000, 2)).isBetween(1000, 3950);
  }

  /** A release that asks for more than a shop was stored with takes what is usual. */
  @Test
  void whatIsNotSaidIsUsual() {
    Shop shop = SHOP.read("{\"forge\": {\"burners\": 3}, \"practice\": {\"kerfMm\": 2}}", 1);
    Shop common = Shop.common();
    assertThat(shop.forge().burners()).isEqualTo(3);
    assertThat(shop.forge().widthMm()).isEqualTo(common.forge().widthMm());
    assertThat(shop.defaults().kerfMm()).isEqualTo(2);
    assertThat(shop.defaults().scaleFactor()).isEqualTo(1);
    assertThat(shop.taskTimes()).isEqualTo(common.taskTimes());
    assertThat(shop.press()).as("no press was spoken of").isNull();
  }
}
