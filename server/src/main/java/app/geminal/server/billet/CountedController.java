package app.geminal.server.billet;

import app.geminal.counted.CountDifference;
import app.geminal.counted.LayersCounted;
import app.geminal.text.Message;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Layers that were counted on a billet beside those of its plan; nothing is stored. */
@RestController
class CountedController {
  private final BilletStages stages;

  CountedController(BilletStages stages) {
    this.stages = stages;
  }

  /**
   * A count beside the plan's.
   *
   * @param planned layers visible at that stage by the plan
   * @param slips what may explain a count that is not the plan's, nearest to it first; empty where
   *     the count is the plan's, or where no single slip gives one in the range
   */
  record CountedView(long planned, List<SlipView> slips) {}

  /**
   * One thing that may have been done otherwise.
   *
   * @param words that say it
   * @param layers visible in that case
   */
  record SlipView(Message words, long layers) {}

  /**
   * A count of layers beside the plan's, with what may explain a difference.
   *
   * @param id number of the billet
   * @param step names of the parts the step is in, then its key, with strokes between
   * @param count that was found
   * @param low the fewest it may be
   * @param high the most it may be
   */
  @Operation(operationId = "explainCount")
  @GetMapping("/api/v1/billets/{id}/count")
  CountedView counted(
      @PathVariable long id,
      @RequestParam String step,
      @RequestParam int count,
      @RequestParam int low,
      @RequestParam int high) {
    Require.count("count", count, 0, LayersCounted.MOST_LAYERS);
    Require.count("low", low, 0, count);
    Require.count("high", high, count, LayersCounted.MOST_LAYERS);
    BilletStages.Reached reached = stages.after(id, step);
    return new CountedView(
        reached.run().stages().get(reached.stage()).visibleCount(),
        CountDifference.explained(
                reached.run(),
                reached.stage(),
                count,
                low,
                high,
                reached.steels(),
                reached.defaults())
            .stream()
            .map(slip -> new SlipView(slip.words(), slip.layers()))
            .toList());
  }
}
