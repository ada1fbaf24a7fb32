package app.geminal.layers;

import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The layers of a bar, bottom to top; immutable.
 *
 * <p>A tree of blocks with what is asked most kept at every node: the steels of both faces, the
 * visible count, the thickness and how much of it is which steel. Joining, repeating, turning over
 * and scaling are therefore constant work whatever the count, and {@link #visibleCount} never
 * expands anything: of two joined blocks it is the sum less one where the touching faces are of one
 * steel, because merging only ever happens at the seam.
 */
public abstract sealed class LayerSequence permits Band, Join, Repeat, Scaled, Turned {
  /** Thinner than this, a remnant after grinding is rounding dust and not a layer. */
  static final double DUST_MM = 1e-9;

  private final String bottomSteel;
  private final String topSteel;
  private final long visibleCount;
  private final double thicknessMm;
  private final Map<String, Double> thicknessBySteel;

  LayerSequence(
      String bottomSteel, String topSteel, long visibleCount, Map<String, Double> bySteel) {
    this.bottomSteel = bottomSteel;
    this.topSteel = topSteel;
    this.visibleCount = visibleCount;
    this.thicknessBySteel = bySteel;
    this.thicknessMm = bySteel.values().stream().mapToDouble(Double::doubleValue).sum();
  }

  /** A single band of one steel. */
  public static LayerSequence band(String steel, double thicknessMm) {
    return new Band(steel, thicknessMm);
  }

  /** Blocks laid on each other, the first at the bottom; at least one. */
  public static LayerSequence join(List<LayerSequence> blocks) {
    List<LayerSequence> compressed = blocks.size() > 2 ? Repeats.found(blocks) : blocks;
    return compressed.size() == 1 ? compressed.getFirst() : new Join(compressed);
  }

  /** This block laid on itself, the same way up each time; {@code times} at least 1. */
  public LayerSequence times(int times) {
    return times == 1 ? this : new Repeat(this, times);
  }

  /** The block turned over, so that its top is at the bottom. */
  public LayerSequence turned() {
    return new Turned(this);
  }

  /** Every layer thinner or thicker by one factor, above 0. */
  public LayerSequence scaledBy(double factor) {
    return new Scaled(this, factor);
  }

  /**
   * What is left after taking {@code mm} off one face, in thickness: whole layers go first.
   *
   * @throws InvalidValue when nothing would be left
   */
  public LayerSequence without(Face face, double mm) {
    if (mm >= thicknessMm - DUST_MM) {
      throw new InvalidValue("", LayersText.NOTHING_IS_LEFT_OF_BAR.with());
    }
    return mm <= 0 ? this : shortened(face, mm);
  }

  /** The steel at a height over the bottom face, mm; the ends where it is outside. */
  public abstract String steelAt(double mm);

  abstract LayerSequence shortened(Face face, double mm);

  /** Calls for every band bottom to top, unmerged, thickness times {@code factor}. */
  abstract void walk(double factor, boolean turned, BandVisitor visitor);

  /** Steel of the lowest layer. */
  public String bottomSteel() {
    return bottomSteel;
  }

  /** Steel of the highest layer. */
  public String topSteel() {
    return topSteel;
  }

  /** Layers the eye can distinguish: touching bands of one steel are one. At least 1. */
  public long visibleCount() {
    return visibleCount;
  }

  /** Sum of all layers, mm. */
  public double thicknessMm() {
    return thicknessMm;
  }

  /** How much of the thickness is which steel, mm, by designation. */
  public Map<String, Double> thicknessBySteel() {
    return java.util.Collections.unmodifiableMap(thicknessBySteel);
  }

  /** The visible layers bottom to top, or empty when there are more than {@code most}. */
  public Optional<List<Layer>> layers(int most) {
    if (visibleCount > most) {
      return Optional.empty();
    }
    List<Layer> merged = new ArrayList<>();
    walk(
        1,
        false,
        (steel, mm) -> {
          Layer last = merged.isEmpty() ? null : merged.getLast();
          if (last != null && last.steel().equals(steel)) {
            merged.set(merged.size() - 1, new Layer(steel, last.thicknessMm() + mm));
          } else {
            merged.add(new Layer(steel, mm));
          }
        });
    return Optional.of(List.copyOf(merged));
  }

  static Map<String, Double> scaled(Map<String, Double> bySteel, double factor) {
    Map<String, Double> scaled = new TreeMap<>();
    bySteel.forEach((steel, mm) -> scaled.put(steel, mm * factor));
    return scaled;
  }

  /** Receives bands bottom to top. */
  @FunctionalInterface
  interface BandVisitor {
    void band(String steel, double thicknessMm);
  }
}
