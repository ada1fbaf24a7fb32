package app.geminal.bar;

import app.geminal.layers.Face;
import app.geminal.layers.LayerSequence;

/** Layers standing on edge, left to right. */
final class OnEdge extends Section {
  private final LayerSequence layers;

  OnEdge(LayerSequence layers, double heightMm) {
    super(layers.thicknessMm(), heightMm, scaled(layers.thicknessBySteel(), heightMm));
    this.layers = layers;
  }

  @Override
  public LayerSequence upAt(double yMm) {
    return LayerSequence.band(layers.steelAt(yMm), heightMm());
  }

  @Override
  public LayerSequence acrossAt(double zMm) {
    return layers;
  }

  @Override
  public Section resized(double newWidthMm, double newHeightMm) {
    return new OnEdge(layers.scaledBy(newWidthMm / widthMm()), newHeightMm);
  }

  @Override
  public Section without(Side side, double mm) {
    if (mm <= 0) {
      return this;
    }
    return switch (side) {
      case LEFT -> new OnEdge(layers.without(Face.BOTTOM, mm), heightMm());
      case RIGHT -> new OnEdge(layers.without(Face.TOP, mm), heightMm());
      case BOTTOM, TOP -> new OnEdge(layers, heightMm() - mm);
    };
  }

  @Override
  public Section mirroredUp() {
    return this;
  }

  @Override
  public Section mirroredAcross() {
    return new OnEdge(layers.turned(), heightMm());
  }

  @Override
  public Section quarterTurned() {
    return new Level(layers, heightMm());
  }
}
