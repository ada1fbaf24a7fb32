package app.geminal.pattern;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Size;
import app.geminal.geometry.Point;
import app.geminal.layers.Layer;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.List;
import java.util.Optional;

/**
 * A view of one bar of a field; immutable. Two directions of the view become a point of the bar.
 */
public final class SectionView {
  private static final int MOST_LISTED = 2000;

  private final Field field;
  private final View view;
  private final int bar;
  private final BladeShape laid;
  private final Size box;

  private SectionView(Field field, View view, int bar) {
    Bars bars = field.bars();
    this.field = field;
    this.view = view;
    this.bar = bar;
    this.box = Size.of(bars);
    this.laid = laid(field, view);
  }

  /**
   * You look at a bar of a field so.
   *
   * @param bar which of the field's equal bars, from 0
   */
  public static SectionView of(Field field, View view, int bar) {
    Require.count("bar", bar, 0, Math.max(0, field.bars().count() - 1));
    return new SectionView(field, view, bar);
  }

  private static BladeShape laid(Field field, View view) {
    if (view instanceof View.Bevel(var blade, _, _) && blade != null) {
      return BladeShape.of(blade);
    }
    if (view instanceof View.Bevel && field.blade().isEmpty()) {
      throw new InvalidValue("blade", PatternText.NO_BLADE_YET.with());
    }
    return field.blade().orElse(BladeShape.NONE);
  }

  /** The field looked at. */
  public Field field() {
    return field;
  }

  /** Of all there is to see, mm. */
  public double widthMm() {
    return switch (view) {
      case View.End _ -> box.width();
      case View.Face _, View.Along _ -> box.length();
      case View.Bevel _ -> laid.blade().lengthMm();
    };
  }

  /** Of all there is to see, mm. */
  public double heightMm() {
    return switch (view) {
      case View.End _, View.Along _ -> box.height();
      case View.Face _ -> box.width();
      case View.Bevel _ -> laid.blade().widthMm();
    };
  }

  /**
   * The layers from below where every one is flat across the whole view; empty elsewhere, and where
   * there are more than 2000.
   */
  public Optional<List<Layer>> flatLayers() {
    Bars bars = field.bars();
    boolean onEnd = view instanceof View.End || view instanceof View.Along;
    return onEnd && bars.form() == Form.BAR && bars.section().isLevel() && field.isFlat()
        ? bars.section().up().layers(MOST_LISTED)
        : Optional.empty();
  }

  /**
   * Layers a ground face has gone through in the middle of the bar, the begun one too; 0 for a face
   * that is not ground, and for every other view.
   */
  public long layersGround() {
    if (!(view instanceof View.Face(boolean under, double depth)) || depth == 0) {
      return 0;
    }
    double from = under ? 0 : box.height();
    double to = Math.clamp(under ? depth : box.height() - depth, 0, box.height());
    SectionView end = new SectionView(field, new View.End(box.length() / 2), bar);
    return ScanLine.of(end, box.width() / 2, from, box.width() / 2, to).count();
  }

  /**
   * Puts a point where you look and follows it to its layers; {@link FlatLayers#NOTHING} where
   * there is no steel.
   *
   * @param right mm from the left of the view
   * @param up mm from its lower edge
   */
  FlatLayers look(double right, double up, Point p) {
    switch (view) {
      case View.End(double x) -> p.begin(x, right, up, bar);
      case View.Face(boolean under, double depth) ->
          p.begin(right, under ? box.width() - up : up, under ? depth : box.height() - depth, bar);
      case View.Along(double y) -> p.begin(right, y, up, bar);
      case View.Bevel(_, double x, double y) -> {
        if (!laid.isWithin(right, up)) {
          return FlatLayers.NOTHING;
        }
        p.begin(x + right, y + up, box.height() / 2 + laid.halfMm(right, up), bar);
      }
    }
    if (!field.has(p.x, p.y, p.z)) {
      return FlatLayers.NOTHING;
    }
    return field.chain().land(p);
  }
}
