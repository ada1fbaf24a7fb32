package app.geminal.layers;

/** A block drawn thinner, every layer by the same factor. */
final class Scaled extends LayerSequence {
  private final LayerSequence block;
  private final double factor;

  Scaled(LayerSequence block, double factor) {
    super(
        block.bottomSteel(),
        block.topSteel(),
        block.visibleCount(),
        scaled(block.thicknessBySteel(), factor));
    this.block = block;
    this.factor = factor;
  }

  @Override
  public LayerSequence scaledBy(double more) {
    return new Scaled(block, factor * more);
  }

  @Override
  public String steelAt(double mm) {
    return block.steelAt(mm / factor);
  }

  @Override
  LayerSequence shortened(Face face, double mm) {
    return block.without(face, mm / factor).scaledBy(factor);
  }

  @Override
  void walk(double outer, boolean turned, BandVisitor visitor) {
    block.walk(outer * factor, turned, visitor);
  }
}
