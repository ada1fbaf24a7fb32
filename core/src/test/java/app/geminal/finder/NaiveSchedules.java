package app.geminal.finder;

import app.geminal.TestSteels;
import app.geminal.layup.Piece;
import app.geminal.operation.SetWeld;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.Cost;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.Layout;
import app.geminal.schedule.Restacking;
import app.geminal.schedule.Schedule;
import app.geminal.schedule.SearchLimits;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.StartingSteel;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * An independent search: plain loops over everything, every band of every bar in a list, lengths
 * found by trying. Slow; for small bounds.
 */
final class NaiveSchedules {
  private record Band(String steel, double mm) {}

  /** What a schedule comes to: its cost as the search states it, or null where it does not do. */
  record Result(Schedule schedule, int layers, double startMm, Cost cost) {}

  private final FinderQuestion question;
  private final Shop shop;
  private final ShopDefaults defaults;
  private final SetWeld weld;
  final Map<String, Result> keeping = new TreeMap<>();
  long reaching;

  NaiveSchedules(FinderQuestion question, Shop shop) {
    this.question = question;
    this.shop = shop;
    this.defaults = shop.defaults();
    this.weld = SetWeld.of(defaults);
  }

  void search() {
    Bounds bounds = question.bounds();
    StartingSteel.Stacks stacks = (StartingSteel.Stacks) question.from();
    for (int n = bounds.fewestPieces(); n <= bounds.mostPieces(); n++) {
      for (Layout layout : bounds.layouts()) {
        if (layout == Layout.DOUBLED && n % 2 == 1) {
          continue;
        }
        StartStack start =
            new StartStack(n, layout, stacks.outside().getFirst(), stacks.inside().getFirst());
        grow(start, new ArrayList<>());
      }
    }
  }

  private void grow(StartStack start, List<Restacking> restacks) {
    boolean round = !restacks.isEmpty() && restacks.getLast() instanceof Restacking.RoundCore;
    if (question.core().isEmpty() || round) {
      end(start, restacks);
    }
    if (restacks.size() == question.bounds().mostRestacks() || round) {
      return;
    }
    List<Restacking> next = new ArrayList<>();
    for (int k = question.bounds().fewestCut(); k <= question.bounds().mostCut(); k++) {
      for (boolean turned : new boolean[] {false, true}) {
        next.add(new Restacking.Recut(k, turned, false));
        if (question.insert() != null) {
          next.add(new Restacking.Recut(k, turned, true));
        }
      }
    }
    next.add(new Restacking.Refold());
    if (!question.core().isEmpty()) {
      next.add(new Restacking.RoundCore(false));
      next.add(new Restacking.RoundCore(true));
    }
    for (Restacking restacking : next) {
      List<Restacking> longer = new ArrayList<>(restacks);
      longer.add(restacking);
      grow(start, longer);
    }
  }

  private void end(StartStack start, List<Restacking> restacks) {
    int longest = 1;
    Work first = new Work(start, restacks, 3000);
    if (!first.makesSense || first.coarsest > question.within().coarsePercent() / 100) {
      return;
    }
    long count = question.aim().counted() == CountKind.VISIBLE ? first.layers() : first.shop;
    if (count < question.aim().least() || count > question.aim().most()) {
      return;
    }
    reaching++;
    int low = 0;
    longest = 100_000;
    while (longest - low > 1) {
      int middle = (low + longest) / 2;
      Work tried = new Work(start, restacks, middle);
      boolean enough =
          tried.length >= question.finished().lengthMm() - 1e-9
              && tried.shortest >= question.within().shortestMm() - 1e-9;
      if (enough) {
        longest = middle;
      } else {
        low = middle;
      }
    }
    Work work = new Work(start, restacks, longest);
    SearchLimits within = question.within();
    if (work.tallest > within.tallestMm()
        || work.longest > within.longestMm()
        || work.kg > within.heaviestKg()
        || work.finest < within.finestMm() - 1e-9) {
      return;
    }
    Cost cost =
        new Cost(
            work.welds,
            work.faces,
            Math.round(work.kg * 100),
            Math.round(work.minutes),
            Math.round((1 - work.chance) * 20),
            question.aim().distance(count),
            Math.round(100 * work.coarseAtEnd));
    Schedule schedule = new Schedule(Optional.of(start), restacks);
    keeping.put(schedule.toString(), new Result(schedule, first.layers(), longest, cost));
  }

