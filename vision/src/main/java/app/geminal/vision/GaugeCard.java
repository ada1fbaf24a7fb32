package app.geminal.vision;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A printed card that is laid beside the steel and gives scale and plane: a square of black and
 * white cells in each corner, each with a number of its own, and a ruler to check the printer with.
 * Places are mm from the card's top left corner, x to the right and y down.
 */
public enum GaugeCard {
  /** As large as a bank card. */
  POCKET(85.6, 54, 15, 3.5, 60, 0),
  /** As large as a postcard. */
  POSTCARD(148, 105, 30, 6, 120, 4);

  /** Cells along the side of a square, its black border of two on every side among them. */
  static final int CELLS = 8;

  private static final int BORDER = 2;

  private final double widthMm;
  private final double heightMm;
  private final double squareMm;
  private final double marginMm;
  private final double rulerMm;
  private final int firstNumber;

  GaugeCard(
      double widthMm,
      double heightMm,
      double squareMm,
      double marginMm,
      double rulerMm,
      int firstNumber) {
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.squareMm = squareMm;
    this.marginMm = marginMm;
    this.rulerMm = rulerMm;
    this.firstNumber = firstNumber;
  }

  /**
   * One of its squares.
   *
   * @param number that its cells spell
   * @param leftMm of its top left corner
   * @param topMm of its top left corner
   */
  record Square(int number, double leftMm, double topMm) {}

  /** Width, mm. */
  public double widthMm() {
    return widthMm;
  }

  /** Height, mm. */
  public double heightMm() {
    return heightMm;
  }

  /** Side of a square, mm. */
  double squareMm() {
    return squareMm;
  }

  /** Length of the ruler, mm. */
  public double rulerMm() {
    return rulerMm;
  }

  /** Its squares: top left, top right, bottom right, bottom left. */
  List<Square> squares() {
    double right = widthMm - marginMm - squareMm;
    double bottom = heightMm - marginMm - squareMm;
    return List.of(
        new Square(firstNumber, marginMm, marginMm),
        new Square(firstNumber + 1, right, marginMm),
        new Square(firstNumber + 2, right, bottom),
        new Square(firstNumber + 3, marginMm, bottom));
  }

  /** The card that has a square of a number, where one has. */
  static Stream<GaugeCard> with(int number) {
    return Stream.of(values())
        .filter(card -> number >= card.firstNumber && number < card.firstNumber + 4);
  }

  /** Whether the card is black at a place of it. */
  boolean isBlack(double xMm, double yMm) {
    return squares().stream().anyMatch(square -> isBlack(square, xMm, yMm)) || isRuler(xMm, yMm);
  }

  private boolean isBlack(Square square, double xMm, double yMm) {
    double x = xMm - square.leftMm();
    double y = yMm - square.topMm();
    if (x < 0 || y < 0 || x >= squareMm || y >= squareMm) {
      return false;
    }
    return isBlackCell(square.number(), (int) (x * CELLS / squareMm), (int) (y * CELLS / squareMm));
  }

  /**
   * Whether a cell of a square is black: the border is, of the sixteen cells inside the bottom left
   * one is and the other corners are not, and the rest spell the number row by row from the bottom.
   */
  static boolean isBlackCell(int number, int column, int row) {
    int x = column - BORDER;
    int y = row - BORDER;
    int inside = CELLS - 2 * BORDER;
    if (x < 0 || y < 0 || x >= inside || y >= inside) {
      return true;
    }
    return inside(number, x, inside - 1 - y);
  }

  private static boolean inside(int number, int x, int fromBottom) {
    int last = CELLS - 2 * BORDER - 1;
    boolean atSide = x == 0 || x == last;
    if (atSide && (fromBottom == 0 || fromBottom == last)) {
      return x == 0 && fromBottom == 0;
    }
    int bit = IntStream.range(0, fromBottom * (last + 1) + x).map(i -> isCorner(i) ? 0 : 1).sum();
    return (number >> bit & 1) == 1;
  }

  private static boolean isCorner(int i) {
    int last = CELLS - 2 * BORDER - 1;
    return i == 0 || i == last || i == last * (last + 1) || i == (last + 1) * (last + 1) - 1;
  }

  /** Strokes of the ruler across the middle: 1 mm apart, longer at 5 and at 10. */
  private boolean isRuler(double xMm, double yMm) {
    double along = xMm - (widthMm - rulerMm) / 2;
    long stroke = Math.round(along);
    if (stroke < 0 || stroke > rulerMm || Math.abs(along - stroke) > 0.075) {
      return false;
    }
    double up = heightMm / 2 - yMm;
    return up >= 0 && up <= strokeMm(stroke);
  }

  /** How high a stroke of the ruler is, mm. */
  static double strokeMm(long mm) {
    if (mm % 10 == 0) {
      return 5;
    }
    return mm % 5 == 0 ? 3.5 : 2;
  }
}
