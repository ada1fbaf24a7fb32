package app.geminal.server.turn;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.server.problem.Busy;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class TurnsTest {
  private static final String MANY = "Several are going on.";

  @Test
  void soManyAtOnceAndAnotherWhenOneHasEnded() {
    Turns turns = new Turns(2, 2, Duration.ZERO, MANY);
    Turns.Turn first = turns.take("mara");
    turns.take("mara");
    assertThatThrownBy(() -> turns.take("mara")).isInstanceOf(Busy.class).hasMessage(MANY);
    first.close();
    assertThatCode(() -> turns.take("mara")).doesNotThrowAnyException();
  }

  @Test
  void nobodyTakesTheTurnsOfOthers() {
    Turns turns = new Turns(3, 1, Duration.ZERO, MANY);
    turns.take("guest");
    for (int i = 0; i < 10; i++) {
      assertThatThrownBy(() -> turns.take("guest")).isInstanceOf(Busy.class);
    }
    assertThatCode(() -> turns.take("mara")).doesNotThrowAnyException();
    assertThatCode(() -> turns.take("ilse")).doesNotThrowAnyException();
    assertThatThrownBy(() -> turns.take("joss")).isInstanceOf(Busy.class);
  }
}