  /** One schedule done from a stack of one length. */
  private final class Work {
    private List<Band> bands = new ArrayList<>();
    private double width;
    private double length;
    private long shop;
    private boolean makesSense = true;
    private double shortest;
    private double longest;
    private double tallest;
    private double kg;
    private double minutes;
    private double chance = 1;
    private boolean isRestacked;
    private int welds;
    private int faces;
    private int joints;

    /** Broad sheets, reported when they are laid by the middle layer of the first stack. */
    private double coarse;

    private double finest;

    private double median;
    private double coarseAtEnd;
    private double coarsest;

    Work(StartStack start, List<Restacking> restacks, double startMm) {
      width = ((StartingSteel.Stacks) question.from()).widthMm();
      length = startMm;
      shortest = startMm;
      longest = startMm;
      shop = start.pieces();
      for (Piece piece : start.laid()) {
        bands.add(new Band(piece.steel(), piece.thicknessMm()));
        weigh(piece, startMm, width);
      }
      List<Double> thick = new ArrayList<>();
      String last = "";
      for (Band band : bands) {
        double below = band.steel().equals(last) ? thick.removeLast() : 0;
        thick.add(below + band.mm());
        last = band.steel();
      }
      Collections.sort(thick);
      median = thick.get((int) (0.4 * thick.size()));
      finest = thick.getFirst();
      coarse = thick.stream().filter(t -> t > 4 * median).mapToDouble(t -> t).sum();
      coarseAtEnd = coarse / height();
      coarsest = 0;
      join(start.pieces() - 1);
      set();
      for (Restacking restacking : restacks) {
        int before = layersBeforeSet;
        lay(restacking);
        makesSense &= layers() >= 1.6 * before;
        set();
      }
      int lastLayers = layersBeforeSet;
      drawTo(
          question.finished().widthMm() + 2 * defaults.finishGrindMm(),
          question.finished().heightMm() + 2 * defaults.finishGrindMm(),
          true);
      trim();
      makesSense &= layers() >= 0.9 * lastLayers;
      minutes += NaiveSchedules.this.shop.taskTimes().coolMin();
    }

    private int layersBeforeSet;

    private void weigh(Piece piece, double lengthMm, double widthMm) {
      double density = TestSteels.ALL.get(piece.steel()).densityKgM3();
      kg += piece.thicknessMm() * lengthMm * widthMm / 1e9 * density;
    }

    private void join(int newJoints) {
      joints = newJoints;
      faces += 2 * newJoints;
      minutes += 2 * newJoints * NaiveSchedules.this.shop.taskTimes().facePrepMin();
    }

    private double height() {
      return bands.stream().mapToDouble(Band::mm).sum();
    }

    private int layers() {
      int layers = 0;
      String last = "";
      for (Band band : bands) {
        if (!band.steel().equals(last)) {
          layers++;
        }
        last = band.steel();
      }
      return layers;
    }

    private void set() {
      layersBeforeSet = layers();
      tallest = Math.max(tallest, height());
      welds++;
      chance *= new SlopedChance().of(isRestacked, height(), length, joints);
      isRestacked = true;
      minutes += NaiveSchedules.this.shop.taskTimes().stackMin() + weld.fireMin();
      skin(weld.skinMm(defaults));
      double volume = width * height() * length;
      double newHeight = height() * (1 - weld.reduction());
      double spread = Math.sqrt(volume / newHeight / (width * length));
      scale(newHeight / height());
      width *= spread;
      length *= spread;
    }

    private void skin(double mm) {
      peel(bands, mm);
      Collections.reverse(bands);
      peel(bands, mm);
      Collections.reverse(bands);
      width -= 2 * mm;
      length -= 2 * mm;
    }

    /** Takes off the beginning of the list. */
    private static void peel(List<Band> bands, double mm) {
      double rest = mm;
      while (rest > 1e-12) {
        Band first = bands.removeFirst();
        if (first.mm() > rest) {
          bands.addFirst(new Band(first.steel(), first.mm() - rest));
        }
        rest -= first.mm();
      }
    }

    private void scale(double factor) {
      bands.replaceAll(b -> new Band(b.steel(), b.mm() * factor));
      coarse *= factor;
      median *= factor;
      finest *= factor;
    }

