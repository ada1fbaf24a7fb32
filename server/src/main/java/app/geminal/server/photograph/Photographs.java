package app.geminal.server.photograph;

import app.geminal.counted.LayersCounted.CountLine;
import app.geminal.server.account.Accounts;
import app.geminal.server.turn.Turns;
import app.geminal.validation.InvalidValue;
import app.geminal.vision.Line;
import app.geminal.vision.Photograph;
import app.geminal.vision.Spot;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Reads photographs that are measured and not kept, a few at a time. */
@Component
class Photographs {
  /** Two pictures are unpacked at once, one for each person: 120 MB each at the most. */
  private final Turns turns =
      new Turns(
          2, 1, Duration.ofSeconds(30), PhotographText.OTHER_PHOTOGRAPHS_ARE_BEING_READ.with());

  private final Accounts accounts;

  Photographs(Accounts accounts) {
    this.accounts = accounts;
  }

  /** What comes of a photograph, once its sender has a turn. */
  <T> T read(InputStream photograph, Principal who, Function<Photograph, T> measured)
      throws IOException {
    byte[] file = photograph.readAllBytes();
    try (Turns.Turn _ = turns.take(accounts.turnOf(who.getName()))) {
      return measured.apply(Photograph.read(file));
    }
  }

  /**
   * A line, as it is sent.
   *
   * @param given {@code x1,y1,x2,y2}, shares of the picture's width and height
   * @param field that it is sent as
   */
  static CountLine line(String given, String field) {
    List<Double> at = Shares.of(given, 4, field);
    return new CountLine(at.get(0), at.get(1), at.get(2), at.get(3));
  }

  /** Where a line is on a photograph, px. */
  static Line on(Photograph photograph, CountLine line) {
    return new Line(
        line.x1() * photograph.widthPx(),
        line.y1() * photograph.heightPx(),
        line.x2() * photograph.widthPx(),
        line.y2() * photograph.heightPx());
  }

  /**
   * The corners of a face, as they are sent.
   *
   * @param given {@code x1,y1,x2,y2,x3,y3,x4,y4}: upper left, upper right, lower right, lower left,
   *     shares of the picture's width and height
   */
  static Corners corners(String given) {
    return new Corners(Shares.of(given, 8, "corners"));
  }

  /**
   * Four corners of a face.
   *
   * @param shares of the picture's width and height, two for each
   */
  record Corners(List<Double> shares) {
    /** Where they are on a photograph, px. */
    List<Spot> on(Photograph photograph) {
      List<Spot> corners = new ArrayList<>();
      for (int i = 0; i < shares.size(); i += 2) {
        corners.add(
            new Spot(
                shares.get(i) * photograph.widthPx(), shares.get(i + 1) * photograph.heightPx()));
      }
      requireRoom(corners);
      return corners;
    }

    /** Four corners round some steel, in their order. */
    private static void requireRoom(List<Spot> corners) {
      for (int i = 0; i < 4; i++) {
        Spot a = corners.get(i);
        Spot b = corners.get((i + 1) % 4);
        Spot c = corners.get((i + 2) % 4);
        double turn = (b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x());
        if (turn < LEAST_PX2) {
          throw new InvalidValue("corners", PhotographText.CORNERS_IN_ORDER.with());
        }
      }
    }

    private static final double LEAST_PX2 = 100;
  }
}
