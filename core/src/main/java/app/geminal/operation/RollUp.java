package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import app.geminal.geometry.RolledStrip;
import app.geminal.geometry.Spiral;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Laid;
import app.geminal.layup.Piece;
import app.geminal.ledger.Amount;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A long strip rolled up from one end, its bottom face outside, perhaps round a core, and forged
 * round or square. The strip's width becomes the length of the roll. The seam between the wraps is
 * one joint and not welded yet.
 *
 * <p>Counted on a line through the axis, up or across, whichever crosses more: it meets the strip
 * on both sides of the axis in every turn, also where an end tapers out (see {@link Spiral}).
 *
 * @param square whether it is forged square; else it stays round
 * @param core rolled in the middle, its thickness taken as a diameter; null for none
 * @param heats 1 to 60; each costs scale at the shop's drawing heat
 */
public record RollUp(boolean square, @Nullable Piece core, int heats) implements Heated {
  /** What it is called, and its fields. */
  public static final OperationKind<RollUp> KIND =
      OperationKind.of(
          new StepName("roll", StepName.At.FORGE, 'o'),
          RollUp.class,
          ShorthandText.AFTER_ROLL,
          (_, _) -> new RollUp(true, null, 2),
          OperationField.of(
                  "square",
                  FieldType.yesNo(),
                  Said.either("square", "round").usually(true).always())
              .otherwise(false),
          OperationField.of("core", FieldType.piece(), Said.after("core").usually(null)),
          OperationField.of("heats", FieldType.heats(), Said.before("heat").usually(1).always()));

  /** Checks the heats. */
  public RollUp {
    KIND.check(square, core, heats);
  }

  @Override
  public Map<String, List<? extends Laid>> laid() {
    return core == null ? Map.of() : Map.of("core", List.of(core));
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    return ScaleLoss.inHeats(this, bars, bench.defaults(), this::rolled);
  }

  private OperationResult rolled(Done scaled) {
    Bars strip = scaled.bars();
    double thickness = strip.section().heightMm();
    double coreMm2 = core == null ? 0 : Math.PI * core.thicknessMm() * core.thicknessMm() / 4;
    double area = thickness * strip.lengthMm() + coreMm2;
    double coreRadius = core == null ? 0 : core.thicknessMm() / 2;
    Spiral spiral = Spiral.of(thickness, strip.lengthMm(), coreRadius);
    if (spiral.wraps() < 1) {
      return new Impossible(
          "",
          OperationText.STRIP_TOO_SHORT.with(
              "length", Quantity.mm(strip.lengthMm()), "thickness", Quantity.mm(thickness)),
          OperationText.DRAW_IT_LONGER_AND_THINNER_FIRST.with());
    }
    double side = square ? Math.sqrt(area) : Math.sqrt(4 * area / Math.PI);
    double share = square ? 1 : Math.PI / 4;
    double length = strip.widthMm();
    Amount added =
        core == null
            ? Amount.NONE
            : Amount.ofLayers(Map.of(core.steel(), coreMm2), length).times(strip.count());
    LayerSequence layers = strip.section().up();
    Crossing up = crossing(spiral, layers, 3 * Spiral.TURN / 4, Spiral.TURN / 4);
    Crossing across = crossing(spiral, layers, Spiral.TURN / 2, 0);
    Amount each = strip.amount().plus(added).times(1 / (strip.count() * length * share));
    Section section =
        Section.wrought(
            up.line().scaledBy(side / up.line().thicknessMm()),
            across.line().scaledBy(side / across.line().thicknessMm()),
            each.mm3BySteel());
    Crossing counted = section.isCountedAcross() ? across : up;
    Bars roll =
        new Bars(
            strip.count(),
            length,
            section,
            Math.addExact(
                Math.multiplyExact(strip.shopCount(), (long) counted.strips()),
                core == null ? 0 : 1),
            true,
            1,
            square ? Form.BAR : Form.ROUND,
            share);
    long before = counted.strips() * layers.visibleCount() + (core == null ? 0 : 1);
    String middle = core == null ? null : core.steel();
    return scaled
        .by(new RolledStrip(Size.of(strip), spiral, middle, square, Size.of(roll)), roll)
        .withAdded(added)
        .with(new Done.Layers.Joined(1, before));
  }

  /**
   * A line through the axis.
   *
   * @param line the layers on it
   * @param strips how often it meets the strip
   */
  private record Crossing(LayerSequence line, int strips) {}

  /** From one side of the axis to the other, each side given by its angle. */
  private Crossing crossing(Spiral spiral, LayerSequence strip, double from, double to) {
    List<LayerSequence> before = spiral.outwards(strip, from);
    List<LayerSequence> after = spiral.outwards(strip, to);
    List<LayerSequence> through = new ArrayList<>();
    before.reversed().forEach(s -> through.add(s.turned()));
    if (core != null) {
      through.add(LayerSequence.band(core.steel(), core.thicknessMm()));
    }
    through.addAll(after);
    return new Crossing(LayerSequence.join(through), spiral.turns(from) + spiral.turns(to));
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }

  @Override
  public Message whyCounted(Laying laid) {
    return laid.sum(CountText.ROLLED.with("strip", laid.before().visibleCount()));
  }
}
