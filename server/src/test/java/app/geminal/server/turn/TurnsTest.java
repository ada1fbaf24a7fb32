package app.geminal.server.turn;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.server.problem.Busy;
import app.geminal.text.Message;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class TurnsTest {
  private static final Message MANY = Message.written("Several are going on.");

  @Test
  void soManyAtOnceAndAnotherWhenOneHasEnded() {
    Turns turns = new Turns(2, 2, Duration.ZERO, MANY);
    Turns.Turn first = turns.take(Turns.Person.of("mara"));
    turns.take(Turns.Person.of("mara"));
    assertThatThrownBy(() -> turns.take(Turns.Person.of("mara")))
        .isInstanceOf(Busy.class)
        .hasMessage(MANY.marked());
    first.close();
    assertThatCode(() -> turns.take(Turns.Person.of("mara"))).doesNotThrowAnyException();
  }

  @Test
  void nobodyTakesTheTurnsOfOthers() {
    Turns turns = new Turns(3, 1, Duration.ZERO, MANY);
    turns.take(Turns.Person.of("guest"));
    for (int i = 0; i < 10; i++) {
      assertThatThrownBy(() -> turns.take(Turns.Person.of("guest"))).isInstanceOf(Busy.class);
    }
    assertThatCode(() -> turns.take(Turns.Person.of("mara"))).doesNotThrowAnyException();
    assertThatCode(() -> turns.take(Turns.Person.of("ilse"))).doesNotThrowAnyException();
    assertThatThrownBy(() -> turns.take(Turns.Person.of("joss"))).isInstanceOf(Busy.class);
  }

  @Test
  void whoSharesHasFewer() {
    Turns turns = new Turns(3, 2, Duration.ZERO, MANY);
    Turns.Person guests = new Turns.Person("all guests", 1);
    Turns.Turn first = turns.take(guests);
    assertThatThrownBy(() -> turns.take(guests)).isInstanceOf(Busy.class);
    first.close();
    assertThatCode(() -> turns.take(guests)).doesNotThrowAnyException();
  }
}
