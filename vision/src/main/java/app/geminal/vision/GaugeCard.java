package app.geminal.vision;

import java.util.ArrayList;
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
  private static final int CELLS = 8;

  private static final int BORDER = 2;
  private static final double STROKE_MM = 0.15;

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
   * @param sideMm its side
   */
  record Square(int number, double leftMm, double topMm, double sideMm) {
    /** Top left, top right, bottom right, bottom left. */
    List<Spot> corners() {
      Spot first = new Spot(leftMm, topMm);
      return List.of(
          first, first.plus(sideMm, 0), first.plus(sideMm, sideMm), first.plus(0, sideMm));
    }
  }

  /**
   * A rectangle of black or of white to paint over those before it.
   *
   * @param leftMm of its top left corner
   * @param topMm of its top left corner
   */
  record Mark(double leftMm, double topMm, double widthMm, double heightMm, boolean isBlack) {}

  /** Width, mm. */
  public double widthMm() {
    return widthMm;
  }

  /** Height, mm. */
  public double heightMm() {
    return heightMm;
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
        new Square(firstNumber, marginMm, marginMm, squareMm),
        new Square(firstNumber + 1, right, marginMm, squareMm),
        new Square(firstNumber + 2, right, bottom, squareMm),
        new Square(firstNumber + 3, marginMm, bottom, squareMm));
  }

  /** The card that has a square of a number, where one has. */
  static Stream<GaugeCard> with(int number) {
    return Stream.of(values())
        .filter(card -> number >= card.firstNumber && number < card.firstNumber + 4);
  }

  /** Everything on the card but its words, in the order to paint it on white. */
  List<Mark> marks() {
    List<Mark> marks = new ArrayList<>();
    double cell = squareMm / CELLS;
    for (Square square : squares()) {
      // White cells on black: between black ones a printer would leave hairlines.
      marks.add(new Mark(square.leftMm(), square.topMm(), squareMm, squareMm, true));
      for (int row = 0; row < CELLS; row++) {
        for (int column = 0; column < CELLS; column++) {
          if (!isBlackCell(square.number(), column, row)) {
            double left = square.leftMm() + column * cell;
            marks.add(new Mark(left, square.topMm() + row * cell, cell, cell, false));
          }
        }
      }
    }
    for (int mm = 0; mm <= rulerMm; mm++) {
      double left = rulerLeftMm() + mm - STROKE_MM / 2;
      marks.add(new Mark(left, heightMm / 2 - strokeMm(mm), STROKE_MM, strokeMm(mm), true));
    }
    return marks;
  }

  /** Where the ruler begins, and the words below it. */
  double rulerLeftMm() {
    return (widthMm - rulerMm) / 2;
  }

  /**
   * Whether a cell of a square is black: the border is, of the sixteen cells inside the bottom left
   * one is and the other corners are not, and the rest spell the number row by row from the bottom.
   */
  private static boolean isBlackCell(int number, int column, int row) {
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

  /** How high a stroke of the ruler is: longer at 5 and at 10 mm. */
  private static double strokeMm(int mm) {
    if (mm % 10 == 0) {
      return 5;
    }
    return mm % 5 == 0 ? 3.5 : 2;
  }
}
