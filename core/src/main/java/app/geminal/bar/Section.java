package app.geminal.bar;

import app.geminal.layers.LayerSequence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a bar shows on its end: y across, z up; immutable.
 *
 * <p>Two straight lines represent the whole: one up and one across, each with the layers it
 * crosses. They go through the middle, except where bars lie on each other or side by side: there
 * each passes through the middle of that bar in which it crosses the most layers, so that a line
 * across never falls into a sheet between two bars. Where layers lie flat or stand on edge that is
 * exact. Where they do not (a turned section, a roll), the lines are still what a smith would count
 * along, but how much of which steel the section holds is then kept apart, and a skin taken off it
 * takes every steel alike. The picture of the inside is the field's business.
 */
public abstract sealed class Section
    permits Level, OnEdge, DeformedSection, SideBySide, OneOnAnother {
  /** Thinner than this, a remnant is rounding dust and no steel. */
  static final double DUST_MM = 1e-9;

  private final double widthMm;
  private final double heightMm;
  private final Map<String, Double> areaBySteel;

  Section(double widthMm, double heightMm, Map<String, Double> areaBySteel) {
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.areaBySteel = areaBySteel;
  }

  /** Flat layers across the whole width. */
  public static Section level(LayerSequence layers, double widthMm) {
    return new Level(layers, widthMm);
  }

  /**
   * Layers that no longer lie flat.
   *
   * @param up crossed by the line up through the middle; its thickness is the height
   * @param across crossed by the line across through the middle; its thickness is the width
   * @param of what it was made from: gives the steels and their shares
   */
  public static Section wrought(LayerSequence up, LayerSequence across, Section of) {
    double area = up.thicknessMm() * across.thicknessMm();
    return new DeformedSection(
        up, across, scaled(of.areaBySteel, area / (of.widthMm * of.heightMm)));
  }

  /**
   * Layers that do not lie flat, with what the section holds known from elsewhere.
   *
   * @param areaBySteel mm² by designation, together height times width
   */
  public static Section wrought(
      LayerSequence up, LayerSequence across, Map<String, Double> areaBySteel) {
    return new DeformedSection(up, across, new TreeMap<>(areaBySteel));
  }

  /** Sections on each other, the first at the bottom, all of one width; at least one. */
  public static Section stacked(List<Section> sections) {
    if (sections.size() == 1) {
      return sections.getFirst();
    }
    List<LayerSequence> level = new ArrayList<>();
    for (Section s : sections) {
      if (s instanceof Level flat) {
        level.add(flat.up());
      }
    }
    return level.size() == sections.size()
        ? new Level(LayerSequence.join(level), sections.getFirst().widthMm())
        : new OneOnAnother(sections);
  }

  /** Sections side by side, the first on the left, all of one height; at least one. */
  public static Section beside(List<Section> sections) {
    LayerSequence first = sections.getFirst().up();
    boolean alike = true;
    double width = 0;
    for (Section s : sections) {
      alike &= s instanceof Level && s.up() == first;
      width += s.widthMm();
    }
    if (sections.size() == 1) {
      return sections.getFirst();
    }
    return alike ? new Level(first, width) : new SideBySide(sections);
  }

  /** y, mm. */
  public final double widthMm() {
    return widthMm;
  }

  /** z, mm. */
  public final double heightMm() {
    return heightMm;
  }

  /** How much of the section is which steel, mm², by designation. */
  public final Map<String, Double> areaBySteel() {
    return Collections.unmodifiableMap(areaBySteel);
  }

  /** Layers crossed going up, {@link #upLineMm} from the left. */
  public LayerSequence up() {
    return upAt(upLineMm());
  }

  /** Layers crossed going from left to right, {@link #acrossLineMm} over the underside. */
  public LayerSequence across() {
    return acrossAt(acrossLineMm());
  }

  /**
   * Layers crossed going up at so many mm from the left; one line for all of a deformed section.
   */
  public abstract LayerSequence upAt(double yMm);

  /**
   * Layers crossed going from left to right at so many mm over the underside; one line for all of a
   * deformed section.
   */
  public abstract LayerSequence acrossAt(double zMm);

  /** Where the line up is, mm from the left. */
  public double upLineMm() {
    return widthMm / 2;
  }

  /** Where the line across is, mm over the underside. */
  public double acrossLineMm() {
    return heightMm / 2;
  }

  /** Whether layers are counted across and not up, because more of them are met that way. */
  public final boolean isCountedAcross() {
    return across().visibleCount() > up().visibleCount();
  }

  /** The layers a smith counts: of the two lines the one that crosses more of them. */
  public final LayerSequence counted() {
    return isCountedAcross() ? across() : up();
  }

  /** Whether all layers are flat, so that the line up represents everything. */
  public final boolean isLevel() {
    return this instanceof Level;
  }

  /** Whether all layers stand on edge, so that the line across represents everything. */
  public final boolean isOnEdge() {
    return this instanceof OnEdge;
  }

  /** Stretched to another width and height. */
  public abstract Section resized(double newWidthMm, double newHeightMm);

  /** Less {@code mm} on one side; nothing happens for 0 or less. */
  public abstract Section without(Side side, double mm);

  /** Seen in a mirror lying under it: top and bottom change places. */
  public abstract Section mirroredUp();

  /** Seen in a mirror standing beside it: left and right change places. */
  public abstract Section mirroredAcross();

  /** Rolled a quarter turn to the left: the top comes to lie on the left. */
  public abstract Section quarterTurned();

  /** Turned over lengthwise: what was at the bottom is on top. */
  public final Section turnedOver() {
    return mirroredUp().mirroredAcross();
  }

  static Map<String, Double> scaled(Map<String, Double> bySteel, double factor) {
    Map<String, Double> scaled = new TreeMap<>();
    bySteel.forEach((steel, value) -> scaled.put(steel, value * factor));
    return scaled;
  }

  static Map<String, Double> sum(List<Section> sections) {
    Map<String, Double> sum = new TreeMap<>();
    sections.forEach(
        s -> s.areaBySteel.forEach((steel, mm2) -> sum.merge(steel, mm2, Double::sum)));
    return sum;
  }
}
