package app.geminal.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.validation.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShopTest {

  @ParameterizedTest
  @EnumSource
  void everyPresetIsAWholeShopThatCanWeldByItsOwnHabits(ShopPreset preset) {
    Shop shop = preset.shop();
    assertThat(shop.forge().highestC()).isGreaterThan(shop.defaults().weldTemperatureC());
    assertThat(shop.forge().litres()).isLessThanOrEqualTo(shop.forge().ratedLitres());
    boolean pressed = shop.defaults().setTool() == Tool.FLAT;
    assertThat(pressed ? shop.press() : shop.hammer()).isNotNull();
    assertThat(preset.words().marked()).isNotBlank();
  }

  @Test
  void absurdMachinesAreRefusedWithTheField() {
    assertThatThrownBy(() -> new Press(-1, 17, 0, 250, 100, 130, 45, 15))
        .isInstanceOfSatisfying(InvalidValue.class, b -> assertThat(b.path()).isEqualTo("boreMm"));
    assertThatThrownBy(() -> new Mill(10, 30)).isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new Hammer(" ", 30)).isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> Shop.common().withForge(null)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void aDrawTakesHeatsByTheSectionItTakesDown() {
    TaskTimes taskTimes = TaskTimes.common();
    assertThat(taskTimes.drawHeats(1000, 1000)).isOne();
    assertThat(taskTimes.drawHeats(1000, 750)).isOne();
    assertThat(taskTimes.drawHeats(1000, 749)).isEqualTo(2);
    assertThat(taskTimes.drawHeats(1000, 1000 * Math.pow(0.75, 5))).isEqualTo(5);
  }
}