    private void drawTo(double toWidth, double toHeight, boolean always) {
      int heats = 1;
      double keeps = 1 - NaiveSchedules.this.shop.taskTimes().drawPerHeat();
      while (width * height() * Math.pow(keeps, heats) > toWidth * toHeight * (1 + 1e-9)) {
        heats++;
      }
      double skin = heats * defaults.drawSkinMm();
      boolean enough =
          (width - 2 * skin) * (height() - 2 * skin) >= toWidth * toHeight
              && (always || height() > toHeight);
      if (always && !enough) {
        makesSense = false;
      }
      if (enough) {
        skin(skin);
        double volume = width * height() * length;
        scale(toHeight / height());
        width = toWidth;
        length = volume / toWidth / toHeight;
        minutes += heats * defaults.drawHeatMin();
      }
      longest = Math.max(longest, length);
    }

    private void trim() {
      length -= 2 * defaults.endTrimMm();
      minutes += 2 * NaiveSchedules.this.shop.taskTimes().sawMin();
    }

    private void lay(Restacking restacking) {
      int count = restacking.pieces();
      drawTo(
          ((StartingSteel.Stacks) question.from()).widthMm(),
          Math.round(question.blockMm() / count * 10) / 10.0,
          false);
      trim();
      minutes += (count - 1) * NaiveSchedules.this.shop.taskTimes().sawMin();
      minutes += NaiveSchedules.this.shop.taskTimes().coolMin();
      boolean fold = restacking instanceof Restacking.Refold;
      boolean turned =
          fold
              || (restacking instanceof Restacking.Recut r && r.turned())
              || (restacking instanceof Restacking.RoundCore c && c.turned());
      if (!fold && turned && isSameTurnedOver()) {
        makesSense = false;
      }
      length =
          fold ? (length - 2 * height()) / 2 : (length - (count - 1) * defaults.kerfMm()) / count;
      shortest = Math.min(shortest, length);
      List<Piece> between = new ArrayList<>();
      if (restacking instanceof Restacking.Recut r && r.insert()) {
        between.add(question.insert());
      } else if (restacking instanceof Restacking.RoundCore) {
        between.addAll(question.core());
      }
      List<Band> block = new ArrayList<>();
      List<Integer> sheets = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        if (i > 0) {
          for (Piece sheet : between) {
            sheets.add(block.size());
            block.add(new Band(sheet.steel(), sheet.thicknessMm()));
            weigh(sheet, length, width);
          }
        }
        List<Band> piece = new ArrayList<>(bands);
        if (turned && i % 2 == 1) {
          Collections.reverse(piece);
        }
        if (!fold && i > 0) {
          peel(piece, defaults.faceGrindMm());
        }
        if (!fold && i < count - 1) {
          Collections.reverse(piece);
          peel(piece, defaults.faceGrindMm());
          Collections.reverse(piece);
        }
        block.addAll(piece);
      }
      bands = block;
      coarse *= count;
      if (!(restacking instanceof Restacking.RoundCore)) {
        coarse +=
            sheets.stream().mapToDouble(i -> runAt(block, i)).filter(t -> t > 4 * median).sum();
      }
      for (Piece sheet : between) {
        finest = Math.min(finest, sheet.thicknessMm());
      }
      coarseAtEnd = coarse / height();
      coarsest = Math.max(coarsest, coarseAtEnd);
      shop = shop * count + (long) between.size() * (count - 1);
      join((count - 1) * (1 + between.size()));
    }

    /** Thickness of all touching bands of one steel round a place. */
    private static double runAt(List<Band> block, int place) {
      int low = place;
      int high = place;
      while (low > 0 && block.get(low - 1).steel().equals(block.get(place).steel())) {
        low--;
      }
      while (high < block.size() - 1
          && block.get(high + 1).steel().equals(block.get(place).steel())) {
        high++;
      }
      return block.subList(low, high + 1).stream().mapToDouble(Band::mm).sum();
    }

    private boolean isSameTurnedOver() {
      for (int i = 0; i < bands.size(); i++) {
        Band mirrored = bands.get(bands.size() - 1 - i);
        if (!bands.get(i).steel().equals(mirrored.steel())
            || Math.abs(bands.get(i).mm() - mirrored.mm()) > 1e-9) {
          return false;
        }
      }
      return true;
    }
  }
}
