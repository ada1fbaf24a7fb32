package app.geminal.schedule;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.OrderedCopies;
import app.geminal.validation.Require;
import java.util.EnumSet;
import java.util.Set;

/**
 * What is tried.
 *
 * @param fewestPieces of the first stack; 2 to 60
 * @param mostPieces of the first stack; to 60
 * @param layouts how it may be laid; at least one
 * @param mostRestacks 0 to 6
 * @param fewestCut 2 to 12
 * @param mostCut to 12
 * @param turned whether turning every second piece over is tried
 * @param folds whether folding is tried
 */
public record Bounds(
    int fewestPieces,
    int mostPieces,
    Set<Layout> layouts,
    int mostRestacks,
    int fewestCut,
    int mostCut,
    boolean turned,
    boolean folds) {
  /** More restacks than this cost a bar more than they give it. */
  public static final int MOST_RESTACKS = 6;

  public static final int MOST_CUT = 12;

  /** Checks every field. */
  public Bounds {
    Require.count("fewestPieces", fewestPieces, 2, 60);
    Require.count("mostPieces", mostPieces, fewestPieces, 60);
    Require.count("mostRestacks", mostRestacks, 0, MOST_RESTACKS);
    Require.count("fewestCut", fewestCut, 2, MOST_CUT);
    Require.count("mostCut", mostCut, fewestCut, MOST_CUT);
    if (Require.present("layouts", layouts).isEmpty()) {
      throw new InvalidValue("layouts", ScheduleText.CHOOSE_AT_LEAST_ONE_STACK_PATTERN.with());
    }
    layouts = OrderedCopies.copyOf(layouts);
  }

  /**
   * Everything a smith would do for the count alone. Doubled pieces are left out: they cost twice
   * the faces of the plain stack that counts the same, and are chosen for their look.
   */
  public static Bounds full() {
    return new Bounds(
        3,
        60,
        EnumSet.of(Layout.PLAIN, Layout.THICK_OUTSIDES),
        MOST_RESTACKS,
        2,
        MOST_CUT,
        true,
        true);
  }

  /** The same with fewer restacks. */
  public Bounds withMostRestacks(int most) {
    return new Bounds(fewestPieces, mostPieces, layouts, most, fewestCut, mostCut, turned, folds);
  }
}
