package app.geminal.pattern;

import app.geminal.operation.Dimples;

/** Round hollows, caps of a ball, in rows along the bar, every second row half a pitch further. */
record RoundHollows(double pitchMm, double radiusMm, double deepestMm, double ballMm)
    implements FilledHollows.Hollows {

  static RoundHollows of(Dimples dimples) {
    double radius = dimples.diameterMm() / 2;
    double depth = dimples.depthMm();
    return new RoundHollows(
        dimples.pitchMm(), radius, depth, (radius * radius + depth * depth) / (2 * depth));
  }

  @Override
  public double depthAt(double x, double y, boolean underside) {
    double row = Math.floor(y / pitchMm);
    double across = y - (row + 0.5) * pitchMm;
    boolean shifted = ((long) row & 1) != (underside ? 1 : 0);
    double pitches = x / pitchMm - (shifted ? 0 : 0.5);
    double along = (pitches - Math.rint(pitches)) * pitchMm;
    double square = along * along + across * across;
    return square >= radiusMm * radiusMm
        ? 0
        : Math.max(0, Math.sqrt(ballMm * ballMm - square) - ballMm + deepestMm);
  }
}
