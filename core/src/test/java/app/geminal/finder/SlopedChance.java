package app.geminal.finder;

import app.geminal.weld.WeldChance;

/** Welds that hold less often the higher and the longer they are, and the more joints they have. */
final class SlopedChance implements WeldChance {
  @Override
  public double of(boolean isRestacked, double heightMm, double lengthMm, int joints) {
    double whole = isRestacked ? 0.97 : 0.95;
    return whole * Math.pow(0.998, joints) / (1 + Math.exp((heightMm - 70) / 12 + lengthMm / 400));
  }
}
