package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Section;
import app.geminal.bar.Side;
import app.geminal.bar.Size;
import app.geminal.geometry.Block;
import app.geminal.geometry.PlacedBar;
import app.geminal.geometry.PlacedBar.What.OwnBar;
import app.geminal.geometry.PlacedBar.What.PartOf;
import app.geminal.geometry.PlacedBar.What.Sheet;
import app.geminal.geometry.Reorientation;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.units.Quantity;
import app.geminal.validation.OrderedCopies;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/**
 * Bars, pieces and bars of parts laid together into one block, up on each other or side by side.
 * What is longer, or sticks out the other way, is cut to the smallest, equally on both sides; the
 * heights of bars side by side are ground down to the lowest. Package use only.
 */
final class BlockBuilder {
  /** Which way they are laid together. */
  enum Axis {
    UP,
    ACROSS
  }

  private static final double LEAST_LEFT_MM = 0.01;

  /** One thing laid, as it came; a sheet takes its width and length from what it is laid to. */
  private record Member(
      Section section, double fill, double lengthMm, boolean forged, PlacedBar place) {
    double heightMm() {
      return section.heightMm() / fill;
    }

    Member with(Section newSection) {
      return new Member(newSection, fill, lengthMm, forged, place);
    }

    Member with(Section newSection, PlacedBar newPlace) {
      return new Member(newSection, fill, lengthMm, forged, newPlace);
    }

    Amount amount() {
      return Amount.ofLayers(section.areaBySteel(), lengthMm);
    }
  }

  private final Axis axis;
  private final Bars own;
  private final List<Piece> ownShims;
  private final OperationContext bench;
  private final List<Member> members = new ArrayList<>();
  private final Map<String, Integer> taken = new TreeMap<>();
  private final Map<Turn, Section> ways = new EnumMap<>(Turn.class);
  private final Map<Piece, Member> sheets = new HashMap<>();
  private final Map<String, Size> partSizes = new TreeMap<>();
  private final List<Fit> fits = new ArrayList<>();
  private final Set<String> fitted = new HashSet<>();
  private Amount added = Amount.NONE;
  private Amount joined = Amount.NONE;
  private long shopCount;
  private int joints = -1;
  private int owns;

  BlockBuilder(Axis axis, Bars own, OperationContext bench) {
    this(axis, own, List.of(), bench);
  }

  BlockBuilder(Axis axis, Bars own, List<Piece> ownShims, OperationContext bench) {
    this.axis = axis;
    this.own = own;
    this.ownShims = ownShims;
    this.bench = bench;
  }

  /** Why these cannot be laid so many times over, empty when they can. */
  static Optional<Impossible> missing(
      OperationContext bench, List<? extends Laid> laid, int times) {
    Map<String, Integer> wanted = new TreeMap<>();
    laid.forEach(l -> {
      if (l instanceof PartBar bar) {
        wanted.merge(bar.part(), times, Integer::sum);
      }
    });
    for (Map.Entry<String, Integer> want : wanted.entrySet()) {
      Optional<Bars> part = bench.part(want.getKey());
      int left = part.map(Bars::count).orElse(0);
      if (part.isEmpty()) {
        return Optional.of(
            new Impossible(
                "",
                OperationText.NO_BAR_OF_PART.with("part", want.getKey()),
                OperationText.ADD_PART_OR_CORRECT_ITS_RUN.with()));
      }
      if (left < want.getValue()) {
        return Optional.of(
            new Impossible(
                "",
                OperationText.TOO_FEW_BARS_OF_PART.with(
                    "needed", want.getValue(), "part", want.getKey(), "left", left),
                OperationText.CUT_PART_INTO_MORE_BARS.with()));
      }
      if (part.get().form() != Form.BAR) {
        return Optional.of(
            new Impossible(
                "",
                OperationText.PART_NOT_SQUARE.with("part", want.getKey()),
                OperationText.DRAW_IT_TO_SQUARE_SECTION_FIRST.with()));
      }
    }
    return Optional.empty();
  }

  /** A bar at hand. */
  void own(Turn turn) {
    Section section = ways.computeIfAbsent(turn, t -> Reorientation.turned(own.section(), t));
    PlacedBar place = PlacedBar.of(new OwnBar(owns++), turn, ownShims);
    add(new Member(section, own.fill(), own.lengthMm(), true, place), ownShims);
    shopCount = Math.addExact(shopCount, own.shopCount());
  }

  /** Pieces and bars of parts, in order. */
  void all(List<? extends Laid> laid) {
    for (Laid item : laid) {
      switch (item) {
        case Piece piece -> sheet(piece);
        case PartBar bar -> part(bar);
      }
    }
  }

