package app.geminal.server.problem;

import app.geminal.server.text.RequestLanguage;
import app.geminal.text.Catalogue;
import app.geminal.text.Message;
import app.geminal.units.Measure;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/**
 * Builds problem documents (RFC 9457). Beside the standard members they have {@code where}, a JSON
 * pointer into the request body (empty: the whole), and {@code remedy}, what to do about it. Where
 * the detail has figures, {@code words} has it with {@code {0}}, {@code {1}} in their places, and
 * {@code figures} their values and units, so that a reader can read it in units of their own.
 */
public final class Problem {
  private Problem() {}

  /**
   * A figure in a problem's words.
   *
   * @param quantity what it is a figure of: length, temperature, temperature-change, mass, force,
   *     and so on
   * @param value in the unit
   * @param unit the stored unit: mm, C, dC, kg, kN, and so on
   */
  record Figure(String quantity, double value, String unit) {
    static Figure of(Quantity q) {
      String name = q.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
      return new Figure(name, q.value(), q.kind().mark());
    }
  }

  /**
   * A problem document.
   *
   * @param kind last part of its type
   * @param title what kind of problem, the same for all of its kind
   * @param detail this one, in a sentence
   * @param where a JSON pointer into the request body, empty for the whole
   * @param remedy what to do about it
   */
  public static ProblemDetail of(
      HttpStatus status, String kind, Message title, Message detail, String where, Message remedy) {
    Catalogue texts = RequestLanguage.texts();
    List<Figure> figures = new ArrayList<>();
    String words =
        Measure.render(
            texts.marked(detail),
            quantity -> {
              figures.add(Figure.of(quantity));
              return "{" + (figures.size() - 1) + "}";
            });
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(status, texts.read(detail, Units.METRIC));
    problem.setType(URI.create("urn:geminal:problem:" + kind));
    problem.setTitle(texts.marked(title));
    problem.setProperty("where", where);
    problem.setProperty("remedy", texts.marked(remedy));
    if (!figures.isEmpty()) {
      problem.setProperty("words", words);
      problem.setProperty("figures", figures);
    }
    return problem;
  }
}
