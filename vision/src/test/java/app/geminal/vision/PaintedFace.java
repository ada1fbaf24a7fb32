package app.geminal.vision;

import app.geminal.TestSteels;
import app.geminal.asmade.AsMade;
import app.geminal.asmade.PatternFigure;
import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.View;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * The etched face of a twisted or grooved bar that came out otherwise than planned, photographed,
 * with its corners as a person taps them.
 *
 * @param truth values of the figures with which it was painted
 */
record PaintedFace(AsMade asMade, double[] truth, BufferedImage picture, List<Spot> corners) {
  private static final ShopDefaults SHOP = ShopDefaults.common();
  private static final int COLUMNS = 1500;

  /** How much of the pattern is left to see. */
  enum Seen {
    WELL,
    /** Not etched, or under scale: nothing of the pattern. */
    HIDDEN
  }

  static PaintedFace of(long seed, Seen seen) {
    // Neighbouring seeds begin alike.
    Random random = new Random(31_337 * seed + 7);
    random.nextLong();
    boolean twisted = random.nextBoolean();
    String plan = twisted ? twisted(random) : grooved(random);
    Run run = Run.of(Shorthand.parse(plan, UnitSystem.METRIC, SHOP), TestSteels.ALL, SHOP);
    int stage = run.stages().size() - 1;
    double depth = run.last().bars().heightMm() * (0.1 + 0.2 * random.nextDouble());
    boolean under = twisted && random.nextBoolean();
    AsMade asMade = AsMade.of(run, stage, new View.Face(under, depth), 0, TestSteels.ALL, SHOP);
    SectionView sight = null;
    double[] truth = asMade.planned();
    while (sight == null) {
      truth = asMade.planned();
      for (int i = 0; i < truth.length; i++) {
        boolean ground = asMade.figures().get(i) instanceof PatternFigure.Ground;
        truth[i] *= ground ? 0.8 + 0.4 * random.nextDouble() : 0.78 + 0.5 * random.nextDouble();
      }
      sight = asMade.with(truth).orElse(null);
    }
    double width = sight.widthMm();
    double height = sight.heightMm();
    int rows = (int) Math.max(8, COLUMNS * height / width);
    float[] light = asMade.light(COLUMNS, rows, () -> false, truth).orElseThrow();
    double gain = seen == Seen.HIDDEN ? 0 : 0.45 + 0.5 * random.nextDouble();
    double wander = 0.03 * height * random.nextGaussian();
    int waves = 2 + random.nextInt(5);
    PaintedPhotograph.Flat flat =
        (x, y) -> {
          if (x < 0 || y < 0 || x > width || y > height) {
            return Double.NaN;
          }
          double along = x + wander * Math.sin(waves * Math.PI * x / width);
          int column = Math.clamp((int) (along / width * COLUMNS), 0, COLUMNS - 1);
          int row = Math.clamp((int) (y / height * rows), 0, rows - 1);
          return 110 + gain * (light[row * COLUMNS + column] - 110);
        };
    PaintedPhotograph photograph =
        new PaintedPhotograph(
            seed + 1, flat, width, height, COLUMNS / width, PaintedPhotograph.Hardness.USUAL);
    List<Spot> corners =
        List.of(
            tapped(photograph, 0, 0, random),
            tapped(photograph, width, 0, random),
            tapped(photograph, width, height, random),
            tapped(photograph, 0, height, random));
    List<Spot> given =
        random.nextBoolean()
            ? corners
            : List.of(corners.get(2), corners.get(3), corners.get(0), corners.get(1));
    return new PaintedFace(
        asMade, truth, photograph.painted(PaintedPhotograph.Hardness.USUAL), given);
  }

  private static Spot tapped(PaintedPhotograph on, double x, double y, Random random) {
    double[] at = on.onPicture(x, y);
    return new Spot(at[0] + 2 * random.nextGaussian(), at[1] + 2 * random.nextGaussian());
  }

  private static String twisted(Random random) {
    return String.format(
        Locale.ROOT,
        "%d (D 4, B 3) 40 x %d > set 3 > draw %d x %d, 4 heats > twist %.1f turns, 3 heats"
            + " > draw 30 x 14",
        2 * random.nextInt(3, 10) + 1,
        random.nextInt(80, 200),
        24,
        24,
        2 + 8 * random.nextDouble());
  }

  private static String grooved(Random random) {
    double pitch = 9 + 10 * random.nextDouble();
    return String.format(
        Locale.ROOT,
        "%d (D 1.5, B 1.2) 36 x %d > set 3 > ladder pitch %.1f, width %.1f, depth %.1f, 2 heats",
        2 * random.nextInt(8, 16) + 1,
        random.nextInt(150, 300),
        pitch,
        pitch * (0.6 + 0.3 * random.nextDouble()),
        2 + 2.5 * random.nextDouble());
  }
}
