package app.geminal.server.billet;

import app.geminal.bar.OneOnAnother;
import app.geminal.bar.Section;
import app.geminal.bar.SideBySide;
import app.geminal.layers.Layer;
import app.geminal.layers.LayerSequence;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What a bar shows on its end, enough to draw it.
 *
 * @param lie LEVEL: layers bottom to top; ON_EDGE: layers left to right; SIDE_BY_SIDE: members left
 *     to right; ONE_ON_ANOTHER: members bottom to top; DEFORMED: layers that are not flat, drawn by
 *     the field
 * @param widthMm width, mm
 * @param heightMm height, mm
 * @param layers visible layers, null where there are too many to draw or they do not lie flat
 * @param bySteel share of each steel, fractions
 * @param members what is beside or on each other, else empty
 */
record SectionView(
    Lie lie,
    double widthMm,
    double heightMm,
    @Nullable LayersView layers,
    Map<String, Double> bySteel,
    List<SectionView> members) {
  /** More layers than this are not drawn one by one at any size the Run is shown. */
  private static final int MOST_DRAWN = 250;

  private static final int MOST_MEMBERS = 40;

  /** How the layers lie. */
  enum Lie {
    LEVEL,
    ON_EDGE,
    SIDE_BY_SIDE,
    ONE_ON_ANOTHER,
    DEFORMED
  }

  static SectionView of(Section section) {
    return switch (section) {
      case SideBySide beside -> of(Lie.SIDE_BY_SIDE, section, null, beside.members());
      case OneOnAnother stacked -> of(Lie.ONE_ON_ANOTHER, section, null, stacked.members());
      default -> flat(section);
    };
  }

  private static SectionView flat(Section section) {
    if (section.isLevel()) {
      return of(Lie.LEVEL, section, section.up(), List.of());
    }
    if (section.isOnEdge()) {
      return of(Lie.ON_EDGE, section, section.across(), List.of());
    }
    return of(Lie.DEFORMED, section, null, List.of());
  }

  private static SectionView of(
      Lie lie, Section section, @Nullable LayerSequence layers, List<Section> members) {
    double area = section.widthMm() * section.heightMm();
    Map<String, Double> shares = new TreeMap<>();
    section.areaBySteel().forEach((steel, mm2) -> shares.put(steel, mm2 / area));
    return new SectionView(
        lie,
        section.widthMm(),
        section.heightMm(),
        layers == null ? null : layers.layers(MOST_DRAWN).map(LayersView::of).orElse(null),
        shares,
        members.size() > MOST_MEMBERS ? List.of() : members.stream().map(SectionView::of).toList());
  }

  /**
   * Visible layers in order, kept short because every change of a plan sends them for every stage.
   *
   * @param steels each steel once
   * @param steel of each layer, index into {@code steels}
   * @param thicknessMm of each layer, to 0.0001 mm: enough to draw
   */
  record LayersView(List<String> steels, List<Integer> steel, List<Double> thicknessMm) {
    static LayersView of(List<Layer> layers) {
      List<String> steels = layers.stream().map(Layer::steel).distinct().toList();
      return new LayersView(
          steels,
          layers.stream().map(l -> steels.indexOf(l.steel())).toList(),
          layers.stream().map(l -> Math.rint(l.thicknessMm() * 1e4) / 1e4).toList());
    }
  }
}
