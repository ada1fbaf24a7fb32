package app.geminal.bar;

import app.geminal.layers.Face;
import app.geminal.layers.LayerSequence;

/** Flat layers on each other. */
final class Level extends Section {
  private final LayerSequence layers;

  Level(LayerSequence layers, double widthMm) {
    super(widthMm, layers.thicknessMm(), scaled(layers.thicknessBySteel(), widthMm));
    this.layers = layers;
  }

  @Override
  public LayerSequence upAt(double yMm) {
    return layers;
  }

  @Override
  public LayerSequence acrossAt(double zMm) {
    return LayerSequence.band(layers.steelAt(zMm), widthMm());
  }

  @Override
  public Section resized(double newWidthMm, double newHeightMm) {
    return new Level(layers.scaledBy(newHeightMm / heightMm()), newWidthMm);
  }

  @Override
  public Section without(Side side, double mm) {
    if (mm <= 0) {
      return this;
    }
    return switch (side) {
      case BOTTOM -> new Level(layers.without(Face.BOTTOM, mm), widthMm());
      case TOP -> new Level(layers.without(Face.TOP, mm), widthMm());
      case LEFT, RIGHT -> new Level(layers, widthMm() - mm);
    };
  }

  @Override
  public Section mirroredUp() {
    return new Level(layers.turned(), widthMm());
  }

  @Override
  public Section mirroredAcross() {
    return this;
  }

  @Override
  public Section quarterTurned() {
    return new OnEdge(layers.turned(), widthMm());
  }
}
