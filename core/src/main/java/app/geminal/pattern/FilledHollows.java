package app.geminal.pattern;

/**
 * Hollows that were made in the broad faces and are flush again. Through the height the layers at
 * each place are stretched or squeezed alike, as if every column of steel were by itself; length
 * and width keep their place. In steel a column also flows to its neighbours while it is flattened,
 * so local volume is off by about depth over height, and the lines of a real bar are a little
 * rounder.
 *
 * @param hollows how deep they are where
 * @param bothFaces whether the underside has them too, half a pitch along
 * @param beforeMm height before
 * @param afterMm height afterwards
 * @param moved whether they were pressed, so that the steel between them rises, by {@code meanMm};
 *     else that steel is gone
 * @param meanMm depth of the hollows of one face on average
 */
record FilledHollows(
    Hollows hollows,
    boolean bothFaces,
    double beforeMm,
    double afterMm,
    boolean moved,
    double meanMm)
    implements InverseMap {

  /** How deep a face is hollowed at a place, mm; the underside's are half a pitch further along. */
  interface Hollows {
    double depthAt(double x, double y, boolean underside);
  }

  @Override
  public void back(Point p) {
    double top = hollows.depthAt(p.x, p.y, false);
    double under = bothFaces ? hollows.depthAt(p.x, p.y, true) : 0;
    if (moved) {
      pressed(p, top - meanMm, bothFaces ? under - meanMm : 0);
    } else {
      p.z = under + p.z / afterMm * (beforeMm - top - under);
    }
  }

  /** Ground flush after the press: the underside's plane first, then its own stretched column. */
  private void pressed(Point p, double top, double under) {
    double gone = beforeMm - afterMm;
    double plane = bothFaces ? gone / 2 : 0;
    p.z = (plane + p.z - under) * beforeMm / (beforeMm - top - under);
  }
}
