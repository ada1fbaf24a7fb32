package app.geminal.pooling;

import app.geminal.evidence.WeldObservation;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * The decided welds of one shop as other shops may read them: without names, notes, dates, places
 * and photographs, and in an order that says nothing.
 *
 * @param shop a code drawn at random once for the shop: 8 to 36 small letters, digits and hyphens.
 *     By it a newer record takes the place of an older one
 * @param welds 1 to {@value #MOST}, without a smith, none of them suspect
 */
public record SharedWelds(String shop, List<WeldObservation> welds) {
  /** Welds of a record. */
  public static final int MOST = 5000;

  private static final Pattern CODE = Pattern.compile("[a-z0-9-]{8,36}");
  private static final String NO_SMITH = "";

  /** Checks every field. */
  public SharedWelds {
    if (!CODE.matcher(Require.text("shop", shop, 36)).matches()) {
      throw new InvalidValue("shop", PoolingText.SHOP_CODE.with());
    }
    welds = Require.list("welds", welds, 1, MOST);
    for (int i = 0; i < welds.size(); i++) {
      require("welds/" + i, welds.get(i));
    }
  }

  private static void require(String at, WeldObservation weld) {
    Require.temperature(
        at + "/temperatureC", weld.temperatureC(), WeldRecord.COLDEST_C, WeldRecord.HOTTEST_C);
    if (weld.outcome() == WeldOutcome.SUSPECT) {
      throw new InvalidValue(at + "/outcome", PoolingText.DECIDED_WELDS_ONLY.with());
    }
    if (!weld.smith().equals(NO_SMITH)) {
      throw new InvalidValue(at + "/smith", PoolingText.NO_SMITHS.with());
    }
  }

  /**
   * What would leave of a Book.
   *
   * @param welds none where none is decided; of a longer Book the newest {@value #MOST}
   * @param suspect welds that stay, because they are not decided
   * @param unnamed welds that leave without their steels
   */
  public record Leaving(List<WeldObservation> welds, int suspect, int unnamed) {
    /** Copies the list. */
    public Leaving {
      welds = List.copyOf(welds);
    }
  }

  /**
   * What would leave of a Book.
   *
   * @param book newest first
   * @param isStandard whether a steel has a designation that means the same everywhere. Where a
   *     weld joined another, none of its steels are named
   */
  public static Leaving of(List<WeldObservation> book, Predicate<String> isStandard) {
    List<WeldObservation> decided =
        book.stream().filter(weld -> weld.outcome() != WeldOutcome.SUSPECT).toList();
    List<WeldObservation> leaving = decided.stream().limit(MOST).toList();
    return new Leaving(
        leaving.stream()
            .map(weld -> nameless(weld, isStandard))
            .sorted(Comparator.comparing(WeldObservation::toString))
            .toList(),
        book.size() - decided.size(),
        (int) leaving.stream().filter(weld -> !isNamed(weld, isStandard)).count());
  }

  private static boolean isNamed(WeldObservation weld, Predicate<String> isStandard) {
    return weld.steels().stream().allMatch(isStandard);
  }

  private static WeldObservation nameless(WeldObservation weld, Predicate<String> isStandard) {
    return new WeldObservation(
        isNamed(weld, isStandard) ? weld.steels() : Set.of(),
        weld.protection(),
        weld.temperatureC(),
        weld.how(),
        NO_SMITH,
        weld.outcome(),
        weld.joints());
  }
}
