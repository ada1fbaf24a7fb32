package app.geminal.layers;

/** A block turned over. */
final class Turned extends LayerSequence {
  private final LayerSequence block;

  Turned(LayerSequence block) {
    super(block.topSteel(), block.bottomSteel(), block.visibleCount(), block.thicknessBySteel());
    this.block = block;
  }

  @Override
  public LayerSequence turned() {
    return block;
  }

  @Override
  public String steelAt(double mm) {
    return block.steelAt(block.thicknessMm() - mm);
  }

  @Override
  LayerSequence shortened(Face face, double mm) {
    return block.without(face.other(), mm).turned();
  }

  @Override
  void walk(double factor, boolean turned, BandVisitor visitor) {
    block.walk(factor, !turned, visitor);
  }
}
