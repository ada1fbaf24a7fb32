package app.geminal.layers;

import java.util.Map;
import java.util.TreeMap;

/** One piece's worth of one steel. */
final class Band extends LayerSequence {
  private final String steel;
  private final double thickness;

  Band(String steel, double thicknessMm) {
    super(steel, steel, 1, new TreeMap<>(Map.of(steel, thicknessMm)));
    this.steel = steel;
    this.thickness = thicknessMm;
  }

  @Override
  public LayerSequence turned() {
    return this;
  }

  @Override
  public LayerSequence scaledBy(double factor) {
    return new Band(steel, thickness * factor);
  }

  @Override
  public String steelAt(double mm) {
    return steel;
  }

  @Override
  LayerSequence shortened(Face face, double mm) {
    return new Band(steel, thickness - mm);
  }

  @Override
  void walk(double factor, boolean turned, BandVisitor visitor) {
    visitor.band(steel, thickness * factor);
  }
}
