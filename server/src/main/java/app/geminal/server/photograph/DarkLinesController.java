package app.geminal.server.photograph;

import app.geminal.bar.Bars;
import app.geminal.flaw.LatestJoints;
import app.geminal.flaw.PhotographedFace;
import app.geminal.flaw.Spot;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.api.PhotographBody;
import app.geminal.server.billet.BilletStages;
import app.geminal.server.billet.BilletStages.Reached;
import app.geminal.server.photograph.Photographs.Corners;
import app.geminal.vision.DarkLine;
import app.geminal.vision.DarkLines;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Dark lines on a bar in a photograph, proposed as flaws; nothing is stored. */
@RestController
class DarkLinesController {
  /** Nearer to a joint than that, or than a share of the bar's height, a line is on it. */
  private static final double NEAR_MM = 1.2;

  private static final double NEAR_SHARE = 0.04;

  private final BilletStages stages;
  private final Photographs photographs;

  DarkLinesController(BilletStages stages, Photographs photographs) {
    this.stages = stages;
    this.photographs = photographs;
  }

  /**
   * A dark line. It is no flaw before a person says so.
   *
   * @param fromX its left end, share of the face's width
   * @param fromY its left end, share of the face's height from above
   * @param toX its right end
   * @param toY its right end
   * @param lengthMm from end to end
   * @param contrast how much darker it is than what is around it, 0 to 1
   * @param joint the joint it is on, from 1 at the underside; null where it is on none
   * @param spot where in the bar it is seen
   */
  record DarkLineView(
      double fromX,
      double fromY,
      double toX,
      double toY,
      double lengthMm,
      double contrast,
      @Nullable Integer joint,
      Spot spot) {

    static DarkLineView of(
        DarkLine line, PhotographedFace face, Bars bars, int bar, List<Double> joints) {
      double high = 1 - Math.max(line.fromY(), line.toY());
      double higher = 1 - Math.min(line.fromY(), line.toY());
      Integer joint = null;
      if (face.isAcrossJoints()) {
        joint = nearest(joints, (high + higher) / 2 * face.heightMm(bars), face.heightMm(bars));
      }
      if (joint != null) {
        high = joints.get(joint - 1) / face.heightMm(bars);
        higher = high;
      }
      return new DarkLineView(
          line.fromX(),
          line.fromY(),
          line.toX(),
          line.toY(),
          line.lengthMm(),
          line.contrast(),
          joint,
          face.spot(bars, bar, line.fromX(), line.toX(), high, higher));
    }

    private static @Nullable Integer nearest(List<Double> joints, double atMm, double heightMm) {
      Integer best = null;
      double least = Math.max(NEAR_MM, NEAR_SHARE * heightMm);
      for (int i = 0; i < joints.size(); i++) {
        double off = Math.abs(joints.get(i) - atMm);
        if (off < least) {
          least = off;
          best = i + 1;
        }
      }
      return best;
    }
  }

  /**
   * Finds dark lines along the joints on a face of a bar in a photograph: JPEG or PNG.
   *
   * @param id number of the billet
   * @param step names of the parts the step is in, then its key, with strokes between
   * @param bar which of several bars, from 0
   * @param face of the bar that is seen
   * @param look whether it is etched or glowing
   * @param corners {@code x1,y1,x2,y2,x3,y3,x4,y4}: upper left, upper right, lower right and lower
   *     left of the face, shares of the upright picture's width and height
   */
  @Operation(operationId = "findDarkLines")
  @PostMapping(
      value = "/api/v1/billets/{id}/dark-lines",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @RequiredRank(Rank.APPRENTICE)
  @PhotographBody
  List<DarkLineView> find(
      InputStream photograph,
      @PathVariable long id,
      @RequestParam String step,
      @RequestParam(defaultValue = "0") int bar,
      @RequestParam PhotographedFace face,
      @RequestParam(defaultValue = "ETCHED") DarkLines.Face look,
      @RequestParam String corners,
      Principal who)
      throws IOException {
    Corners at = Photographs.corners(corners);
    Reached shown = stages.after(id, step, bar);
    Bars bars = shown.bars();
    List<Double> joints = LatestJoints.of(shown.run(), shown.stage());
    return photographs.read(
        photograph,
        who,
        read ->
            DarkLines.on(read, at.on(read), face.widthMm(bars), face.heightMm(bars), look).stream()
                .map(line -> DarkLineView.of(line, face, bars, bar, joints))
                .toList());
  }
}
