package app.geminal.finder;

import app.geminal.bar.Bars;
import app.geminal.layers.Layer;
import app.geminal.ledger.Amount;
import app.geminal.operation.Cut;
import app.geminal.operation.Done;
import app.geminal.operation.Fold;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.Schedule;
import app.geminal.schedule.SchedulePlan;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.TaskMinutes;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.weld.WeldChance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A candidate worked through by the ledger, so that what is shown are the ledger's figures. Another
 * count than the walk's is a fault of ours and should not cost the smith the other ways.
 */
final class LedgerCheck {
  private LedgerCheck() {}

  /** Empty where the ledger comes to another count than the walk. */
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
    return Optional.of(
        new RankedSchedule(
            schedule,
            candidate.blockMm(),
            candidate.lengthMm(),
            in.massKg(steels),
            end.amount().volumeMm3() / in.volumeMm3(),
            layers(candidate, end, question.aim().distance(count)),
            new RankedSchedule.Effort(
                welds,
                (int) candidate.cost().faces(),
                TaskMinutes.of(planned, startJoints, shop),
                holds),
            new RankedSchedule.Extent(tallest, longest, end.lengthMm()),
            shapes(schedule, planned),
            planned.steps()));
  }

  private static RankedSchedule.Layers layers(Candidate candidate, Bars end, long distance) {
    List<Layer> layers = end.layers().layers(Integer.MAX_VALUE).orElseThrow();
    double[] thin = layers.stream().mapToDouble(Layer::thicknessMm).sorted().toArray();
    String first = candidate.schedule().start().map(s -> s.outside().steel()).orElse("");
    return new RankedSchedule.Layers(
        end.visibleCount(),
        end.shopCount(),
        distance,
        end.heightMm() / end.visibleCount(),
        thin[thin.length / 2],
        thin[0],
        candidate.cost().coarse(),
        look(layers, first));
  }

  /** The steel whose share is reported is the lowest one where there is none of that name. */
  private static List<Integer> look(List<Layer> end, String steel) {
    boolean there = end.stream().anyMatch(l -> l.steel().equals(steel));
    String first = there ? steel : end.getFirst().steel();
    double height = end.stream().mapToDouble(Layer::thicknessMm).sum();
    double[] share = new double[RankedSchedule.LOOKS];
    double each = height / RankedSchedule.LOOKS;
    double from = 0;
    for (Layer layer : end) {
      double to = from + layer.thicknessMm();
      if (layer.steel().equals(first)) {
        for (int i = (int) (from / each); i < RankedSchedule.LOOKS && i * each < to; i++) {
          share[i] += Math.max(0, Math.min(to, (i + 1) * each) - Math.max(from, i * each));
        }
      }
      from = to;
    }
    return Arrays.stream(share).mapToObj(s -> (int) Math.round(100 * s / each)).toList();
  }

  private static List<RankedSchedule.Shape> shapes(Schedule schedule, SchedulePlan planned) {
    List<RankedSchedule.Shape> shapes = new ArrayList<>();
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

  private static RankedSchedule.Shape shape(int pieces, Bars bars) {
    return new RankedSchedule.Shape(
        pieces, bars.heightMm(), bars.widthMm(), bars.lengthMm(), bars.visibleCount());
  }
}