  private void part(PartBar bar) {
    Bars bars = bench.part(bar.part()).orElseThrow();
    int nth = taken.merge(bar.part(), 1, Integer::sum) - 1;
    partSizes.put(bar.part(), Size.of(bars));
    PlacedBar place = PlacedBar.of(new PartOf(bar.part(), nth), bar.turn(), bar.shims());
    Section section = Reorientation.turned(bars.section(), bar.turn());
    Member member = new Member(section, bars.fill(), bars.lengthMm(), true, place);
    joined = joined.plus(member.amount());
    add(member, bar.shims());
    shopCount = Math.addExact(shopCount, bars.shopCount());
    if (fitted.add(bar.part())) {
      fit(bar.part(), members.getLast());
    }
  }

  private void fit(String part, Member member) {
    if (axis == Axis.UP) {
      fits.add(new Fit(part, Fit.Measured.WIDTH, own.widthMm(), member.section().widthMm()));
    } else {
      double ownMm = own.heightMm() + ownShims.stream().mapToDouble(Piece::thicknessMm).sum();
      fits.add(new Fit(part, Fit.Measured.HEIGHT, ownMm, member.heightMm()));
    }
    fits.add(new Fit(part, Fit.Measured.LENGTH, own.lengthMm(), member.lengthMm()));
  }

  /** Shims stand on the bar, as wide and long as it. */
  private void add(Member member, List<Piece> shims) {
    if (shims.isEmpty()) {
      members.add(member);
      joints++;
      return;
    }
    List<Section> stacked = new ArrayList<>(List.of(member.section()));
    double height = member.heightMm();
    for (Piece shim : shims) {
      Section on =
          Section.level(
              LayerSequence.band(shim.steel(), shim.solidMm()), member.section().widthMm());
      stacked.add(on);
      height += shim.thicknessMm();
      added = added.plus(Amount.ofLayers(on.areaBySteel(), member.lengthMm()));
      shopCount++;
      joints++;
    }
    Section section = Section.stacked(stacked);
    members.add(
        new Member(
            section,
            section.heightMm() / height,
            member.lengthMm(),
            member.forged(),
            member.place()));
    joints++;
  }

  /** A sheet on edge between bars is as high as they do. */
  private void sheet(Piece piece) {
    Member member = sheets.computeIfAbsent(piece, this::onEdge);
    added = added.plus(member.amount());
    members.add(member);
    shopCount++;
    joints++;
  }

  private Member onEdge(Piece piece) {
    double length = piece.lengthIn(own.lengthMm());
    LayerSequence flat = LayerSequence.band(piece.steel(), piece.solidMm());
    PlacedBar place = PlacedBar.of(new Sheet(piece.steel()), Turn.SAME, List.of());
    if (axis == Axis.UP) {
      return new Member(
          Section.level(flat, piece.widthIn(own.widthMm())), piece.fill(), length, false, place);
    }
    LayerSequence upright =
        LayerSequence.band(piece.steel(), piece.widthIn(own.section().heightMm()));
    return new Member(Section.level(upright, piece.solidMm()), 1, length, false, place);
  }

  /**
   * The block.
   *
   * @param bars how many equal blocks are made; what was laid is meant for each
   * @param faceGrindMm taken off every forged face that meets another
   */
  OperationResult block(int bars, double faceGrindMm) {
    if (axis == Axis.ACROSS && members.stream().anyMatch(m -> m.fill() < 1)) {
      return new Impossible(
          "", OperationText.BAR_WITH_VOIDS.with(), OperationText.CLOSE_VOIDS_FIRST.with());
    }
    Amount came = amount(members);
    Optional<List<Member>> ground = ground(faceGrindMm);
    if (ground.isEmpty()) {
      return new Impossible(
          "faceGrindMm",
          OperationText.FACE_GRIND_USES_UP_BAR.with("grinding", Quantity.mm(faceGrindMm)),
          OperationText.GRIND_LESS_OR_USE_THICKER_BARS.with());
    }
    List<Member> even = axis == Axis.UP ? ground.get() : lowered(ground.get());
    Amount afterGrinding = amount(even);
    double length = smallest(even, Member::lengthMm);
    List<Member> cut = axis == Axis.UP ? narrowed(even) : even;
    List<Section> sections = cut.stream().map(Member::section).toList();
    Section section = axis == Axis.UP ? Section.stacked(sections) : Section.beside(sections);
    double height =
        axis == Axis.UP
            ? cut.stream().mapToDouble(Member::heightMm).sum()
            : smallest(cut, Member::heightMm);
    Bars block =
        new Bars(
            bars,
            length,
            section,
            shopCount,
            true,
            Math.min(1, section.heightMm() / height),
            Form.BAR,
            1);
    Map<String, Integer> takenInAll = new TreeMap<>();
    taken.forEach((name, n) -> takenInAll.put(name, n * bars));
    Amount laid = Amount.ofLayers(section.areaBySteel(), length);
    return new Done(
        block,
        List.of(
            new Loss(LossKind.GRINDING, came.minus(afterGrinding).times(bars)),
            new Loss(LossKind.TRIM, afterGrinding.minus(laid).times(bars))),
        added.times(bars),
        joined.times(bars),
        joined(block, cut),
        Optional.empty(),
        OrderedCopies.copyOf(takenInAll),
        List.copyOf(fits),
        List.of(
            new Block(
                axis == Axis.UP,
                Size.of(block),
                cut.stream()
                    .map(m ->
                        m.place()
                            .withSizeMm(
                                axis == Axis.UP ? m.section().heightMm() : m.section().widthMm()))
                    .toList(),
                Size.of(own),
                partSizes)));
  }

