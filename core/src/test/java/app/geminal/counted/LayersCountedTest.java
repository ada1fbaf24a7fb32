package app.geminal.counted;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.geminal.counted.LayersCounted.CountLine;
import app.geminal.validation.InvalidValue;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class LayersCountedTest {
  private static final CountLine LINE = new CountLine(0.5, 0.1, 0.5, 0.9);

  private static LayersCounted counted(
      int low, int count, int high, @Nullable CountLine line, List<Double> boundaries) {
    return new LayersCounted("a", Instant.EPOCH, count, low, high, line, boundaries, null);
  }

  @Test
  void aCountByEyeHasNoLine() {
    assertThat(counted(61, 61, 61, null, List.of()).boundaries()).isEmpty();
    assertThat(counted(1, 2, 2, LINE, List.of(-0.2, 0.5, 1.2)).note()).isEmpty();
  }

  private static String refused(
      int low, int count, int high, @Nullable CountLine line, List<Double> boundaries) {
    return catchThrowableOfType(
            InvalidValue.class, () -> counted(low, count, high, line, boundaries))
        .path();
  }

  @Test
  void theCountIsInItsRange() {
    assertThat(refused(62, 61, 63, null, List.of())).isEqualTo("low");
    assertThat(refused(60, 61, 60, null, List.of())).isEqualTo("high");
  }

  @Test
  void boundariesAreInOrderOnALine() {
    assertThat(refused(1, 2, 2, LINE, List.of(0.5, 0.4))).isEqualTo("boundaries");
    assertThat(refused(1, 2, 2, null, List.of(0.4))).isEqualTo("line");
  }
}
