package app.geminal.heat;

import app.geminal.units.Temperatures;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * How long a cold billet wants in the fire until its core is as hot as its skin.
 *
 * <p>Conduction over a quarter of the section, {@value #CELLS} by {@value #CELLS} cells, each
 * direction implicit in turn (locally one-dimensional), in steps of {@value #STEP_S} s, longer for
 * billets that take hours. Radiation and convection at the faces from a chamber {@value
 * #CHAMBER_OVER_C} °C over the heat aimed at, limited by what the burners give; the ends count as
 * more of the sides. The billet is turned over half-way, so that both broad faces see the flame. In
 * a loose stack heat crosses a gap of {@value #GAP_W_M2K} W/(m²·K) at every joint until the first
 * set; that figure is the weakest of all (300 to 5000).
 *
 * <p>Against full computations of a 38 × 83 × 127 mm billet within 20 %; a first estimate for
 * plans, not a reading of the fire.
 */
public final class Soak {
  private static final int CELLS = 6;
  private static final double STEP_S = 4;

  /** About so many steps in a long soak: coarser, and within 2 % of fine ones. */
  private static final double MOST_STEPS = 200;

  private static final double STEEL_J_KG = 815_000;
  private static final double FULL_FLUX_W_M2 = 90_000;
  private static final int MOST_REMEMBERED = 1000;
  private static final double LONGEST_S = 4 * 3600;
  private static final double CHAMBER_OVER_C = 60;
  private static final double GAP_W_M2K = 1000;
  private static final double EMISSIVITY = 0.8;
  private static final double CONVECTION_W_M2K = 30;
  private static final double STEFAN_BOLTZMANN = 5.67e-8;

  /** The core counts as even with the skin from here, °C. */
  public static final double EVEN_C = 15;

  private Soak() {}

  /**
   * What is heated.
   *
   * @param widthMm of the section
   * @param heightMm of the section
   * @param lengthMm in the fire
   * @param pieceMm mean thickness of loose pieces through the height, or 0 for a solid bar
   */
  public record Billet(double widthMm, double heightMm, double lengthMm, double pieceMm) {}

  /**
   * How it comes out.
   *
   * @param minutes until the core is even with the skin and the skin at heat; 240 when never
   * @param coreC the core when the time asked about is up, °C
   */
  public record Answer(double minutes, double coreC) {}

  /** What was asked lately: a plan is worked through anew at every change, most of it unchanged. */
  private static final Map<Asked, Answer> REMEMBERED =
      Collections.synchronizedMap(
          new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Asked, Answer> eldest) {
              return size() > MOST_REMEMBERED;
            }
          });

  private record Asked(Billet billet, double aimC, double powerKw, double askedMin) {}

  /**
   * Heats a billet from cold; see {@link #reckoned}. The last {@value #MOST_REMEMBERED} answers are
   * remembered.
   */
  public static Answer of(Billet billet, double aimC, double powerKw, double askedMin) {
    return REMEMBERED.computeIfAbsent(
        new Asked(billet, aimC, powerKw, askedMin),
        a -> reckoned(a.billet(), a.aimC(), a.powerKw(), a.askedMin()));
  }

  /**
   * Heats a billet from cold.
   *
   * @param aimC heat aimed at, °C
   * @param powerKw what reaches the steel at most
   * @param askedMin when the core is wanted
   */
  public static Answer reckoned(Billet billet, double aimC, double powerKw, double askedMin) {
    Grid grid = new Grid(billet, aimC + CHAMBER_OVER_C, powerKw);
    double step = Math.max(STEP_S, grid.roughSeconds() / MOST_STEPS);
    double even = -1;
    double core = -1;
    double seconds = 0;
    while (seconds < LONGEST_S && (even < 0 || core < 0)) {
      grid.step(step);
      seconds += step;
      if (core < 0 && seconds >= askedMin * 60) {
        core = grid.coreC();
      }
      if (even < 0 && grid.skinC() >= aimC && grid.skinC() - grid.coreC() <= EVEN_C) {
        even = seconds / 60;
      }
    }
    return new Answer(even < 0 ? LONGEST_S / 60 : even, core < 0 ? grid.coreC() : core);
  }

  /** A quarter of the section; cell 0 lies at the middle, the last one at the face. */
  private static final class Grid {
    private final double[][] celsius = new double[CELLS][CELLS];
    private final double dy;
    private final double dz;
    private final double chamberC;
    private final double pieceM;
    private final double faceShare;
    private final double mostW;
    private final double sideM2;
    private final double kg;
    private final double[] line = new double[CELLS];
    private final double[] upper = new double[CELLS];
    private final double[] right = new double[CELLS];

    Grid(Billet b, double chamberC, double powerKw) {
      this.dy = b.widthMm() / 2000 / CELLS;
      this.dz = b.heightMm() / 2000 / CELLS;
      this.chamberC = chamberC;
      this.pieceM = b.pieceMm() / 1000;
      double sides = 2 * (b.widthMm() + b.heightMm()) * b.lengthMm();
      double ends = 2 * b.widthMm() * b.heightMm();
      this.faceShare = 1 + ends / sides;
      this.sideM2 = sides / 1e6;
      this.mostW = powerKw * 1000;
      this.kg = b.widthMm() * b.heightMm() * b.lengthMm() / 1e9 * SteelHeat.DENSITY_KG_M3;
      for (double[] row : celsius) {
        Arrays.fill(row, 20);
      }
    }

    /** How long it takes, very roughly: by what the burners give or what the faces take. */
    double roughSeconds() {
      return kg * STEEL_J_KG / Math.min(mostW, FULL_FLUX_W_M2 * sideM2 * faceShare);
    }

    double coreC() {
      return celsius[0][0];
    }

    /** The middle of the face that lags. */
    double skinC() {
      return Math.min(celsius[CELLS - 1][0], celsius[0][CELLS - 1]);
    }

    void step(double seconds) {
      double wanted = 0;
      for (int i = 0; i < CELLS; i++) {
        wanted += flux(celsius[CELLS - 1][i]) + flux(celsius[i][CELLS - 1]);
      }
      double mean = wanted / (2 * CELLS) * faceShare * sideM2;
      double limit = mean > mostW ? mostW / mean : 1;
      for (int z = 0; z < CELLS; z++) {
        for (int y = 0; y < CELLS; y++) {
          line[y] = celsius[y][z];
        }
        sweep(line, dy, 0, limit, seconds);
        for (int y = 0; y < CELLS; y++) {
          celsius[y][z] = line[y];
        }
      }
      for (int y = 0; y < CELLS; y++) {
        sweep(celsius[y], dz, pieceM, limit, seconds);
      }
    }

    private double flux(double faceC) {
      double hot = Temperatures.kelvin(chamberC);
      double cold = Temperatures.kelvin(faceC);
      double radiated =
          EMISSIVITY * STEFAN_BOLTZMANN * (hot * hot * hot * hot - cold * cold * cold * cold);
      return CONVECTION_W_M2K * (chamberC - faceC) + radiated;
    }

    /** One implicit step along a line of cells; tridiagonal, properties from before the step. */
    private void sweep(double[] t, double d, double gapM, double limit, double seconds) {
      double below = 0;
      for (int i = 0; i < CELLS; i++) {
        double stored = SteelHeat.DENSITY_KG_M3 * SteelHeat.capacity(t[i]) * d / seconds;
        double above = i < CELLS - 1 ? conductance(t[i], t[i + 1], gapM) / d : 0;
        double source = i == CELLS - 1 ? flux(t[i]) * faceShare * limit : 0;
        double diagonal = stored + below + above;
        double known = stored * t[i] + source;
        double factor = i == 0 ? diagonal : diagonal + below * upper[i - 1];
        upper[i] = -above / factor;
        right[i] = (known + (i == 0 ? 0 : below * right[i - 1])) / factor;
        below = above;
      }
      t[CELLS - 1] = right[CELLS - 1];
      for (int i = CELLS - 2; i >= 0; i--) {
        t[i] = right[i] - upper[i] * t[i + 1];
      }
    }

    private static double conductance(double a, double b, double gapM) {
      double k = SteelHeat.conductivity((a + b) / 2);
      return gapM > 0 ? 1 / (1 / k + 1 / (GAP_W_M2K * gapM)) : k;
    }
  }
}