  /** What became of the layers: counted along the same line as the block is. */
  private Done.Layers.Joined joined(Bars block, List<Member> asLaid) {
    if (block.section().isCountedAcross() != (axis == Axis.ACROSS)) {
      return new Done.Layers.Joined(joints, block.visibleCount());
    }
    List<LayerSequence> came = new ArrayList<>();
    List<LayerSequence> met = new ArrayList<>();
    for (int i = 0; i < members.size(); i++) {
      Section before = members.get(i).section();
      Section laid = asLaid.get(i).section();
      if (axis == Axis.UP) {
        double y = block.section().upLineMm();
        came.add(before.upAt(y + (before.widthMm() - laid.widthMm()) / 2));
        met.add(laid.upAt(y));
      } else {
        double z = block.section().acrossLineMm();
        came.add(before.acrossAt(z));
        met.add(laid.acrossAt(z));
      }
    }
    Set<String> meeting = new HashSet<>();
    for (int i = 1; i < met.size(); i++) {
      if (met.get(i - 1).topSteel().equals(met.get(i).bottomSteel())) {
        meeting.add(met.get(i - 1).topSteel());
      }
    }
    long left = counted(met);
    return new Done.Layers.Joined(joints, left, counted(came) - left, meeting);
  }

  private static long counted(List<LayerSequence> lines) {
    return lines.stream().mapToLong(LayerSequence::visibleCount).sum();
  }

  private Optional<List<Member>> ground(double mm) {
    if (mm == 0) {
      return Optional.of(members);
    }
    List<Member> ground = new ArrayList<>();
    // One bar laid forty times is ground three times: first, last, and all between.
    IdentityHashMap<Section, Map<List<Boolean>, Section>> done = new IdentityHashMap<>();
    for (int i = 0; i < members.size(); i++) {
      Member member = members.get(i);
      Section section = member.section();
      if (member.forged()) {
        double least = axis == Axis.UP ? section.heightMm() : section.widthMm();
        if (least - 2 * mm < LEAST_LEFT_MM) {
          return Optional.empty();
        }
        boolean below = i > 0;
        boolean above = i < members.size() - 1;
        member =
            member.with(
                done.computeIfAbsent(section, _ -> new HashMap<>())
                    .computeIfAbsent(List.of(below, above), _ -> faced(section, below, above, mm)),
                below ? member.place().skipping(skipY(mm), mm - skipY(mm)) : member.place());
      }
      ground.add(member);
    }
    return Optional.of(ground);
  }

  private double skipY(double mm) {
    return axis == Axis.UP ? 0 : mm;
  }

  private Section faced(Section section, boolean below, boolean above, double mm) {
    Section left = below ? section.without(axis == Axis.UP ? Side.BOTTOM : Side.LEFT, mm) : section;
    return above ? left.without(axis == Axis.UP ? Side.TOP : Side.RIGHT, mm) : left;
  }

  /** Every bar ground down to the lowest, from the top. */
  private static List<Member> lowered(List<Member> members) {
    double lowest = smallest(members, Member::heightMm);
    return members.stream()
        .map(m -> m.with(m.section().without(Side.TOP, (m.heightMm() - lowest) * m.fill())))
        .toList();
  }

  /** Every bar cut to the narrowest, equally on both edges. */
  private static List<Member> narrowed(List<Member> members) {
    double narrowest = smallest(members, m -> m.section().widthMm());
    return members.stream()
        .map(m -> {
          double off = (m.section().widthMm() - narrowest) / 2;
          return off == 0
              ? m
              : m.with(
                  m.section().without(Side.LEFT, off).without(Side.RIGHT, off),
                  m.place().skipping(off, 0));
        })
        .toList();
  }

  private static double smallest(List<Member> members, ToDoubleFunction<Member> size) {
    return members.stream().mapToDouble(size).min().orElseThrow();
  }

  private static Amount amount(List<Member> members) {
    return Amount.sum(members.stream().map(Member::amount).toList());
  }
}
