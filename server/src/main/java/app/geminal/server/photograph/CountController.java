package app.geminal.server.photograph;

import app.geminal.counted.LayersCounted.CountLine;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.api.PhotographBody;
import app.geminal.text.Message;
import app.geminal.vision.Layer;
import app.geminal.vision.LayerCount;
import app.geminal.vision.LayerCounter;
import app.geminal.vision.Line;
import app.geminal.vision.Photograph;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Layers counted in a photograph; nothing is stored. */
@RestController
class CountController {
  private final Photographs photographs;

  CountController(Photographs photographs) {
    this.photographs = photographs;
  }

  /**
   * What was counted along a line.
   *
   * @param count of layers; at least so many where it is refused
   * @param low the fewest it may be
   * @param high the most it may be
   * @param refused why it cannot be counted one by one, null where it can
   * @param line along which it was counted, perhaps beside the one that was asked for; null where
   *     no striped place was found
   * @param boundaries of the layers along the line, in order, 0 where it begins and 1 where it ends
   */
  record CountView(
      int count,
      int low,
      int high,
      @Nullable Message refused,
      @Nullable CountLine line,
      List<Double> boundaries) {

    static CountView of(LayerCount count, Photograph photograph) {
      Line line = count.line();
      double length = line.lengthPx();
      List<Double> places = new ArrayList<>();
      for (Layer layer : count.layers()) {
        if (places.isEmpty()) {
          places.add(layer.fromPx() / length);
        }
        places.add(layer.toPx() / length);
      }
      return new CountView(
          count.count(),
          count.low(),
          count.high(),
          count.refused().orElse(null),
          length == 0 ? null : share(line, photograph),
          places);
    }

    private static CountLine share(Line line, Photograph on) {
      return new CountLine(
          share(line.x1(), on.widthPx()),
          share(line.y1(), on.heightPx()),
          share(line.x2(), on.widthPx()),
          share(line.y2(), on.heightPx()));
    }

    private static double share(double px, int ofPx) {
      return Math.clamp(px / ofPx, 0, 1);
    }
  }

  /**
   * Counts the layers of an etched end, face or edge in a photograph: JPEG or PNG.
   *
   * @param line where to count: {@code x1,y1,x2,y2}, shares of the upright picture's width and
   *     height from 0 to 1; left out, a line across the largest striped place
   */
  @Operation(operationId = "countLayers")
  @PostMapping(
      value = "/api/v1/photographs/count",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @RequiredRank(Rank.APPRENTICE)
  @PhotographBody
  CountView count(
      InputStream photograph, @RequestParam(required = false) @Nullable String line, Principal who)
      throws IOException {
    CountLine asked = line == null ? null : Photographs.line(line, "line");
    return photographs.read(
        photograph,
        who,
        read ->
            CountView.of(
                asked == null
                    ? LayerCounter.of(read)
                    : LayerCounter.along(read, Photographs.on(read, asked)),
                read));
  }
}
