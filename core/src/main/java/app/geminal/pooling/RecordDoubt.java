package app.geminal.pooling;

import app.geminal.evidence.HoldModel;
import app.geminal.evidence.WeldObservation;
import app.geminal.evidence.WeldTally;
import app.geminal.text.Message;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What speaks against counting the record of another shop. None of it proves anything; a smith who
 * knows the shop decides.
 *
 * @param kind of doubt
 * @param words with the figures, in a sentence
 */
public record RecordDoubt(Kind kind, Message words) {
  /** What there is to doubt. */
  public enum Kind {
    /** Fewer welds than say anything. */
    TOO_FEW,
    /** Welds that are equal in what was measured, as if copied. */
    REPEATED,
    /** Welds that are in the own Book or in another record. */
    KNOWN,
    /** So many or so few delaminated as in no other shop. */
    UNLIKE
  }

  /** Fewer figures than this can be equal by chance. */
  private static final int FEWEST_FIGURES = 3;

  /** More than this share of equal welds is no accident. */
  private static final double MOST_EQUAL = 0.2;

  /** Standard deviations. */
  private static final double UNLIKELY = 3;

  /**
   * The doubts about a record, none for a good one.
   *
   * @param given the record
   * @param own the shop's Book
   * @param others records of other shops that are counted already, without an older one of the same
   *     shop
   */
  public static List<RecordDoubt> of(
      SharedWelds given, List<WeldObservation> own, List<List<WeldObservation>> others) {
    List<WeldObservation> welds = given.welds();
    List<RecordDoubt> doubts = new ArrayList<>();
    if (welds.size() < WeldTally.FEWEST) {
      doubts.add(
          new RecordDoubt(
              Kind.TOO_FEW,
              PoolingText.TOO_FEW.with("welds", welds.size(), "fewest", WeldTally.FEWEST)));
    }
    int repeated = repeated(welds);
    if (repeated > MOST_EQUAL * welds.size()) {
      doubts.add(
          new RecordDoubt(
              Kind.REPEATED, PoolingText.REPEATED.with("same", repeated, "welds", welds.size())));
    }
    int known = known(welds, Stream.concat(Stream.of(own), others.stream()).toList());
    if (known > MOST_EQUAL * welds.size()) {
      doubts.add(
          new RecordDoubt(
              Kind.KNOWN, PoolingText.KNOWN.with("same", known, "welds", welds.size())));
    }
    if (isUnlike(welds, others)) {
      doubts.add(
          new RecordDoubt(
              Kind.UNLIKE, PoolingText.UNLIKE.with("open", open(welds), "welds", welds.size())));
    }
    return List.copyOf(doubts);
  }

  private static int repeated(List<WeldObservation> welds) {
    Set<List<Object>> seen = new HashSet<>();
    int repeated = 0;
    for (WeldObservation weld : welds) {
      List<Object> measured = measured(weld);
      if (measured.size() > FEWEST_FIGURES && !seen.add(measured)) {
        repeated++;
      }
    }
    return repeated;
  }

  private static int known(List<WeldObservation> welds, List<List<WeldObservation>> records) {
    Set<List<Object>> known = new HashSet<>();
    records.stream().flatMap(Collection::stream).map(RecordDoubt::measured).forEach(known::add);
    return (int)
        welds.stream()
            .map(RecordDoubt::measured)
            .filter(m -> m.size() > FEWEST_FIGURES && known.contains(m))
            .count();
  }

  /** What no two welds have in common by chance, where it was measured. */
  private static List<Object> measured(WeldObservation weld) {
    WeldConditions how = weld.how();
    return Stream.of(
            weld.temperatureC(),
            how.soakMin(),
            how.neededSoakMin(),
            how.waitedS(),
            how.workingS(),
            how.forceKn(),
            how.reduction(),
            how.mapChance())
        .filter(Objects::nonNull)
        .map(Object.class::cast)
        .toList();
  }

  private static int open(List<WeldObservation> welds) {
    return (int) welds.stream().filter(w -> w.outcome() == WeldOutcome.OPEN).count();
  }

  /**
   * Whether the share that delaminated is further from what is expected than shops and chance take
   * so many welds.
   */
  private static boolean isUnlike(List<WeldObservation> welds, List<List<WeldObservation>> others) {
    HoldModel model = HoldModel.of(List.of(), others);
    double expected = welds.stream().mapToDouble(model::mean).average().orElseThrow();
    double held = welds.size() - open(welds);
    double seen = (held + 0.5) / (welds.size() + 1);
    double chance = 1 / (welds.size() * expected * (1 - expected));
    double apart = Math.sqrt(HoldModel.SHOP_SPREAD * HoldModel.SHOP_SPREAD + chance);
    return Math.abs(logOdds(seen) - logOdds(expected)) > UNLIKELY * apart;
  }

  private static double logOdds(double share) {
    return Math.log(share / (1 - share));
  }
}
