package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.layup.Laid;
import app.geminal.layup.Turn;
import app.geminal.text.Message;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All bars at hand laid on each other, perhaps with the same pieces in every gap: a bright sheet
 * between, or a core for the edge between two bars.
 *
 * @param turns which way the bars are laid, bottom first; a shorter list is gone through again and
 *     again, so that (same, over) turns every second bar over; 1 to 60
 * @param between laid bottom first in every gap, sheets cut to the bars' width and length; 0 to 20
 * @param faceGrindMm ground off each face that meets another; the outsides stay as they are; 0 to
 *     20
 */
public record Restack(List<Turn> turns, List<Laid> between, double faceGrindMm)
    implements Operation {
  /** All the same way up. */
  public static final List<Turn> ALL_SAME = List.of(Turn.SAME);

  /** Every second bar turned over. */
  public static final List<Turn> EVERY_SECOND = List.of(Turn.SAME, Turn.OVER);

  /** What it is called, and its fields. */
  public static final OperationKind<Restack> KIND =
      OperationKind.of(
          new StepName("restack", StepName.At.STACK, 'r'),
          Restack.class,
          ShorthandText.AFTER_RESTACK,
          (_, shop) -> new Restack(ALL_SAME, List.of(), shop.faceGrindMm()),
          OperationField.of(
                  "turns",
                  FieldType.choices(Turn.class, 60),
                  Said.alone().usually(ALL_SAME).always())
              .otherwise(Restack.ALL_SAME),
          OperationField.of("between", FieldType.laid(20), Said.after("with").usually(List.of())),
          OperationField.of("faceGrindMm", FieldType.length(20), Said.after("ground").usually(0.0))
              .otherwise(0.0));

  /** Checks every field and copies the lists. */
  public Restack {
    KIND.check(turns, between, faceGrindMm);
    turns = List.copyOf(turns);
    between = List.copyOf(between);
  }

  /** Bars only, their faces as they are. */
  public static Restack of(List<Turn> turns) {
    return new Restack(turns, List.of(), 0);
  }

  @Override
  public Map<String, List<? extends Laid>> laid() {
    return Map.of("between", between);
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    int count = bars.count();
    if (count < 2) {
      return new Impossible(
          "", OperationText.THERE_IS_ONLY_ONE_BAR.with(), OperationText.CUT_BAR_FIRST.with());
    }
    var missing = BlockBuilder.missing(bench, between, count - 1);
    if (missing.isPresent()) {
      return missing.get();
    }
    BlockBuilder laying = new BlockBuilder(BlockBuilder.Axis.UP, bars, bench);
    for (int i = 0; i < count; i++) {
      if (i > 0) {
        laying.all(between);
      }
      laying.own(turns.get(i % turns.size()));
    }
    return laying.block(1, faceGrindMm);
  }

  /** The same restack, the bars laid another way. */
  public Restack withTurns(List<Turn> newTurns) {
    return new Restack(newTurns, between, faceGrindMm);
  }

  /** The same restack with other things between. */
  public Restack withBetween(List<Laid> newBetween) {
    return new Restack(turns, newBetween, faceGrindMm);
  }

  /** The same restack, its joint faces ground. */
  public Restack withFaceGrindMm(double newFaceGrindMm) {
    return new Restack(turns, between, newFaceGrindMm);
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }

  @Override
  public Message whyCounted(Laying laid) {
    int bars = laid.before().count();
    if (laid.after().section().isCountedAcross()) {
      return CountText.ON_EDGE.with("bars", bars, "visible", laid.visible());
    }
    long met = laid.visible() + laid.merged();
    long came = met + laid.gone();
    long sheets = (bars - 1L) * between.size();
    Message words =
        CountText.RESTACKED.with(
            "bars",
            bars,
            "alike",
            came == bars * laid.before().visibleCount() + sheets,
            "each",
            laid.before().visibleCount(),
            "between",
            sheets,
            "came",
            came);
    if (laid.gone() > 0) {
      words = then(words, CountText.GROUND_AWAY.with("layers", laid.gone()));
    }
    return then(
        words,
        laid.merged() == 0
            ? CountText.NONE_MERGE.with("gone", laid.gone(), "came", came, "met", met)
            : CountText.MERGE.with(
                "joints",
                laid.ofJoints(),
                "steel",
                laid.meeting().size() == 1 ? laid.meeting().iterator().next() : "none",
                "came",
                came,
                "gone",
                laid.gone(),
                "merged",
                laid.merged(),
                "visible",
                laid.visible()));
  }

  private static Message then(Message first, Message next) {
    return CountText.THEN.with("first", first, "next", next);
  }

  @Override
  public Optional<Meeting> meeting() {
    return Optional.of(new Meeting(BarFace.BROAD, faceGrindMm, this::withFaceGrindMm));
  }

  @Override
  public int timesLaid(String field, int bars) {
    return bars - 1;
  }
}
