package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.SetWeld;
import app.geminal.shop.FacePrep;
import app.geminal.shop.Limits;
import app.geminal.shop.Shop;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.weld.Tack;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Checks of the dry stack: how its pieces will behave until they are set. */
final class StackChecks {
  private StackChecks() {}

  static List<Finding> of(Run run, Shop shop) {
    Stack stack = run.plan().stack();
    if (stack.pieces().size() < 2) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    found.addAll(differing(stack, "wide", Stack::widthMm, p -> p.widthIn(stack.widthMm()), shop));
    found.addAll(
        differing(stack, "long", Stack::lengthMm, p -> p.lengthIn(stack.lengthMm()), shop));
    firstWeld(run)
        .ifPresent(stage -> {
          SetWeld weld = (SetWeld) run.stages().get(stage).step().orElseThrow().operation();
          found.addAll(outerPieces(stage, weld, stack, shop.limits()));
          found.addAll(longStack(stage, weld, stack, shop.limits()));
          found.addAll(faces(stage, shop));
        });
    return found;
  }

  /** The stage of the weld that sets the stack itself, before anything else is laid to it. */
  private static Optional<Integer> firstWeld(Run run) {
    for (int i = 1; i < run.stages().size(); i++) {
      Stage stage = run.stages().get(i);
      if (stage.joints() > 0) {
        return Optional.empty();
      }
      if (!stage.isOff() && stage.step().map(Step::operation).orElseThrow() instanceof SetWeld) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  private static List<Finding> differing(
      Stack stack,
      String how,
      ToDoubleFunction<Stack> own,
      ToDoubleFunction<Piece> size,
      Shop shop) {
    double most = stack.pieces().stream().mapToDouble(size).max().orElseThrow();
    double least = stack.pieces().stream().mapToDouble(size).min().orElseThrow();
    double limit = shop.limits().sizesDifferMm();
    if (most - least <= limit + 1e-9) {
      return List.of();
    }
    double even = Math.min(own.applyAsDouble(stack), least);
    List<Piece> cut =
        stack.pieces().stream()
            .map(p ->
                how.equals("wide")
                    ? new Piece(p.steel(), p.thicknessMm(), 0, p.lengthMm(), p.fill())
                    : new Piece(p.steel(), p.thicknessMm(), p.widthMm(), 0, p.fill()))
            .toList();
    Stack evened =
        how.equals("wide")
            ? new Stack(cut, even, stack.lengthMm())
            : new Stack(cut, stack.widthMm(), even);
    return List.of(
        Finding.of("widths-differ", Strength.AT_RISK, 0)
            .against(most - least, limit)
            .what("The pieces are not equally %s.", how)
            .why(
                "From %s to %s; more than %s apart leaves cold shuts along the edge.",
                Measure.mm(least), Measure.mm(most), Measure.mm(limit))
            .restacked("Cut all to " + Measure.mm(even), evened)
            .mend("Cut or grind them all to %s.", Measure.mm(even)));
  }

  private static List<Finding> outerPieces(int stage, SetWeld weld, Stack stack, Limits limits) {
    if (weld.tack() != Tack.ENDS) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    int last = stack.pieces().size() - 1;
    outer(stage, weld, stack.pieces().get(0), stack.pieces().get(1), 1, limits)
        .ifPresent(found::add);
    outer(stage, weld, stack.pieces().get(last), stack.pieces().get(last - 1), last + 1, limits)
        .ifPresent(found::add);
    return found;
  }

  private static Optional<Finding> outer(
      int stage, SetWeld weld, Piece outer, Piece neighbour, int number, Limits limits) {
    boolean thin = outer.thicknessMm() < limits.outerPieceMm();
    if (!thin && outer.thicknessMm() >= neighbour.thicknessMm()) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of("outer-piece-thin", Strength.AT_RISK, stage)
            .about("piece " + number)
            .against(outer.thicknessMm(), thin ? limits.outerPieceMm() : neighbour.thicknessMm())
            .what("The outer piece is thin, and only its ends are tacked.")
            .why(
                "%s of %s on %s of %s: it heats first, bows off and scales underneath.",
                Measure.mm(outer.thicknessMm()),
                outer.steel(),
                Measure.mm(neighbour.thicknessMm()),
                neighbour.steel())
            .instead("Tack the sides too", weld.withTack(Tack.SIDES))
            .mend("Put a thicker piece outside, or a bead on each side, ground flush."));
  }

  private static List<Finding> longStack(int stage, SetWeld weld, Stack stack, Limits limits) {
    double thinnest = stack.pieces().stream().mapToDouble(Piece::thicknessMm).min().orElseThrow();
    boolean bowing = stack.lengthMm() > limits.longStackMm() && thinnest < limits.outerPieceMm();
    boolean proud = weld.tack() == Tack.SIDES_PROUD;
    if (!bowing || weld.tack() == Tack.SIDES) {
      return List.of();
    }
    return List.of(
        Finding.of("long-stack-no-side-bead", Strength.AT_RISK, stage)
            .against(stack.lengthMm(), limits.longStackMm())
            .what(proud ? "The bead stands proud." : "Long thin pieces, and no bead on the sides.")
            .why(
                proud
                    ? "Weld metal that is not ground flush is pressed into the joints."
                    : Text.of(
                        "Past %s pieces of %s bow between the end welds.",
                        Measure.mm(limits.longStackMm()), Measure.mm(thinnest)))
            .instead("Bead, ground flush", weld.withTack(Tack.SIDES))
            .mend("One bead on each side half-way along, ground flush before the fire."));
  }

  private static List<Finding> faces(int stage, Shop shop) {
    List<Finding> found = new ArrayList<>();
    FacePrep faces = shop.practice().faces();
    if (faces != FacePrep.GROUND) {
      boolean rust = faces == FacePrep.AS_FOUND;
      found.add(
          Finding.of("face-not-ground", rust ? Strength.WILL_FAIL : Strength.AT_RISK, stage)
              .about("joint faces")
              .what(rust ? "Rust in the joints." : "Mill scale in the joints.")
              .why(
                  rust
                      ? "By the shop's habits pieces are laid together as found; rust does not weld."
                      : "By the shop's habits clean mill scale is left on. A minority does so; scale does not weld by itself.")
              .mend("Grind every joint face bright, about 120 grit; the worst faces outside."));
    }
    if (!shop.practice().degreases()) {
      found.add(
          Finding.of("not-degreased", Strength.WORTH_KNOWING, stage)
              .about("joint faces")
              .what("The faces are not degreased.")
              .why(
                  "By the shop's habits joint faces go together uncleaned or wait overnight; grease chars and bright steel rusts.")
              .mend("Wipe with solvent, keep dry, close the stack the same day."));
    }
    return found;
  }
}
