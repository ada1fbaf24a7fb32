package app.geminal.pattern;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.billet.Run;
import app.geminal.geometry.Point;
import app.geminal.validation.Require;
import java.util.List;
import java.util.Optional;

/**
 * Which steel is where inside the bars of one stage of a Run; immutable. x runs along the bar from
 * the bench stop, y across from the left edge, z up from the underside, mm, voids closed.
 *
 * <p>Found by walking back through the history to the stack, so it is exact at any magnification as
 * far as each step's map is (their classes say how far that is). Bars of one stage differ where
 * they were cut from different lengths of a twisted or grooved bar; they are numbered from 0 in the
 * order the saw left them, and bars set aside are the last ones.
 */
public final class Field {
  private final Chain chain;
  private final Bars bars;
  private final boolean flat;
  private final Optional<BladeShape> blade;

  private Field(Chain chain, boolean flat, Bars bars, Optional<BladeShape> blade) {
    this.chain = chain;
    this.flat = flat;
    this.bars = bars;
    this.blade = blade;
  }

  /**
   * The field of a stage.
   *
   * @param stage 0 for the stack, up to the Run's last
   */
  public static Field of(Run run, int stage) {
    return of(run, stage, FlatLayers.MOST);
  }

  /** Flat bars of more layers than that are followed joint by joint. */
  static Field of(Run run, int stage, int mostListed) {
    Require.count("stage", stage, 0, run.stages().size() - 1);
    History history = new History(run, mostListed);
    Chain chain = history.upTo(stage);
    Bars bars = run.stages().get(stage).bars();
    return new Field(chain, history.isFlat(), bars, BladeShape.at(run, stage));
  }

  /** The bars it is the inside of. */
  public Bars bars() {
    return bars;
  }

  /** Designations of the steels in them. */
  public List<String> steels() {
    return List.copyOf(bars.amount().mm3BySteel().keySet());
  }

  /** The steel at a point of one of the bars, by designation; empty where there is none. */
  public Optional<String> steelAt(double xMm, double yMm, double zMm, int bar) {
    Point p = new Point();
    if (!has(xMm, yMm, zMm)) {
      return Optional.empty();
    }
    p.begin(xMm, yMm, zMm, bar);
    FlatLayers layers = chain.land(p);
    return Optional.of(layers.steel(layers.at(p.z)));
  }

  /** The blade the bars are ground to, if they are. */
  Optional<BladeShape> blade() {
    return blade;
  }

  /** Whether nothing ever bent a layer. */
  boolean isFlat() {
    return flat;
  }

  Chain chain() {
    return chain;
  }

  /** Whether there is steel at a point. */
  boolean has(double x, double y, double z) {
    double width = bars.widthMm();
    double height = bars.section().heightMm();
    if (!(x >= 0 && x <= bars.lengthMm() && y >= 0 && y <= width && z >= 0 && z <= height)) {
      return false;
    }
    if (bars.form() == Form.ROUND) {
      double across = 2 * y / width - 1;
      double up = 2 * z / height - 1;
      return across * across + up * up <= 1;
    }
    return blade.isEmpty() || blade.get().has(x, y, z - height / 2);
  }
}
