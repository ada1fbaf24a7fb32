package app.geminal.server.turn;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.server.problem.Busy;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class TurnsTest {
  @Test
  void soManyAtOnceAndAnotherWhenOneHasEnded() {
    Turns turns = new Turns(2, Duration.ZERO, "Several are going on.");
    Turns.Turn first = turns.take();
    turns.take();
    assertThatThrownBy(turns::take).isInstanceOf(Busy.class).hasMessage("Several are going on.");
    first.close();
    assertThatCode(turns::take).doesNotThrowAnyException();
  }
}
