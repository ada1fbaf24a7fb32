package app.geminal.bar;

import app.geminal.layers.Face;
import app.geminal.layers.LayerSequence;
import java.util.Map;

/** Layers that no longer lie flat: two lines through them, and how much there is of each steel. */
final class DeformedSection extends Section {
  private final LayerSequence up;
  private final LayerSequence across;

  DeformedSection(LayerSequence up, LayerSequence across, Map<String, Double> areaBySteel) {
    super(across.thicknessMm(), up.thicknessMm(), areaBySteel);
    this.up = up;
    this.across = across;
  }

  @Override
  public LayerSequence upAt(double yMm) {
    return up;
  }

  @Override
  public LayerSequence acrossAt(double zMm) {
    return across;
  }

  @Override
  public Section resized(double newWidthMm, double newHeightMm) {
    return wrought(
        up.scaledBy(newHeightMm / heightMm()), across.scaledBy(newWidthMm / widthMm()), this);
  }

  @Override
  public Section without(Side side, double mm) {
    if (mm <= 0) {
      return this;
    }
    return switch (side) {
      case BOTTOM -> wrought(up.without(Face.BOTTOM, mm), across, this);
      case TOP -> wrought(up.without(Face.TOP, mm), across, this);
      case LEFT -> wrought(up, across.without(Face.BOTTOM, mm), this);
      case RIGHT -> wrought(up, across.without(Face.TOP, mm), this);
    };
  }

  @Override
  public Section mirroredUp() {
    return wrought(up.turned(), across, this);
  }

  @Override
  public Section mirroredAcross() {
    return wrought(up, across.turned(), this);
  }

  @Override
  public Section quarterTurned() {
    return wrought(across, up.turned(), this);
  }
}
