package app.geminal.server.photograph;

import app.geminal.asmade.AsMade;
import app.geminal.asmade.PatternFigure;
import app.geminal.asmade.PatternMade.GroundMade;
import app.geminal.billet.Plan;
import app.geminal.operation.FieldType;
import app.geminal.operation.Measure;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.pattern.View;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.api.PhotographBody;
import app.geminal.server.billet.BilletStages;
import app.geminal.server.billet.BilletStages.Reached;
import app.geminal.server.photograph.Photographs.Corners;
import app.geminal.text.Message;
import app.geminal.vision.FittedPattern;
import app.geminal.vision.PatternFit;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.time.Duration;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The etched face of a bar in a photograph beside its plan; nothing is stored. */
@RestController
class PatternFitController {
  /** Some seconds are usual; a plan that bends its layers again and again takes no more. */
  private static final Duration LONGEST = Duration.ofSeconds(20);

  private final BilletStages stages;
  private final Photographs photographs;

  PatternFitController(BilletStages stages, Photographs photographs) {
    this.stages = stages;
    this.photographs = photographs;
  }

  /**
   * What a pattern's photograph says of the plan.
   *
   * @param likeness of the photograph and the view with the figures found, 1 for the same
   * @param plannedLikeness of the photograph and the view as planned
   * @param figures of steps, those of the last step first; none where nothing can be said
   * @param cannotTell why nothing can be said, null where something can
   * @param plan with the figures found, of the part that the step is in
   * @param ground off the face; null where other depths would look the same
   * @param depthMm ground off the face, as it fits best
   * @param shiftShare how far the photograph's pattern is to the right of the view's, share of its
   *     width
   * @param turned whether the photograph is the view after half a turn
   */
  record FittedView(
      double likeness,
      double plannedLikeness,
      List<FigureView> figures,
      @Nullable Message cannotTell,
      Plan plan,
      @Nullable GroundMade ground,
      double depthMm,
      double shiftShare,
      boolean turned) {

    static FittedView of(Reached shown, AsMade asMade, View.Face face, FittedPattern found) {
      double[] values = found.values().stream().mapToDouble(v -> v).toArray();
      boolean isGround =
          !asMade.figures().isEmpty()
              && asMade.figures().getLast() instanceof PatternFigure.Ground
              && values.length > 0;
      return new FittedView(
          found.likeness(),
          found.plannedLikeness(),
          found.figures().stream().map(figure -> FigureView.of(shown, figure)).toList(),
          found.cannotTell().orElse(null),
          values.length == 0 ? shown.run().plan() : asMade.plan(values),
          found.groundMm().map(mm -> new GroundMade(mm.value(), mm.low(), mm.high())).orElse(null),
          isGround ? values[values.length - 1] : face.depthMm(),
          found.shiftShare(),
          found.turned());
    }
  }

  /**
   * A figure of a step.
   *
   * @param step its number
   * @param stepKey its key
   * @param kind of step, as plans name it
   * @param field the component of the step that holds it
   * @param label what pages call it
   * @param measure what it measures, and so its unit
   * @param planned by the plan
   * @param value most likely
   * @param low the range that holds the true one 95 times in 100
   * @param high of the same range
   */
  record FigureView(
      int step,
      String stepKey,
      String kind,
      String field,
      Message label,
      Measure measure,
      double planned,
      double value,
      double low,
      double high) {

    static FigureView of(Reached shown, FittedPattern.Figure figure) {
      PatternFigure.OfStep of = figure.of();
      var step = shown.run().stages().get(of.stage()).step().orElseThrow();
      OperationKind<?> kind = OperationKinds.of(step.operation());
      return new FigureView(
          of.stage(),
          step.key(),
          kind.name(),
          of.field().name(),
          kind.label(of.field()).orElseGet(kind::title),
          of.field().type() instanceof FieldType.Figure(var measure, _) ? measure : Measure.NUMBER,
          of.planned(),
          figure.range().value(),
          figure.range().low(),
          figure.range().high());
    }
  }

  /**
   * Finds the figures of a plan with which a bar's broad face looks most like its photograph: JPEG
   * or PNG.
   *
   * @param id number of the billet
   * @param step names of the parts the step is in, then its key, with strokes between; the face is
   *     as it is after that step
   * @param bar which of several bars, from 0
   * @param under whether it is the underside
   * @param depthMm of steel ground off that face, about
   * @param corners {@code x1,y1,x2,y2,x3,y3,x4,y4}: upper left, upper right, lower right and lower
   *     left of the face, shares of the upright picture's width and height
   */
  @Operation(operationId = "fitPattern")
  @PostMapping(
      value = "/api/v1/billets/{id}/pattern-fit",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @RequiredRank(Rank.APPRENTICE)
  @PhotographBody
  FittedView fit(
      InputStream photograph,
      @PathVariable long id,
      @RequestParam String step,
      @RequestParam(defaultValue = "0") int bar,
      @RequestParam(defaultValue = "false") boolean under,
      @RequestParam(defaultValue = "0") double depthMm,
      @RequestParam String corners,
      Principal who)
      throws IOException {
    Corners at = Photographs.corners(corners);
    Reached shown = stages.after(id, step, bar);
    View.Face face = new View.Face(under, depthMm);
    AsMade asMade =
        AsMade.of(shown.run(), shown.stage(), face, bar, shown.steels(), shown.defaults());
    return photographs.read(
        photograph,
        who,
        read -> {
          long from = System.nanoTime();
          BooleanSupplier unwanted = () -> System.nanoTime() - from > LONGEST.toNanos();
          return FittedView.of(
              shown, asMade, face, PatternFit.of(asMade, read, at.on(read), unwanted));
        });
  }
}
