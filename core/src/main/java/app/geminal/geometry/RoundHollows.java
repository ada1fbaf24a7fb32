package app.geminal.geometry;

/** Round hollows, caps of a ball, in rows along the bar, every second row half a pitch further. */
public record RoundHollows(double pitchMm, double radiusMm, double deepestMm)
    implements FilledHollows.Hollows {

  /** Radius of the ball. */
  private double ballMm() {
    return (radiusMm * radiusMm + deepestMm * deepestMm) / (2 * deepestMm);
  }

  @Override
  public double depthAt(double x, double y, boolean underside) {
    double row = Math.floor(y / pitchMm);
    double across = y - (row + 0.5) * pitchMm;
    boolean shifted = ((long) row & 1) != (underside ? 1 : 0);
    double pitches = x / pitchMm - (shifted ? 0 : 0.5);
    double along = (pitches - Math.rint(pitches)) * pitchMm;
    double square = along * along + across * across;
    if (square >= radiusMm * radiusMm) {
      return 0;
    }
    double ball = ballMm();
    return Math.max(0, Math.sqrt(ball * ball - square) - ball + deepestMm);
  }
}
