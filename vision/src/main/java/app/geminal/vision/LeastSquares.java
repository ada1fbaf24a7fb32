package app.geminal.vision;

import java.util.function.IntToDoubleFunction;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/** Lines, parabolas and planes through many values. */
final class LeastSquares {
  private LeastSquares() {}

  /** c0 + c1 x + c2 y through values; all zero but the first where there are too few. */
  static double[] plane(
      int[] which, IntToDoubleFunction x, IntToDoubleFunction y, IntToDoubleFunction value) {
    return solved(
        which, value, 3, (i, k) -> k == 0 ? 1 : k == 1 ? x.applyAsDouble(i) : y.applyAsDouble(i));
  }

  /** c0 + c1 x + … through values. */
  static double[] polynomial(
      int[] which, IntToDoubleFunction x, IntToDoubleFunction value, int degree) {
    return solved(which, value, degree + 1, (i, k) -> Math.pow(x.applyAsDouble(i), k));
  }

  @FunctionalInterface
  private interface Term {
    double at(int i, int k);
  }

  private static double[] solved(int[] which, IntToDoubleFunction value, int terms, Term term) {
    DMatrixRMaj squares = new DMatrixRMaj(terms, terms);
    DMatrixRMaj sums = new DMatrixRMaj(terms, 1);
    for (int i : which) {
      for (int a = 0; a < terms; a++) {
        double t = term.at(i, a);
        sums.add(a, 0, t * value.applyAsDouble(i));
        for (int b = 0; b < terms; b++) {
          squares.add(a, b, t * term.at(i, b));
        }
      }
    }
    DMatrixRMaj found = new DMatrixRMaj(terms, 1);
    if (which.length < terms || !CommonOps_DDRM.solve(squares, sums, found)) {
      double[] mean = new double[terms];
      for (int i : which) {
        mean[0] += value.applyAsDouble(i) / which.length;
      }
      return mean;
    }
    return found.data.clone();
  }
}
