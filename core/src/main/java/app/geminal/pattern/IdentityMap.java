package app.geminal.pattern;

/** Leaves a point where it is. */
enum IdentityMap implements End {
  HERE;

  @Override
  public void land(Point p) {}
}
