package app.geminal.schedule;

import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.layers.Layer;
import app.geminal.ledger.Amount;
import app.geminal.operation.Cut;
import app.geminal.operation.Done;
import app.geminal.operation.Fold;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.weld.WeldChance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A schedule worked through, with what it costs; every figure is the ledger's own.
 *
 * @param schedule the way
 * @param blockMm height its blocks are drawn down to make
 * @param startMm length of the stack, or of the bar that is there
 * @param visible layers the eye says apart in the finished bar as it is drawn out
 * @param shop layers counted at the saw
 * @param distance layers away from what is wanted
 * @param startKg all steel used
 * @param yield part of it that is in the finished bar, its ends trimmed
 * @param welds set welds
 * @param faces joint faces to prepare
 * @param work where the time runs
 * @param chance that every weld holds
 * @param layerMm mean visible layer in the finished bar
 * @param medianMm its middle layer by thickness
 * @param thinnestMm its thinnest layer
 * @param coarsePercent part of its height in sheets over four times as thick as the layers they
 *     were laid among
 * @param look of its end, bottom to top: share of the first steel in each of {@value #LOOKS} equal
 *     parts of the height, %
 * @param tallestMm highest stack or block, 0 where none is laid
 * @param longestMm longest bar
 * @param finishedMm length of the finished bar
 * @param shapes what it looks like on the way, to be drawn
 * @param steps what is done
 */
public record RankedSchedule(
    Schedule schedule,
    double blockMm,
    double startMm,
    long visible,
    long shop,
    long distance,
    double startKg,
    double yield,
    int welds,
    int faces,
    TaskMinutes work,
    double chance,
    double layerMm,
    double medianMm,
    double thinnestMm,
    double coarsePercent,
    List<Integer> look,
    double tallestMm,
    double longestMm,
    double finishedMm,
    List<Shape> shapes,
    List<Operation> steps) {
  /** Parts of the height reported in {@link #look}. */
  public static final int LOOKS = 48;

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

  /**
   * A candidate worked through by the ledger; empty where the ledger comes to another count than
   * the walk, which is a fault of ours and should not cost the smith the other ways.
   */
  static Optional<RankedSchedule> of(
      Candidate candidate, FinderQuestion question, Steels steels, Shop shop, WeldChance chance) {
    Schedule schedule = candidate.schedule();
    FinderQuestion asked = question.withBlockMm(candidate.blockMm());
    SchedulePlan planned = SchedulePlan.of(schedule, asked, candidate.lengthMm(), shop);
    Bars before = planned.before();
    Bars end = planned.done().getLast().bars();
    if (!planned.isPossible() || end.visibleCount() != candidate.visible()) {
      return Optional.empty();
    }
    int startJoints = schedule.start().map(s -> s.pieces() - 1).orElse(0);
    Amount in = planned.done().stream().map(Done::added).reduce(before.amount(), Amount::plus);
    int welds = 0;
    double holds = 1;
    int joints = startJoints;
    boolean isRestacked = false;
    double longest = before.lengthMm();
    double tallest = 0;
    Bars bars = before;
    for (int i = 0; i < planned.done().size(); i++) {
      if (planned.steps().get(i) instanceof SetWeld) {
        welds++;
        holds *= chance.of(isRestacked, bars.heightMm(), bars.lengthMm(), joints);
        tallest = Math.max(tallest, bars.heightMm());
      }
      Done done = planned.done().get(i);
      if (done.layers() instanceof Done.Layers.Joined joined) {
        joints = joined.joints();
        isRestacked = true;
      }
      bars = done.bars();
      longest = Math.max(longest, bars.lengthMm());
    }
    long count =
        question.aim().counted() == CountKind.VISIBLE ? end.visibleCount() : end.shopCount();
    List<Layer> layers = end.layers().layers(Integer.MAX_VALUE).orElseThrow();
    double[] thin = layers.stream().mapToDouble(Layer::thicknessMm).sorted().toArray();
    return Optional.of(
        new RankedSchedule(
            schedule,
            candidate.blockMm(),
            candidate.lengthMm(),
            end.visibleCount(),
            end.shopCount(),
            question.aim().distance(count),
            in.massKg(steels),
            end.amount().volumeMm3() / in.volumeMm3(),
            welds,
            (int) candidate.cost().faces(),
            TaskMinutes.of(planned, startJoints, shop),
            holds,
            end.heightMm() / end.visibleCount(),
            thin[thin.length / 2],
            thin[0],
            candidate.cost().coarse(),
            look(layers, schedule.start().map(s -> s.outside().steel()).orElse("")),
            tallest,
            longest,
            end.lengthMm(),
            shapes(schedule, planned),
            planned.steps()));
  }

  /** Whether nothing is laid in any joint. */
  public boolean isPlain() {
    return schedule.restacks().stream()
        .noneMatch(r ->
            r instanceof Restacking.RoundCore
                || (r instanceof Restacking.Recut cut && cut.insert()));
  }

  /** The steel whose share is reported is the lowest one where there is none of that name. */
  private static List<Integer> look(List<Layer> end, String steel) {
    boolean there = end.stream().anyMatch(l -> l.steel().equals(steel));
    String first = there ? steel : end.getFirst().steel();
    double height = end.stream().mapToDouble(Layer::thicknessMm).sum();
    double[] share = new double[LOOKS];
    double each = height / LOOKS;
    double from = 0;
    for (Layer layer : end) {
      double to = from + layer.thicknessMm();
      if (layer.steel().equals(first)) {
        for (int i = (int) (from / each); i < LOOKS && i * each < to; i++) {
          share[i] += Math.max(0, Math.min(to, (i + 1) * each) - Math.max(from, i * each));
        }
      }
      from = to;
    }
    return Arrays.stream(share).mapToObj(s -> (int) Math.round(100 * s / each)).toList();
  }

  private static List<Shape> shapes(Schedule schedule, SchedulePlan planned) {
    List<Shape> shapes = new ArrayList<>();
    shapes.add(shape(schedule.start().map(StartStack::pieces).orElse(1), planned.before()));
    int pieces = 1;
    for (int i = 0; i < planned.done().size(); i++) {
      Operation operation = planned.steps().get(i);
      if (operation instanceof Cut cut) {
        pieces = cut.pieces();
      } else if (operation instanceof Fold) {
        pieces = 2;
      }
      if (planned.done().get(i).layers() instanceof Done.Layers.Joined) {
        shapes.add(shape(pieces, planned.done().get(i).bars()));
      }
    }
    shapes.add(shape(1, planned.done().getLast().bars()));
    return shapes;
  }

  private static Shape shape(int pieces, Bars bars) {
    return new Shape(pieces, bars.heightMm(), bars.widthMm(), bars.lengthMm(), bars.visibleCount());
  }

  /** The whole plan; for a way that begins with a stack. */
  public Plan plan(FinderQuestion question, Shop shop) {
    return SchedulePlan.plan(schedule, question.withBlockMm(blockMm), startMm, shop);
  }

  /** How it does by one criterion; less is better. */
  public double cost(Criterion criterion, FinderQuestion question) {
    return switch (criterion) {
      case WELDS -> welds;
      case FACES -> faces;
      case STEEL -> question.from().givesLength() ? -finishedMm : startKg;
      case TIME -> work.minutes();
      case RISK -> 1 - chance;
      case DISTANCE -> distance;
      case EVEN -> coarsePercent;
    };
  }

  Cost cost(FinderQuestion question) {
    boolean given = question.from().givesLength();
    return Cost.of(
        welds, faces, given, startKg, finishedMm, work.minutes(), chance, distance, coarsePercent);
  }
}
