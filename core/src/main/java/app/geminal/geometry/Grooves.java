package app.geminal.geometry;

/** Rounded grooves across the bar, the first of the top half a pitch from the bench stop. */
public record Grooves(double pitchMm, double widthMm, double deepestMm)
    implements FilledHollows.Hollows {

  @Override
  public double depthAt(double x, double y, boolean underside) {
    double pitches = x / pitchMm - (underside ? 0 : 0.5);
    double off = (pitches - Math.rint(pitches)) * pitchMm * 2 / widthMm;
    return Math.max(0, deepestMm * (1 - off * off));
  }
}
