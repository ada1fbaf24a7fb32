package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.geometry.SkinOff;
import app.geminal.layup.Stack;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.text.Worded;
import app.geminal.units.Quantity;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * One blade ground from each bar, out of its middle. What is outside its box is booked as trim
 * along the length and grinding elsewhere; inside it bevels, taper and point go as grinding.
 *
 * @param profile outline of the blade
 * @param lengthMm with its tang; above 0, to 3000
 * @param widthMm edge to spine; above 0, to 1000
 * @param spineMm thickness at the spine; above 0, to 100
 * @param edgeMm thickness left at the edge; 0 to the spine's
 * @param bevelMm from the edge up the face; above 0, to the width
 * @param taper thickness lost from heel to point, fraction; 0 to 0.9
 * @param tangMm part of the length that the handle hides; 0 to the length
 */
public record Blade(
    Profile profile,
    double lengthMm,
    double widthMm,
    double spineMm,
    double edgeMm,
    double bevelMm,
    double taper,
    double tangMm)
    implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<Blade> KIND =
      OperationKind.of(
          new StepName("blade", StepName.At.BENCH, 'k'),
          Blade.class,
          ShorthandText.AFTER_BLADE,
          (bars, shop) ->
              new Blade(
                  Profile.DROP,
                  Math.floor(bars.lengthMm()),
                  Math.floor(bars.widthMm()),
                  FirstGuess.mm(Math.max(0.5, bars.heightMm() - 2 * shop.finishGrindMm() - 0.5)),
                  0.3,
                  Math.floor(bars.widthMm()) * 0.8,
                  0.3,
                  Math.floor(bars.lengthMm() / 3)),
          OperationField.of(
              "profile",
              FieldType.choice(Blade.Profile.class),
              Said.byChoice().usually(Profile.DROP).always()),
          OperationField.of(
              "lengthMm",
              FieldType.lengthAboveZero(Stack.LONGEST_MM),
              Said.alone().ifMissing(ShorthandText.WRITE_BLADE_SIZE)),
          OperationField.of("widthMm", FieldType.lengthAboveZero(Stack.WIDEST_MM), Said.by()),
          OperationField.of("spineMm", FieldType.lengthAboveZero(100), Said.by()),
          OperationField.of("edgeMm", FieldType.length(100), Said.after("edge").usually(0.0)),
          OperationField.of(
              "bevelMm",
              FieldType.lengthAboveZero(Stack.WIDEST_MM),
              Said.after("bevel").usuallyAs("widthMm")),
          OperationField.of("taper", FieldType.share(0.9), Said.after("taper").usually(0.0)),
          OperationField.of(
              "tangMm", FieldType.length(Stack.LONGEST_MM), Said.after("tang").usually(0.0)));

  /** A tang is taken as half as wide as the blade. */
  private static final double TANG_SHARE = 0.5;

  /** Outline of a blade, by how much of its box it fills before the bevels; rough. */
  public enum Profile implements Worded {
    /** Spine falls to a straight edge. */
    SHEEPSFOOT("sheepsfoot", 0.95),
    /** Spine drops a little to the point. */
    DROP("drop", 0.9),
    /** Pointed evenly from both sides. */
    SPEAR("spear", 0.85);

    private final String word;
    private final double share;

    Profile(String word, double share) {
      this.word = word;
      this.share = share;
    }

    @Override
    public String word() {
      return word;
    }
  }

  /** Checks every field. */
  public Blade {
    KIND.check(profile, lengthMm, widthMm, spineMm, edgeMm, bevelMm, taper, tangMm);
    Require.lengthUpTo("edgeMm", edgeMm, spineMm);
    Require.lengthAbove("bevelMm", bevelMm, 0, widthMm);
    Require.lengthUpTo("tangMm", tangMm, lengthMm);
    if (tangMm == lengthMm) {
      throw new InvalidValue("tangMm", OperationText.TANG_IS_AS_LONG_AS_WHOLE.with());
    }
  }

  /** Between the ground face and the middle plane, degrees. */
  public double bevelDeg() {
    return Math.toDegrees(Math.atan((spineMm - edgeMm) / 2 / bevelMm));
  }

  /** Part of the box of length, width and spine that is steel. */
  double boxShare() {
    double bevelled = bevelMm / widthMm;
    double section = 1 - bevelled * (spineMm - edgeMm) / 2 / spineMm;
    double blade = section * (1 - taper / 2) * profile.share;
    double tang = tangMm / lengthMm;
    return tang * TANG_SHARE + (1 - tang) * blade;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    if (isMissing(lengthMm, bars.lengthMm())) {
      return smaller("lengthMm", OperationText.BLADE_TOO_LONG, lengthMm, bars.lengthMm());
    }
    if (isMissing(widthMm, bars.widthMm())) {
      return smaller("widthMm", OperationText.BLADE_TOO_WIDE, widthMm, bars.widthMm());
    }
    if (isMissing(spineMm, bars.heightMm())) {
      return smaller("spineMm", OperationText.BLADE_TOO_HIGH, spineMm, bars.heightMm());
    }
    double sides = Math.max(0, bars.widthMm() - widthMm) / 2;
    double faces = Math.max(0, bars.heightMm() - spineMm) / 2;
    Done cut =
        Done.of(bars)
            .losing(LossKind.TRIM, SkinOff.ends(bars, 0, Math.max(0, bars.lengthMm() - lengthMm)));
    double up = faces * bars.fill();
    Done flat = cut.then(SkinOff.sides(cut.bars(), sides, up, up));
    Bars blade = flat.bars().withForm(Form.BLADE, boxShare());
    return flat.with(blade)
        .withLosses(new Loss(LossKind.GRINDING, cut.bars().amount().minus(blade.amount())));
  }

  private static boolean isMissing(double wanted, double there) {
    return wanted > there + 1e-9;
  }

  private static Impossible smaller(String field, OperationText how, double wanted, double there) {
    return new Impossible(
        field,
        how.with("blade", Quantity.mm(wanted), "bar", Quantity.mm(there)),
        OperationText.MAKE_BLADE_SMALLER_OR_BAR_LARGER.with());
  }
}
