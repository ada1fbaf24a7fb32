package app.geminal.geometry;

import app.geminal.bar.Section;
import app.geminal.layers.Face;
import app.geminal.layers.LayerSequence;

/**
 * A square bar turned to its corners: the layers then lean by an angle, and a line through the
 * middle crosses fewer of them.
 *
 * @param angleDeg it is turned by, above 0 to 90
 */
public record Corner(double angleDeg) implements Turning {
  private static final double NOTHING = 1e-6;

  @Override
  public InverseMap turned(int sense) {
    double angle = Math.toRadians(angleDeg);
    double cos = Math.cos(angle);
    double sin = sense * Math.sin(angle);
    return p -> SquareDiscMap.turn(p, cos, sin);
  }

  @Override
  public Section lines(Section before, Section square) {
    boolean acrossFirst = before.isCountedAcross();
    LayerSequence layers = before.counted();
    double along = Math.toRadians(angleDeg);
    double side = square.widthMm();
    LayerSequence leaning = crossed(layers, Math.cos(along), side);
    LayerSequence lying = crossed(layers, Math.sin(along), side);
    return Section.wrought(acrossFirst ? lying : leaning, acrossFirst ? leaning : lying, square);
  }

  /** What a line through the middle crosses that leaves the layers' normal by an angle. */
  private static LayerSequence crossed(LayerSequence layers, double cosine, double side) {
    double part = Math.min(1, Math.sqrt(2) * Math.abs(cosine));
    double height = layers.thicknessMm();
    if (part < NOTHING) {
      return LayerSequence.band(layers.steelAt(height / 2), side);
    }
    double off = height * (1 - part) / 2;
    LayerSequence left = layers.without(Face.BOTTOM, off).without(Face.TOP, off);
    return left.scaledBy(side / left.thicknessMm());
  }
}
