package app.geminal.pattern;

import app.geminal.geometry.Point;
import app.geminal.layers.Layer;
import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.List;

/**
 * What a straight line drawn on a view crosses.
 *
 * @param layers in order, touching ones of one steel merged; their thickness is as measured along
 *     the line, mm. Empty where there are more than are listed, or nothing at all.
 * @param count how many
 */
public record ScanLine(List<Layer> layers, long count) {
  /** More are only counted. */
  private static final int MOST_LISTED = 2000;

  /** More would take too long to follow. */
  private static final int MOST_COUNTED = 1_000_000;

  /** Places looked at before what is between them is halved. */
  private static final int PLACES = 4096;

  /** A place is found to this part of the line: 30 halvings. */
  private static final int DEEPEST = 30;

  /**
   * Counts along a line.
   *
   * @param fromRight mm from the left of the view
   * @param fromUp mm from its lower edge
   * @throws InvalidValue when it crosses more than a million layers
   */
  public static ScanLine of(
      SectionView sight, double fromRight, double fromUp, double toRight, double toUp) {
    return new Scanner(sight, fromRight, fromUp, toRight - fromRight, toUp - fromUp).scan();
  }

  /** A place on the line and what is there; no steel is the empty text. */
  private record Place(double at, FlatLayers layers, int way, double height, String steel) {
    boolean joins(Place that) {
      return layers == that.layers && way == that.way;
    }
  }

  private static final class Scanner {
    private final SectionView sight;
    private final double right;
    private final double up;
    private final double alongRight;
    private final double alongUp;
    private final Point point = new Point();
    private final List<Layer> layers = new ArrayList<>();
    private final double lengthMm;
    private long count;
    private String steel = "";
    private double since;

    Scanner(SectionView sight, double right, double up, double alongRight, double alongUp) {
      this.sight = sight;
      this.right = right;
      this.up = up;
      this.alongRight = alongRight;
      this.alongUp = alongUp;
      this.lengthMm = Math.hypot(alongRight, alongUp);
    }

    ScanLine scan() {
      Place before = place(0);
      enter(before.steel(), 0);
      for (int i = 1; i <= PLACES; i++) {
        Place next = place((double) i / PLACES);
        between(before, next, 0);
        before = next;
      }
      enter("", 1);
      return new ScanLine(count > MOST_LISTED ? List.of() : List.copyOf(layers), count);
    }

    private Place place(double at) {
      FlatLayers pile = sight.look(right + alongRight * at, up + alongUp * at, point);
      return pile == FlatLayers.NOTHING
          ? new Place(at, FlatLayers.NOTHING, 0, 0, "")
          : new Place(at, pile, point.way, point.z, pile.steel(pile.at(point.z)));
    }

    private void between(Place from, Place to, int depth) {
      if (from.joins(to)) {
        within(from, to);
      } else if (depth == DEEPEST) {
        enter(to.steel(), to.at());
      } else {
        Place middle = place((from.at() + to.at()) / 2);
        between(from, middle, depth + 1);
        between(middle, to, depth + 1);
      }
    }

    /** Layers of one pile between two heights, which lie evenly between the two places. */
    private void within(Place from, Place to) {
      FlatLayers pile = from.layers();
      int layer = pile.at(from.height());
      int last = pile.at(to.height());
      int way = Integer.signum(last - layer);
      while (layer != last) {
        double edge = pile.bottomMm(way > 0 ? layer + 1 : layer);
        layer += way;
        double part = (edge - from.height()) / (to.height() - from.height());
        enter(pile.steel(layer), from.at() + (to.at() - from.at()) * part);
      }
    }

    private void enter(String next, double at) {
      if (next.equals(steel)) {
        return;
      }
      if (!steel.isEmpty()) {
        count++;
        if (count > MOST_COUNTED) {
          throw new InvalidValue("", PatternText.LINE_CROSSES_TOO_MANY.with());
        }
        if (count <= MOST_LISTED) {
          layers.add(new Layer(steel, (at - since) * lengthMm));
        }
      }
      steel = next;
      since = at;
    }
  }
}
