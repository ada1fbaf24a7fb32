package app.geminal.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.text.Message;
import app.geminal.units.Measure;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

class ProblemTest {
  private static ProblemDetail of(String detail) {
    return Problem.of(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "bad-value",
        Message.written("Bad"),
        Message.written(detail),
        "",
        Message.written(""));
  }

  @Test
  void figuresAreSaidInMetricAndAreWithTheirUnits() {
    ProblemDetail problem =
        of(
            "Less than "
                + Measure.mm(38.1)
                + " at "
                + Measure.celsius(1260)
                + ", "
                + Measure.degrees(20)
                + " apart.");
    assertThat(problem.getDetail()).isEqualTo("Less than 38.1 mm at 1260 °C, 20 °C apart.");
    assertThat(problem.getProperties())
        .containsEntry("words", "Less than {0} at {1}, {2} apart.")
        .hasEntrySatisfying(
            "figures",
            figures ->
                assertThat(figures.toString())
                    .contains("length", "38.1", "temperature-change", "20"));
  }

  @Test
  void withoutFiguresNothingIsGiven() {
    assertThat(of("No such steel.").getProperties()).doesNotContainKeys("words", "figures");
  }
}
