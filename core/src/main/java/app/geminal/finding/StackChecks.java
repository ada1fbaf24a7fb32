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
import app.geminal.units.Quantity;
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
    found.addAll(differing(stack, true, Stack::widthMm, p -> p.widthIn(stack.widthMm()), shop));
    found.addAll(differing(stack, false, Stack::lengthMm, p -> p.lengthIn(stack.lengthMm()), shop));
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
      boolean wide,
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
                wide
                    ? new Piece(p.steel(), p.thicknessMm(), 0, p.lengthMm(), p.fill())
                    : new Piece(p.steel(), p.thicknessMm(), p.widthMm(), 0, p.fill()))
            .toList();
    Stack evened =
        wide ? new Stack(cut, even, stack.lengthMm()) : new Stack(cut, stack.widthMm(), even);
    return List.of(
        Finding.of(FindingKind.PIECE_SIZES_DIFFER, Severity.WARNING, 0)
            .against(most - least, limit)
            .figures(
                "size", wide ? "WIDTH" : "LENGTH",
                "least", Quantity.mm(least),
                "most", Quantity.mm(most),
                "limit", Quantity.mm(limit),
                "even", Quantity.mm(even))
            .restacked(evened)
            .found());
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
        Finding.of(FindingKind.OUTER_PIECE_THIN, Severity.WARNING, stage)
            .about("piece " + number)
            .against(outer.thicknessMm(), thin ? limits.outerPieceMm() : neighbour.thicknessMm())
            .figures(
                "piece", number,
                "outer", Quantity.mm(outer.thicknessMm()),
                "outerSteel", outer.steel(),
                "inner", Quantity.mm(neighbour.thicknessMm()),
                "innerSteel", neighbour.steel())
            .instead(weld.withTack(Tack.SIDES))
            .found());
  }

  private static List<Finding> longStack(int stage, SetWeld weld, Stack stack, Limits limits) {
    double thinnest = stack.pieces().stream().mapToDouble(Piece::thicknessMm).min().orElseThrow();
    boolean bowing = stack.lengthMm() > limits.longStackMm() && thinnest < limits.outerPieceMm();
    boolean proud = weld.tack() == Tack.SIDES_PROUD;
    if (!bowing || weld.tack() == Tack.SIDES) {
      return List.of();
    }
    return List.of(
        Finding.of(FindingKind.LONG_STACK, Severity.WARNING, stage)
            .against(stack.lengthMm(), limits.longStackMm())
            .figures(
                "proud", proud,
                "limit", Quantity.mm(limits.longStackMm()),
                "thinnest", Quantity.mm(thinnest))
            .instead(weld.withTack(Tack.SIDES))
            .found());
  }

  private static List<Finding> faces(int stage, Shop shop) {
    List<Finding> found = new ArrayList<>();
    FacePrep faces = shop.defaults().faces();
    if (faces != FacePrep.GROUND) {
      boolean rust = faces == FacePrep.AS_FOUND;
      found.add(
          Finding.of(FindingKind.FACE_UNPREPARED, rust ? Severity.ERROR : Severity.WARNING, stage)
              .about("joint faces")
              .figures("faces", faces)
              .found());
    }
    if (!shop.defaults().degreases()) {
      found.add(
          Finding.of(FindingKind.FACE_NOT_DEGREASED, Severity.NOTE, stage)
              .about("joint faces")
              .found());
    }
    return found;
  }
}
