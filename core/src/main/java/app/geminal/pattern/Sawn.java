package app.geminal.pattern;

/** One of the pieces a bar was sawn into; {@code stepMm} is a piece and its kerf. */
record Sawn(int pieces, double stepMm) implements InverseMap {
  @Override
  public void back(Point p) {
    p.x += (p.bar % pieces) * stepMm;
    p.bar /= pieces;
  }
}
