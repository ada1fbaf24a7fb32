package app.geminal.geometry;

import app.geminal.bar.Size;
import app.geminal.layup.Turn;
import app.geminal.validation.OrderedCopies;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedSet;
import java.util.stream.Stream;

/** Bars laid together into one block or several equal ones, up on each other or side by side. */
public final class Block implements Gathering {
  private final boolean isUp;
  private final Size size;
  private final List<PlacedBar> placed;
  private final List<Source> sources;
  private final Map<Source, Integer> perBlock = new LinkedHashMap<>();
  private final double[] fromMm;
  private final Member[] members;

  /**
   * A block.
   *
   * @param isUp whether bars lie on each other, and not side by side
   * @param size of the block
   * @param placed what is in it, bottom to top or left to right
   * @param own size of the bars at hand
   * @param parts size of the bars of each part in it, by its name
   */
  public Block(boolean isUp, Size size, List<PlacedBar> placed, Size own, Map<String, Size> parts) {
    this.isUp = isUp;
    this.size = size;
    this.placed = List.copyOf(placed);
    Map<String, Size> sizes = OrderedCopies.copyOf(parts);
    SequencedSet<Source> all = new LinkedHashSet<>();
    for (PlacedBar bar : placed) {
      all.add(source(bar));
      perBlock.merge(source(bar), 1, Integer::sum);
      if (!bar.shims().isEmpty()) {
        all.add(new Source.Shims(bar.shims()));
      }
    }
    sources = List.copyOf(all);
    fromMm = new double[placed.size()];
    for (int i = 1; i < fromMm.length; i++) {
      fromMm[i] = fromMm[i - 1] + placed.get(i - 1).sizeMm();
    }
    members = placed.stream().map(bar -> member(bar, own, sizes)).toArray(Member[]::new);
  }

  private Member member(PlacedBar bar, Size own, Map<String, Size> parts) {
    Source of = source(bar);
    Size each =
        switch (of) {
          case Source.PartBars part -> parts.getOrDefault(part.part(), own);
          case Source.OwnBars _, Source.Sheet _, Source.Shims _ -> own;
        };
    return new Member(
        bar,
        sources.indexOf(of),
        bar.shims().isEmpty() ? -1 : sources.indexOf(new Source.Shims(bar.shims())),
        perBlock(of),
        new Reorientation(bar.turn(), each));
  }

  private static Source source(PlacedBar bar) {
    return switch (bar.what()) {
      case PlacedBar.What.OwnBar _ -> new Source.OwnBars();
      case PlacedBar.What.PartOf part -> new Source.PartBars(part.part());
      case PlacedBar.What.Sheet sheet -> new Source.Sheet(sheet.steel());
    };
  }

  /** What is in it, bottom to top or left to right. */
  public List<PlacedBar> placed() {
    return placed;
  }

  /** Whether bars lie on each other, and not side by side. */
  public boolean isUp() {
    return isUp;
  }

  @Override
  public List<Source> sources() {
    return sources;
  }

  /** How many bars of a source each block takes. */
  public int perBlock(Source source) {
    return perBlock.getOrDefault(source, 0);
  }

  @Override
  public List<InverseMap> back() {
    return List.of();
  }

  @Override
  public int backInto(Point p) {
    double at = isUp ? p.z : p.y;
    int low = 0;
    int high = members.length - 1;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (fromMm[middle] <= at) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    p.through(low);
    if (isUp) {
      p.z -= fromMm[low];
    } else {
      p.y -= fromMm[low];
    }
    return members[low].back(p);
  }

  @Override
  public boolean forward(int source, Point p) {
    for (int i = 0; i < members.length; i++) {
      Member member = members[i];
      int block = member.source == source ? member.blockOf(p.bar) : -1;
      if (block >= 0) {
        return member.forward(p, block, fromMm[i]);
      }
    }
    return false;
  }

  @Override
  public Stream<Box> forward(int source, Box box) {
    List<Box> there = new ArrayList<>();
    for (int i = 0; i < members.length; i++) {
      Member member = members[i];
      int block = member.source == source ? member.blockOf(box.bar()) : -1;
      if (block >= 0) {
        member.forward(box, block, fromMm[i]).ifPresent(there::add);
      }
    }
    return there.stream();
  }

  @Override
  public boolean keepsLayersFlat() {
    return isUp && placed.stream().noneMatch(bar -> bar.turn() == Turn.QUARTER);
  }

  /** One thing in the block. */
  private final class Member {
    private final PlacedBar placed;
    private final int source;
    private final int shims;
    private final int perBlock;
    private final int nth;
    private final Reorientation turning;

    Member(PlacedBar placed, int source, int shims, int perBlock, Reorientation turning) {
      this.placed = placed;
      this.source = source;
      this.shims = shims;
      this.turning = turning;
      int number = number(placed);
      // A sheet is the same in every block.
      this.perBlock = number < 0 ? 0 : perBlock;
      this.nth = Math.max(0, number);
    }

    private static int number(PlacedBar placed) {
      return switch (placed.what()) {
        case PlacedBar.What.OwnBar bar -> bar.nth();
        case PlacedBar.What.PartOf part -> part.nth();
        case PlacedBar.What.Sheet _ -> -1;
      };
    }

    int back(Point p) {
      p.y += placed.skipYMm();
      p.z += placed.skipZMm();
      if (shims >= 0 && p.z > turning.heightMm()) {
        p.z -= turning.heightMm();
        p.through(-1);
        return shims;
      }
      turning.back(p);
      p.bar = nth + p.bar * perBlock;
      return source;
    }

    /** The block a bar of the source is in as this one, −1 where it is another. */
    int blockOf(int bar) {
      return perBlock > 0 && bar % perBlock == nth ? bar / perBlock : -1;
    }

    private Size room() {
      return isUp
          ? new Size(size.length(), size.width(), placed.sizeMm())
          : new Size(size.length(), placed.sizeMm(), size.height());
    }

    boolean forward(Point p, int block, double from) {
      turning.forward(p);
      p.y -= placed.skipYMm();
      p.z -= placed.skipZMm();
      p.bar = block;
      if (!Inside.of(p, room())) {
        return false;
      }
      p.y += isUp ? 0 : from;
      p.z += isUp ? from : 0;
      return true;
    }

    Optional<Box> forward(Box box, int block, double from) {
      return box.turned(placed.turn(), turning.bar())
          .by(0, -placed.skipYMm(), -placed.skipZMm())
          .inBar(block)
          .in(room())
          .flatMap(b -> b.by(0, isUp ? 0 : from, isUp ? from : 0).in(size));
    }
  }
}
