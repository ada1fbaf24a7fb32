package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.layup.Laid;
import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Each bar at hand as a core between other steel: sides for a blade, a wrap of iron.
 *
 * @param below laid under it, bottom first; 0 to 20
 * @param above laid on it, bottom first; 0 to 20, and one of both lists not empty
 * @param faceGrindMm ground off each forged face that meets another; 0 to 20
 */
public record Sandwich(List<Laid> below, List<Laid> above, double faceGrindMm)
    implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<Sandwich> KIND =
      OperationKind.of(
          new StepName("sandwich", StepName.At.STACK, 'y'),
          Sandwich.class,
          ShorthandText.AFTER_SANDWICH,
          (bars, shop) ->
              bothSides(List.of(new Piece(FirstGuess.steel(bars), 3)), shop.faceGrindMm()),
          OperationField.of("below", FieldType.laid(20), Said.after("below").usually(List.of())),
          OperationField.of(
              "above",
              FieldType.laid(20),
              Said.after("above")
                  .usually(List.of())
                  .mirroredBy("below")
                  .ifMissing(ShorthandText.WRITE_CLADDING)),
          OperationField.of("faceGrindMm", FieldType.length(20), Said.after("ground").usually(0.0))
              .otherwise(0.0));

  /** Checks every field and copies the lists. */
  public Sandwich {
    KIND.check(below, above, faceGrindMm);
    below = List.copyOf(below);
    above = List.copyOf(above);
    if (below.isEmpty() && above.isEmpty()) {
      throw new InvalidValue("above", OperationText.SANDWICH_NEEDS_CLADDING_AROUND_ITS_CORE.with());
    }
  }

  /** The same on both sides, mirrored. */
  public static Sandwich bothSides(List<Laid> above, double faceGrindMm) {
    return new Sandwich(above.reversed(), above, faceGrindMm);
  }

  /** Whether both sides are the same. */
  public boolean isMirrored() {
    return below.equals(above.reversed());
  }

  @Override
  public Map<String, List<? extends Laid>> laid() {
    Map<String, List<? extends Laid>> laid = new LinkedHashMap<>();
    laid.put("below", below);
    laid.put("above", above);
    return laid;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    List<Laid> all = new ArrayList<>(below);
    all.addAll(above);
    var missing = BlockBuilder.missing(bench, all, bars.count());
    if (missing.isPresent()) {
      return missing.get();
    }
    BlockBuilder laying = new BlockBuilder(BlockBuilder.Axis.UP, bars, bench);
    laying.all(below);
    laying.own(Turn.SAME);
    laying.all(above);
    return laying.block(bars.count(), faceGrindMm);
  }

  @Override
  public Message whyCounted(Laying laid) {
    return laid.sum(CountText.CLADDING.with("core", laid.before().visibleCount()));
  }

  @Override
  public boolean needsSolidBars() {
    return false;
  }

  @Override
  public Optional<Meeting> meeting() {
    return Optional.of(
        new Meeting(BarFace.BROAD, faceGrindMm, mm -> new Sandwich(below, above, mm)));
  }

  @Override
  public boolean cladsACore() {
    return true;
  }
}
