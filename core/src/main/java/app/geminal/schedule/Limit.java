package app.geminal.schedule;

/** What a schedule can break. */
public enum Limit {
  /** A stack or a block higher than it may be, mm. */
  TALLEST(true),
  /** A bar longer than swings in the shop, or enters the forge, mm. */
  LONGEST(true),
  /** More steel than a person holds, kg. */
  HEAVIEST(true),
  /** A piece shorter than can be ground, held and tacked, mm. */
  SHORTEST(false),
  /** Less left of the outer layer at a joint after grinding, mm. */
  OUTER_LAYER(false),
  /** Wider than door and chamber take, mm. */
  WIDE(true),
  /** Higher than door and chamber take, mm. */
  HIGH(true),
  /**
   * More of the finished height in sheets over four times as thick as the layers round them, %: the
   * eye gets a few broad bands in grey.
   */
  COARSE(true),
  /**
   * Layers thinner than nickel keeps its contrast in, mm; what is ground off an outer layer is
   * {@link #OUTER_LAYER}'s.
   */
  FINEST(false),
  /** More force than the press gives over its narrowest die, kN. */
  FORCE(true),
  /** The bar ends up shorter than wanted, mm. */
  LENGTH(false);

  private final boolean most;

  Limit(boolean most) {
    this.most = most;
  }

  /** Whether it is broken from above. */
  public boolean isMost() {
    return most;
  }

  /** How far a value is over the limit, fraction of it; 0 or less is within. */
  public double excess(double value, double limit) {
    double over = most ? value - limit : limit - value;
    return over / Math.max(Math.abs(limit), 1e-9);
  }

  /**
   * Where it would have to stand to let a value through, on the side that does: to the tenth, the
   * finest layer to the thousandth.
   */
  public double letting(double value) {
    double steps = this == FINEST ? 1000 : 10;
    return most ? Math.ceil(value * steps) / steps : Math.max(0, Math.floor(value * steps) / steps);
  }

  /** Worse than anything. */
  public double farthest() {
    return most ? Double.MAX_VALUE : -Double.MAX_VALUE;
  }

  /** Of two values the one that breaks it less. */
  public double nearer(double first, double second) {
    return most ? Math.min(first, second) : Math.max(first, second);
  }
}
