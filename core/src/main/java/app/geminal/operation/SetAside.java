package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import app.geminal.geometry.Parted;
import app.geminal.geometry.Renumbered;
import app.geminal.layup.Stack;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Quantity;
import app.geminal.validation.InvalidValue;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Bars that leave the Run and stand on the Rack with their history, for another billet: some of the
 * bars at hand, or a length sawn off each.
 *
 * @param pieces how many bars are set aside, or 0 where a length is; to 10 000
 * @param lengthMm sawn off the back end of each bar, or 0 where whole bars go; to 3000
 * @param kerfMm width of that saw cut; 0 to 20
 * @param which of the bars go, counted from 1, as many as {@code pieces}; empty for the last ones
 */
public record SetAside(int pieces, double lengthMm, double kerfMm, List<Integer> which)
    implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<SetAside> KIND =
      OperationKind.of(
          new StepName("aside", StepName.At.BENCH, 'a'),
          SetAside.class,
          ShorthandText.AFTER_ASIDE,
          (bars, shop) ->
              bars.count() > 1
                  ? bars(1)
                  : length(FirstGuess.mm(bars.lengthMm() / 4), shop.kerfMm()),
          OperationField.of(
              "pieces",
              FieldType.count(0, FieldType.BarNumbers.MOST_BARS),
              Said.alone()
                  .usuallyBy(SetAside::impliedPieces)
                  .ifMissing(ShorthandText.WRITE_BARS_ASIDE)),
          OperationField.of(
              "lengthMm", FieldType.length(Stack.LONGEST_MM), Said.after("length").usually(0.0)),
          OperationField.of(
              "kerfMm", FieldType.length(20), Said.after("kerf").usuallyBy(SetAside::impliedKerf)),
          OperationField.of("which", FieldType.bars(0, 60), Said.after("bars").usually(List.of())));

  /** As many as are named, or none where a length is. */
  private static Usual.Value impliedPieces(ShopDefaults shop, Map<String, @Nullable Object> said) {
    int named = said.get("which") instanceof List<?> which ? which.size() : 0;
    return named > 0 || isLength(said) ? Usual.Value.of(named) : Usual.Value.MUST_BE_SAID;
  }

  private static Usual.Value impliedKerf(ShopDefaults shop, Map<String, @Nullable Object> said) {
    return Usual.Value.of(isLength(said) ? shop.kerfMm() : 0.0);
  }

  private static boolean isLength(Map<String, @Nullable Object> said) {
    return said.get("lengthMm") instanceof Double mm && mm > 0;
  }

  /** Checks every field; either pieces or a length. Which ones may be missing. */
  public SetAside(int pieces, double lengthMm, double kerfMm, @Nullable List<Integer> which) {
    List<Integer> named = Objects.requireNonNullElse(which, List.of());
    KIND.check(pieces, lengthMm, kerfMm, named);
    if ((pieces > 0) == (lengthMm > 0)) {
      throw new InvalidValue("pieces", OperationText.ASIDE_BARS_OR_LENGTH.with());
    }
    this.pieces = pieces;
    this.lengthMm = lengthMm;
    this.kerfMm = kerfMm;
    this.which = List.copyOf(named);
    if (!this.which.isEmpty() && this.which.size() != pieces) {
      throw new InvalidValue(
          "which",
          OperationText.ASIDE_NAMED_OTHERWISE.with("named", this.which.size(), "aside", pieces));
    }
  }

  /** A length of each bar. */
  public static SetAside length(double lengthMm, double kerfMm) {
    return new SetAside(0, lengthMm, kerfMm, List.of());
  }

  /** Whole bars. */
  public static SetAside bars(int pieces) {
    return new SetAside(pieces, 0, 0, List.of());
  }

  /** These bars, counted from 1. */
  public static SetAside these(List<Integer> which) {
    return new SetAside(which.size(), 0, 0, which);
  }

  /** Where bars of so many come from, in the order they are numbered afterwards; counted from 0. */
  public List<Integer> order(int count) {
    return BarSelection.order(which, count);
  }

  @Override
  public boolean needsSquare() {
    return false;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    return pieces > 0 ? wholeBars(bars) : lengths(bars);
  }

  private OperationResult wholeBars(Bars bars) {
    if (pieces > bars.count()) {
      return new Impossible(
          "pieces",
          OperationText.ASIDE_TOO_MANY.with("aside", pieces, "bars", bars.count()),
          OperationText.SET_ASIDE_FEWER_OR_CUT_MORE.with());
    }
    var missing = BarSelection.missing("which", which, bars);
    if (missing.isPresent()) {
      return missing.get();
    }
    return Done.of(bars)
        .then(new Renumbered(order(bars.count()), bars.count() - pieces, true, Size.of(bars)))
        .withAside(bars.times(pieces));
  }

  private OperationResult lengths(Bars bars) {
    double left = bars.lengthMm() - lengthMm - kerfMm;
    if (left <= 0) {
      return new Impossible(
          "lengthMm",
          OperationText.ASIDE_LEAVES_NOTHING.with(
              "length", Quantity.mm(bars.lengthMm()), "aside", Quantity.mm(lengthMm + kerfMm)),
          OperationText.SET_ASIDE_LESS.with());
    }
    Size size = Size.of(bars);
    Done parted =
        Done.of(bars)
            .then(new Parted(new Size(left, size.width(), size.height()), kerfMm, lengthMm));
    Bars goes = bars.withLength(lengthMm);
    return parted
        .withLosses(
            new Loss(
                LossKind.KERF, bars.amount().minus(parted.bars().amount()).minus(goes.amount())))
        .withAside(goes);
  }

  @Override
  public boolean needsSolidBars() {
    return false;
  }
}
