package app.geminal.cli;

import app.geminal.ripping.Ripping;
import java.util.List;

/**
 * A ripped plate as JSON; see docs/formats/ripping.md.
 *
 * @param cut pieces in the order they come off
 * @param missing what the plate has no room for
 * @param usedShare part of what can be used of the plate that is in the pieces
 * @param boundShare no way can use more than that
 * @param proven whether no way uses more than this one
 * @param cuts of the saw, in order
 * @param remainders what is left whole
 */
record RipJson(
    List<PieceJson> cut,
    List<MissingJson> missing,
    double usedShare,
    double boundShare,
    boolean proven,
    List<CutJson> cuts,
    List<RemainderJson> remainders) {
  private static final double TEN_THOUSAND = 10_000;

  /** A piece; {@code xMm} across the width of the plate, {@code yMm} along its length. */
  record PieceJson(double xMm, double yMm, double widthMm, double lengthMm, boolean turned) {}

  /** Equal pieces that are missing. */
  record MissingJson(int count, double widthMm, double lengthMm) {}

  /**
   * A cut.
   *
   * @param along whether it runs along the length of the plate
   * @param atMm where its kerf begins
   */
  record CutJson(boolean along, double atMm, double fromMm, double toMm) {}

  /** What is left whole. */
  record RemainderJson(double xMm, double yMm, double widthMm, double lengthMm) {}

  static RipJson of(Ripping ripped) {
    return new RipJson(
        ripped.cut().stream()
            .map(p -> new PieceJson(p.xMm(), p.yMm(), p.widthMm(), p.lengthMm(), p.isTurned()))
            .toList(),
        ripped.missing().stream()
            .map(m -> new MissingJson(m.count(), m.widthMm(), m.lengthMm()))
            .toList(),
        share(ripped.usedShare()),
        share(ripped.boundShare()),
        ripped.isProven(),
        ripped.cuts().stream()
            .map(c -> new CutJson(c.isAlong(), c.atMm(), c.fromMm(), c.toMm()))
            .toList(),
        ripped.remainders().stream()
            .map(r -> new RemainderJson(r.xMm(), r.yMm(), r.widthMm(), r.lengthMm()))
            .toList());
  }

  private static double share(double of) {
    return Math.rint(of * TEN_THOUSAND) / TEN_THOUSAND;
  }
}
