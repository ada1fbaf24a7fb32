package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Size;
import java.util.ArrayList;
import java.util.List;

/**
 * Each bar forged round, perhaps turned in its length, and forged square. Which steel meets which
 * edge is as {@link SquareDiscMap} has it.
 *
 * @param before size of each bar
 * @param after size it is given
 * @param wasRound whether it is round before
 * @param turning what happens to it while it is round
 */
public record DiscTurn(Size before, Size after, boolean wasRound, Turning turning)
    implements BarChange {

  /** To another section; the length keeps the volume. */
  public static DiscTurn toSection(Bars bars, double widthMm, double heightMm, Turning turning) {
    return new DiscTurn(
        Size.of(bars),
        new Size(bars.lengthAsMm(widthMm, heightMm), widthMm, heightMm),
        bars.form() == Form.ROUND,
        turning);
  }

  @Override
  public Bars of(Bars bars) {
    Bars square = bars.reshaped(after.width(), after.height());
    return square.withSection(turning.lines(bars.section(), square.section()));
  }

  @Override
  public List<InverseMap> back() {
    List<InverseMap> steps = new ArrayList<>();
    steps.add(SquareDiscMap.unit(after));
    steps.add(SquareDiscMap::round);
    steps.add(turning.turned(-1));
    if (!wasRound) {
      steps.add(SquareDiscMap::square);
    }
    double along = before.length() / after.length();
    steps.add(SquareDiscMap.full(before).then(LinearStretch.scale(along, 1, 1)));
    return List.copyOf(steps);
  }

  @Override
  public boolean forward(Point p) {
    p.x *= after.length() / before.length();
    SquareDiscMap.unit(before).back(p);
    if (!wasRound) {
      SquareDiscMap.round(p);
    }
    turning.turned(1).back(p);
    SquareDiscMap.square(p);
    SquareDiscMap.full(after).back(p);
    return true;
  }

  @Override
  public Destination forward(Box box) {
    return Destination.here(box.anywhereAcross(before.length(), after));
  }

  @Override
  public VolumeRange localVolume() {
    // A square forged round loses at its corners what a round forged square gains there.
    return wasRound ? new VolumeRange(0.69, 1.27) : new VolumeRange(0.77, 1.16);
  }

  @Override
  public boolean keepsLayersFlat() {
    return false;
  }
}
