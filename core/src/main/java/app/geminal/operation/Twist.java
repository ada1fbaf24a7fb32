package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.geometry.DiscTurn;
import app.geminal.geometry.Turning;
import app.geminal.geometry.Twisted;
import app.geminal.text.Worded;
import app.geminal.units.Quantity;

/**
 * Twisting round the length and forging square again. The section keeps its area less scale and
 * comes out square, the length stays. Layers are counted on a line through the axis where they
 * stand level.
 *
 * @param turns over the whole length; 0.05 to 200
 * @param sections the length is twisted in, each held and counted on its own; 1 to 50
 * @param hand which way it turns
 * @param rounded whether the bar is forged round first, so that corners do not fold in
 * @param heats 1 to 60; each costs scale at the shop's drawing heat
 */
public record Twist(double turns, int sections, Hand hand, boolean rounded, int heats)
    implements Heated {
  /** Fewer turns than this are no twist. */
  public static final double FEWEST_TURNS = 0.05;

  /** What it is called, and its fields. */
  public static final OperationKind<Twist> KIND =
      OperationKind.of(
          new StepName("twist", StepName.At.FORGE, 'x'),
          Twist.class,
          ShorthandText.AFTER_TWIST,
          (bars, _) ->
              new Twist(
                  Math.max(1, Math.floor(bars.lengthMm() / (6 * FirstGuess.thin(bars)))),
                  1,
                  Hand.RIGHT,
                  true,
                  3),
          OperationField.of(
                  "turns",
                  FieldType.number(FEWEST_TURNS, 200),
                  Said.alone("turn").ifMissing(ShorthandText.WRITE_TURNS))
              .shown(OperationField.Shows.BY_REPEAT),
          OperationField.of("sections", FieldType.count(1, 50), Said.before("section").usually(1)),
          OperationField.of(
              "hand", FieldType.choice(Twist.Hand.class), Said.byChoice().usually(Hand.RIGHT)),
          OperationField.of("rounded", FieldType.yesNo(), Said.noBy("square")).otherwise(false),
          OperationField.of("heats", FieldType.heats(), Said.before("heat").usually(1).always()));

  private static final double FLATTEST = 1.5;

  /** Which way a bar is twisted. */
  public enum Hand implements Worded {
    RIGHT("right"),
    LEFT("left"),
    /** One section right, the next left. */
    BOTH("both");

    private final String word;

    Hand(String word) {
      this.word = word;
    }

    @Override
    public String word() {
      return word;
    }
  }

  /** Checks every field. */
  public Twist {
    KIND.check(turns, sections, hand, rounded, heats);
  }

  @Override
  public boolean needsSquare() {
    return false;
  }

  @Override
  public boolean wantsTwoPeople() {
    return true;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    double wide = Math.max(bars.widthMm(), bars.heightMm());
    double thin = Math.min(bars.widthMm(), bars.heightMm());
    if (wide > FLATTEST * thin) {
      return new Impossible(
          "turns",
          OperationText.TOO_FLAT_TO_TWIST.with(
              "width", Quantity.mm(bars.widthMm()), "height", Quantity.mm(bars.heightMm())),
          OperationText.DRAW_IT_SQUARE_FIRST.with());
    }
    return ScaleLoss.inHeats(
        this,
        bars,
        bench.defaults(),
        scaled -> {
          Section from = scaled.bars().section();
          double side = Math.sqrt(from.widthMm() * from.heightMm() * scaled.bars().boxShare());
          double length = scaled.bars().lengthAsMm(side, side);
          return scaled
              .then(DiscTurn.toSection(scaled.bars(), side, side, turning(length)))
              .with(Done.MOVED);
        });
  }

  private Turning turning(double lengthMm) {
    double perMm = 2 * Math.PI * turns / lengthMm;
    return switch (hand) {
      case RIGHT -> new Twisted(perMm, 0);
      case LEFT -> new Twisted(-perMm, 0);
      case BOTH -> new Twisted(perMm, lengthMm / sections);
    };
  }

  /**
   * Shear at the surface, γ = 2π·r·n/L: r is half the diagonal of a square that was not rounded.
   * Evenly twisted; an uneven heat makes it locally twice as much.
   */
  public double shear(Bars bars) {
    double area = bars.widthMm() * bars.section().heightMm() * bars.boxShare();
    double radius = rounded ? Math.sqrt(area / Math.PI) : Math.sqrt(area / 2);
    return 2 * Math.PI * radius * turns / bars.lengthMm();
  }

  /** The same twist, the bar forged round first. */
  public Twist rounding() {
    return new Twist(turns, sections, hand, true, heats);
  }

  /** The same twist in fewer or more turns. */
  public Twist withTurns(double newTurns) {
    return new Twist(newTurns, sections, hand, rounded, heats);
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }

  @Override
  public boolean isHeldOverCorners() {
    return true;
  }
}
