package app.geminal.pattern;

/** Leaves a point where it is. */
enum Rest implements End {
  HERE;

  @Override
  public void land(Point p) {}
}
