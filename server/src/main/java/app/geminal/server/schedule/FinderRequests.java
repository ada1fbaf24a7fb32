package app.geminal.server.schedule;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.FinishedBar;
import app.geminal.schedule.LayerTarget;
import app.geminal.schedule.SearchLimits;
import app.geminal.schedule.StartingSteel;
import app.geminal.server.stock.StockService;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Makes the core's question of what a page asked. */
@Component
class FinderRequests {
  /** Bars on the shelf this close to a thickness are of that thickness. */
  private static final double SAME_MM = 0.06;

  private final StockService stock;

  FinderRequests(StockService stock) {
    this.stock = stock;
  }

  FinderQuestion question(FinderRequest asked, Steels steels, Shop shop) {
    FinishedBar finished = Require.present("finished", asked.finished());
    StartingSteel from = from(Require.present("from", asked.from()), steels, shop);
    double width =
        switch (from) {
          case StartingSteel.Stacks stacks -> stacks.widthMm();
          case StartingSteel.Shelf shelf -> shelf.widthMm();
          case StartingSteel.Bar bar -> bar.bars().widthMm();
        };
    Double block = asked.blockMm();
    Double tolerance = asked.tolerance();
    FinderQuestion question =
        new FinderQuestion(
            tolerance == null
                ? new LayerTarget.Most(asked.count(), asked.counted())
                : new LayerTarget.Near(asked.count(), tolerance, asked.counted()),
            from,
            finished,
            Objects.requireNonNullElseGet(asked.bounds(), Bounds::full),
            asked.insert(),
            Objects.requireNonNullElse(asked.core(), List.<Piece>of()),
            block == null ? FinderQuestion.usualBlockMm(finished, width, shop) : block,
            Objects.requireNonNullElseGet(asked.within(), () -> SearchLimits.of(shop)));
    return block == null ? question.tryingHigherBlocks(shop) : question;
  }

  private StartingSteel from(FinderRequest.Beginning from, Steels steels, Shop shop) {
    return switch (Require.present("from/kind", from.kind())) {
      case STACKS ->
          new StartingSteel.Stacks(
              Require.present("from/outside", from.outside()),
              Require.present("from/inside", from.inside()),
              Require.present("from/widthMm", from.widthMm()));
      case SHELF -> {
        Piece outside = Require.list("from/outside", from.outside(), 1, 1).getFirst();
        Piece inside = Require.list("from/inside", from.inside(), 1, 1).getFirst();
        double width = Require.present("from/widthMm", from.widthMm());
        yield new StartingSteel.Shelf(
            outside, inside, width, bars(outside, width), bars(inside, width));
      }
      case BAR -> new StartingSteel.Bar(bar(from, steels, shop));
    };
  }

  private List<StartingSteel.Supply> bars(Piece piece, double widthMm) {
    return stock.all().stream()
        .map(s -> s.bar())
        .filter(b ->
            b.steel().equals(piece.steel())
                && Math.abs(b.thicknessMm() - piece.thicknessMm()) <= SAME_MM
                && b.widthMm() >= widthMm - SAME_MM)
        .map(b -> new StartingSteel.Supply(b.lengthMm(), b.pieces()))
        .toList();
  }

  private static Bars bar(FinderRequest.Beginning from, Steels steels, Shop shop) {
    Run run = Run.of(Require.present("from/plan", from.plan()), steels, shop.defaults());
    List<Stage> stages = run.stages();
    int at =
        Require.count(
            "from/stage", Require.present("from/stage", from.stage()), 0, stages.size() - 1);
    Bars planned = stages.get(at).bars();
    if (planned.count() == 0) {
      throw new InvalidValue("from/stage", ScheduleText.NO_BAR_IS_LEFT.with());
    }
    FinderRequest.Measured measured = from.measured();
    Bars one = planned.times(1);
    if (measured == null) {
      return one;
    }
    Require.lengthAbove("from/measured/widthMm", measured.widthMm(), 0, Stack.WIDEST_MM);
    Require.lengthAbove("from/measured/heightMm", measured.heightMm(), 0, Stack.WIDEST_MM);
    Require.lengthAbove("from/measured/lengthMm", measured.lengthMm(), 0, Stack.LONGEST_MM);
    return one.withSection(one.section().resized(measured.widthMm(), measured.heightMm()))
        .withLength(measured.lengthMm());
  }
}
