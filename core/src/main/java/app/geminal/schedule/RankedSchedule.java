package app.geminal.schedule;

import app.geminal.billet.Plan;
import app.geminal.operation.Operation;
import app.geminal.shop.Shop;
import java.util.List;

/**
 * A schedule worked through, with what it costs; every figure is the ledger's own.
 *
 * @param schedule the way
 * @param blockMm height its blocks are drawn down to make
 * @param startMm length of the stack, or of the bar that is there
 * @param startKg all steel used
 * @param yield part of it that is in the finished bar, its ends trimmed
 * @param layers of the finished bar as it is drawn out
 * @param effort what it asks of the smith
 * @param extent how big it gets
 * @param shapes what it looks like on the way, to be drawn
 * @param steps what is done
 */
public record RankedSchedule(
    Schedule schedule,
    double blockMm,
    double startMm,
    double startKg,
    double yield,
    Layers layers,
    Effort effort,
    Extent extent,
    List<Shape> shapes,
    List<Operation> steps) {
  /** Parts of the height reported in {@link Layers#look}. */
  public static final int LOOKS = 48;

  /**
   * The layers of the finished bar.
   *
   * @param visible layers the eye says apart
   * @param shop layers counted at the saw
   * @param distance layers away from what is wanted
   * @param meanMm mean visible layer
   * @param medianMm its middle layer by thickness
   * @param thinnestMm its thinnest layer
   * @param coarsePercent part of its height in sheets over four times as thick as the layers they
   *     were laid among
   * @param look of its end, bottom to top: share of the first steel in each of {@value #LOOKS}
   *     equal parts of the height, %
   */
  public record Layers(
      long visible,
      long shop,
      long distance,
      double meanMm,
      double medianMm,
      double thinnestMm,
      double coarsePercent,
      List<Integer> look) {
    /** Copies the list. */
    public Layers {
      look = List.copyOf(look);
    }
  }

  /**
   * What it asks of the smith.
   *
   * @param welds set welds
   * @param faces joint faces to prepare
   * @param work where the time runs
   * @param chance that every weld holds, 0 to 1
   */
  public record Effort(int welds, int faces, TaskMinutes work, double chance) {}

  /**
   * How big it gets, mm.
   *
   * @param tallestMm highest stack or block, 0 where none is laid
   * @param longestMm longest bar
   * @param finishedMm length of the finished bar
   */
  public record Extent(double tallestMm, double longestMm, double finishedMm) {}

  /**
   * A stack, a block, or the finished bar.
   *
   * @param pieces it is laid of; 1 for a bar
   * @param heightMm of it
   * @param widthMm of it
   * @param lengthMm of it
   * @param visible its layers
   */
  public record Shape(int pieces, double heightMm, double widthMm, double lengthMm, long visible) {}

  /** Whether nothing is laid in any joint. */
  public boolean isPlain() {
    return schedule.restacks().stream()
        .noneMatch(r ->
            r instanceof Restacking.RoundCore
                || (r instanceof Restacking.Recut cut && cut.insert()));
  }

  /** The whole plan; for a way that begins with a stack. */
  public Plan plan(FinderQuestion question, Shop shop) {
    return SchedulePlan.plan(schedule, question.withBlockMm(blockMm), startMm, shop);
  }

  /** How it does by one criterion; less is better. */
  public double cost(Criterion criterion, FinderQuestion question) {
    return switch (criterion) {
      case WELDS -> effort.welds();
      case FACES -> effort.faces();
      case STEEL -> question.from().givesLength() ? -extent.finishedMm() : startKg;
      case TIME -> effort.work().minutes();
      case RISK -> 1 - effort.chance();
      case DISTANCE -> layers.distance();
      case EVEN -> layers.coarsePercent();
    };
  }

  /** What it is weighed by. */
  Cost cost(FinderQuestion question) {
    return Cost.of(this, question.from().givesLength());
  }
}
