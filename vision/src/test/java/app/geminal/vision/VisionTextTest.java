package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Locale;
import java.util.ResourceBundle;
import org.junit.jupiter.api.Test;

class VisionTextTest {
  @Test
  void everyTextIsNamedAndEveryNameHasItsText() {
    assertThat(Arrays.stream(VisionText.values()).map(VisionText::key))
        .containsExactlyInAnyOrderElementsOf(
            ResourceBundle.getBundle("app.geminal.vision.vision", Locale.ROOT).keySet());
  }
}
