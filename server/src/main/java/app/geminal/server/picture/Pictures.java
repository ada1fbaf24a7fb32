package app.geminal.server.picture;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.library.picture.Png;
import app.geminal.library.picture.Svg;
import app.geminal.pattern.Field;
import app.geminal.pattern.Painter;
import app.geminal.pattern.Pane;
import app.geminal.pattern.Picture;
import app.geminal.pattern.ScanLine;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.Tones;
import app.geminal.server.problem.Busy;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.turn.Turns;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.function.BooleanSupplier;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** Draws plans as this shop would make them. */
@Component
class Pictures implements DisposableBean {
  /** What a screen shows at most; a picture to keep may be larger, but only one at a time. */
  private static final int MOST_PX = 4_000_000;

  /** So many pictures are drawn at once. */
  private static final int ON_SCREEN = 3;

  private static final int FILES = 1;

  private static final Duration LONGEST_ON_SCREEN = Duration.ofSeconds(6);
  private static final Duration LONGEST_FILE = Duration.ofSeconds(20);

  private final Turns turns =
      new Turns(
          ON_SCREEN,
          2,
          Duration.ofSeconds(10),
          PictureText.SEVERAL_PICTURES_ARE_ALREADY_BEING_DRAWN.with());

  private final Turns files =
      new Turns(
          FILES,
          1,
          Duration.ofSeconds(30),
          PictureText.OTHER_PICTURES_ARE_ALREADY_BEING_SAVED.with());

  /**
   * A request's own thread is a virtual one, which would leave all the work to the others. Each
   * picture has painters of its own while it lasts, so that a costly one does not hold up the next.
   */
  private final BlockingQueue<ForkJoinPool> painters = new LinkedBlockingQueue<>();

  private final SteelShelf shelf;
  private final ShopService shops;

  Pictures(SteelShelf shelf, ShopService shops) {
    this.shelf = shelf;
    this.shops = shops;
    for (int i = 0; i < ON_SCREEN + FILES; i++) {
      painters.add(new ForkJoinPool(Runtime.getRuntime().availableProcessors()));
    }
  }

  @Override
  public void destroy() {
    painters.forEach(ForkJoinPool::shutdownNow);
  }

  /** Has painters do some work; the person who has a turn finds some free. */
  private <T> T byPainters(Callable<T> work) {
    ForkJoinPool some = painters.remove();
    try {
      return some.submit(work).join();
    } finally {
      painters.add(some);
    }
  }

  /** A view of a bar of the shop. */
  private record Seen(SectionView sight, Pane pane, List<String> steels, Tones tones) {}

  /** A picture, and what it shows. */
  @SuppressWarnings("ArrayRecordComponent") // bytes on their way out
  record Drawn(byte[] png, Pane pane, SectionView sight) {}

  /**
   * Empty when it was not wanted any more before it was there.
   *
   * @param person whose picture it is
   * @throws Busy when it takes longer than a picture may
   */
  Optional<Drawn> drawn(
      PictureRequest wanted, boolean quick, Turns.Person person, BooleanSupplier unwanted) {
    Seen seen = seen(wanted);
    if (quick) {
      int pixels = seen.pane.widthPx() * seen.pane.heightPx();
      Require.count("wanted/widthPx", pixels, 1, MOST_PX);
    }
    try (Turns.Turn _ = (quick ? turns : files).take(person)) {
      Budget budget = new Budget(quick ? LONGEST_ON_SCREEN : LONGEST_FILE);
      BooleanSupplier left = () -> budget.isSpent() || unwanted.getAsBoolean();
      Optional<Picture> painted =
          byPainters(() -> Painter.paint(seen.sight, seen.pane, seen.tones, wanted.relief(), left));
      if (painted.isEmpty() && budget.isSpent() && !unwanted.getAsBoolean()) {
        throw new Busy(PictureText.PICTURE_TOO_SLOW.with("seconds", budget.seconds()));
      }
      return painted.map(
          picture -> new Drawn(Png.of(picture, seen.pane, quick), seen.pane, seen.sight));
    }
  }

  /** How long a picture may take: no one notices when the one who asked for it has gone. */
  private record Budget(long fromNanos, Duration of) {
    Budget(Duration of) {
      this(System.nanoTime(), of);
    }

    boolean isSpent() {
      return System.nanoTime() - fromNanos > of.toNanos();
    }

    long seconds() {
      return of.toSeconds();
    }
  }

  /** Outlines in true size. */
  String outlines(PictureRequest wanted, String title, Turns.Person person) {
    Seen seen = seen(wanted);
    try (Turns.Turn _ = files.take(person)) {
      return byPainters(() -> Svg.of(seen.sight, seen.pane, seen.steels, seen.tones, title));
    }
  }

  /** What a line across a view crosses, from one place to another, mm. */
  ScanLine scanned(
      PictureRequest wanted,
      double right,
      double up,
      double toRight,
      double toUp,
      Turns.Person person) {
    Seen seen = seen(wanted);
    try (Turns.Turn _ = turns.take(person)) {
      return ScanLine.of(seen.sight, right, up, toRight, toUp);
    }
  }

  /** Faults are reported from the request's root. */
  private Seen seen(PictureRequest wanted) {
    return InvalidValue.within("wanted", () -> seenOrRefused(wanted));
  }

  private Seen seenOrRefused(PictureRequest wanted) {
    Steels steels = shelf.steels();
    ShopDefaults defaults = shops.defaults();
    Plan plan = Require.present("plan", wanted.plan());
    Run run = InvalidValue.within("plan", () -> Run.of(plan, steels, defaults));
    for (String name : Require.present("path", wanted.path()).split("/", -1)) {
      if (!name.isEmpty()) {
        run =
            Optional.ofNullable(run.parts().get(name))
                .orElseThrow(
                    () -> new InvalidValue("path", PictureText.NO_SUCH_PART.with("name", name)));
      }
    }
    if (run.stop().isPresent() && wanted.stage() >= run.stages().size()) {
      throw new InvalidValue("stage", run.stop().get().why().reason());
    }
    Field field = Field.of(run, wanted.stage());
    SectionView sight = wanted.sight(field);
    List<String> of = field.steels();
    return new Seen(sight, wanted.pane(sight), of, Tones.of(of, steels));
  }
}
