package app.geminal.heatplan;

import app.geminal.forging.StopLadder;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.text.Message;
import app.geminal.weld.AtmosphereProtection;
import java.util.List;
import java.util.Optional;

/**
 * Everything one weld or draw wants of the fire, worked out from the bar as it is before it.
 *
 * @param stepPath names of the parts the step is in, then its key, with strokes between
 * @param title "Weld 2" or "Draw 1"
 * @param protection how oxygen is kept out, empty for a draw
 * @param bar as it is before the first heat
 * @param outerMm thickness of the outermost piece, or the mean of the layers of a welded bar
 * @param carbon of the mix, mass %
 * @param heats in the fire
 * @param reductionPerHeat of the height, fraction
 * @param flame the forge is run with
 * @param window the welding heat
 * @param soaking the soak
 * @param squeezing the squeeze
 * @param steps in order
 * @param stops one for each heat of a draw, else none
 * @param cautions where people can be hurt
 * @param layOut before lighting
 * @param protections what each way of keeping oxygen out would cost, none for a draw or where they
 *     were not compared
 */
public record HeatPlan(
    String stepPath,
    Message title,
    Optional<AtmosphereProtection> protection,
    BarHeat.Of bar,
    double outerMm,
    double carbon,
    int heats,
    double reductionPerHeat,
    Atmosphere flame,
    HeatWindow window,
    SoakPlan soaking,
    SqueezePlan squeezing,
    List<HeatStep> steps,
    List<StopLadder.Rung> stops,
    List<Message> cautions,
    List<ChecklistItem> layOut,
    List<ProtectionCost> protections) {

  /** Copies the lists. */
  public HeatPlan {
    steps = List.copyOf(steps);
    stops = List.copyOf(stops);
    cautions = List.copyOf(cautions);
    layOut = List.copyOf(layOut);
    protections = List.copyOf(protections);
  }

  /** Whether flux is applied in any of its heats. */
  public boolean fluxes() {
    return steps.stream().anyMatch(s -> s.act().equals(Optional.of(ForgeAction.FLUX)));
  }

  /** The same plan with what each atmosphere protection would cost. */
  HeatPlan withProtections(List<ProtectionCost> newProtections) {
    return new HeatPlan(
        stepPath,
        title,
        protection,
        bar,
        outerMm,
        carbon,
        heats,
        reductionPerHeat,
        flame,
        window,
        soaking,
        squeezing,
        steps,
        stops,
        cautions,
        layOut,
        newProtections);
  }

  /** Whether it is a weld. */
  public boolean isWeld() {
    return protection.isPresent();
  }
}
