package app.geminal.library.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.stock.StockBar;
import app.geminal.validation.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

class ShelfFileTest {
  @Test
  void barsInInchesAndMillimeters() {
    List<StockBar> inches =
        ShelfFile.read(
            "steel,width_in,thickness_in,length_in,pieces,price_per_m,preparation_min,source\n"
                + "1075,1 1/2,1/8,36,5,4.10,,Steel store\n");
    assertThat(inches)
        .containsExactly(
            new StockBar(
                "1075",
                38.1,
                3.175,
                914.4,
                5,
                4.1,
                StockBar.PricePer.METRE,
                null,
                "Steel store",
                ""));
    List<StockBar> metric =
        ShelfFile.read(
            "steel,width_mm,thickness_mm,length_mm,pieces,price_per_kg,preparation_min\r\n"
                + "15N20,40,1.5,1000,2,12,30\r\n");
    assertThat(metric)
        .containsExactly(
            new StockBar(
                "15N20", 40, 1.5, 1000, 2, 12.0, StockBar.PricePer.KILOGRAM, 30.0, "", ""));
  }

  private static void refused(String csv, String place) {
    assertThatThrownBy(() -> ShelfFile.read(csv))
        .isInstanceOfSatisfying(InvalidValue.class, bad -> assertThat(bad.path()).isEqualTo(place));
  }

  @Test
  void whatCannotBeReadHasItsPlace() {
    String header = "steel,width_mm,thickness_mm,length_mm,pieces,price_per_m\n";
    refused(header + "1075,40,3,1000,2,\n1075,wide,3,1000,2,\n", "line 3/width_mm");
    refused(header + "1075,40,3,1000,two,\n", "line 2/pieces");
    refused(header + "1075,40,3,1000,0,\n", "line 2/pieces");
    refused(header + "1075,40,3,1000,2,cheap\n", "line 2/price_per_m");
    refused(header + ",40,3,1000,2,\n", "line 2/steel");
    refused(header + "1075,-4,3,1000,2,\n", "line 2/width_mm");
    refused("steel,thickness_mm,length_mm,pieces\n1075,3,1000,2\n", "line 2/width_mm");
    refused(header + "\"1075,40\n", "");
  }
}
