package app.geminal.asmade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.geminal.asmade.PatternMade.FigureMade;
import app.geminal.validation.InvalidValue;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class PatternMadeTest {
  private static final FigureMade TURNS = new FigureMade("c", "twist", "turns", 6, 5.6, 5.5, 5.7);

  @Test
  void nothingNotedIsAnEmptyNote() {
    assertThat(new PatternMade("d", Instant.EPOCH, 0.8, List.of(TURNS), null, null).note())
        .isEmpty();
  }

  @Test
  void theValueIsInItsRange() {
    assertThat(
            catchThrowableOfType(
                    InvalidValue.class,
                    () -> new FigureMade("c", "twist", "turns", 6, 5.6, 5.65, 5.7))
                .path())
        .isEqualTo("low");
  }

  @Test
  void theDepthIsInItsRange() {
    assertThat(
            catchThrowableOfType(
                    InvalidValue.class, () -> new PatternMade.GroundMade(2.2, 2.1, 2.15))
                .path())
        .isEqualTo("highMm");
  }

  @Test
  void withoutFiguresNothingWasMade() {
    assertThat(
            catchThrowableOfType(
                    InvalidValue.class,
                    () -> new PatternMade("d", Instant.EPOCH, 0.8, List.of(), null, ""))
                .path())
        .isEqualTo("figures");
  }
}
