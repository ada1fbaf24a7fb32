package app.geminal.server.picture;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.library.picture.Png;
import app.geminal.library.picture.Svg;
import app.geminal.pattern.Field;
import app.geminal.pattern.Painter;
import app.geminal.pattern.Pane;
import app.geminal.pattern.ScanLine;
import app.geminal.pattern.Sight;
import app.geminal.pattern.Tones;
import app.geminal.server.shop.ShopKeeper;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.turn.Turns;
import app.geminal.shop.Practice;
import app.geminal.steel.Steels;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.function.BooleanSupplier;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** Draws plans as this shop would make them. */
@Component
class Pictures implements DisposableBean {
  /** What a screen shows at most; a picture to keep may be larger, but only one at a time. */
  private static final int MOST_PX = 4_000_000;

  private final Turns turns =
      new Turns(3, Duration.ofSeconds(10), "Several pictures are being drawn already.");

  private final Turns files =
      new Turns(1, Duration.ofSeconds(30), "Other pictures are being saved already.");

  /** A request's own thread is a virtual one, which would leave all the work to the others. */
  private final ForkJoinPool painters =
      new ForkJoinPool(Runtime.getRuntime().availableProcessors());

  private final SteelShelf shelf;
  private final ShopKeeper shops;

  Pictures(SteelShelf shelf, ShopKeeper shops) {
    this.shelf = shelf;
    this.shops = shops;
  }

  @Override
  public void destroy() {
    painters.shutdownNow();
  }

  /** A view of a bar of the shop. */
  private record Seen(Sight sight, Pane pane, List<String> steels, Tones tones) {}

  /** A picture, and what it shows. */
  @SuppressWarnings("ArrayRecordComponent") // bytes on their way out
  record Drawn(byte[] png, Pane pane, Sight sight) {}

  /** Empty when it was not wanted any more before it was there. */
  Optional<Drawn> drawn(Wanted wanted, boolean quick, BooleanSupplier unwanted) {
    Seen seen = seen(wanted);
    if (quick) {
      int pixels = seen.pane.widthPx() * seen.pane.heightPx();
      Require.count("wanted/widthPx", pixels, 1, MOST_PX);
    }
    try (Turns.Turn _ = (quick ? turns : files).take()) {
      return painters
          .submit(() -> Painter.paint(seen.sight, seen.pane, seen.tones, wanted.relief(), unwanted))
          .join()
          .map(picture -> new Drawn(Png.of(picture, seen.pane, quick), seen.pane, seen.sight));
    }
  }

  /** Outlines in true size. */
  String outlines(Wanted wanted, String title) {
    Seen seen = seen(wanted);
    try (Turns.Turn _ = files.take()) {
      return painters
          .submit(() -> Svg.of(seen.sight, seen.pane, seen.steels, seen.tones, title))
          .join();
    }
  }

  /** What a line across a view crosses, from one place to another, mm. */
  ScanLine scanned(Wanted wanted, double right, double up, double toRight, double toUp) {
    Seen seen = seen(wanted);
    try (Turns.Turn _ = turns.take()) {
      return ScanLine.of(seen.sight, right, up, toRight, toUp);
    }
  }

  /** Faults are told from the request's root. */
  private Seen seen(Wanted wanted) {
    return BadValue.within("wanted", () -> seenOrRefused(wanted));
  }

  private Seen seenOrRefused(Wanted wanted) {
    Steels steels = shelf.steels();
    Practice practice = shops.practice();
    Plan plan = Require.present("plan", wanted.plan());
    Run run = BadValue.within("plan", () -> Run.of(plan, steels, practice));
    for (String name : Require.present("path", wanted.path()).split("/", -1)) {
      if (!name.isEmpty()) {
        run =
            Optional.ofNullable(run.parts().get(name))
                .orElseThrow(() -> new BadValue("path", "No part is called “" + name + "” there."));
      }
    }
    if (run.stop().isPresent() && wanted.stage() >= run.stages().size()) {
      throw new BadValue("stage", run.stop().get().why().reason());
    }
    Field field = Field.of(run, practice, wanted.stage());
    Sight sight = wanted.sight(field);
    List<String> of = field.steels();
    return new Seen(sight, wanted.pane(sight), of, Tones.of(of, steels));
  }
}
