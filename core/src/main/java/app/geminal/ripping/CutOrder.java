package app.geminal.ripping;

import java.util.ArrayList;
import java.util.List;

/** The cuts that bring the pieces of a pattern out of a zone, in the order they are made. */
final class CutOrder {
  /** Narrower than this, what is left is scrap, mm. */
  private static final double USEFUL_MM = 10;

  private final List<WantedPiece> wanted;
  private final long kerf;
  private final List<Ripping.CutPiece> pieces = new ArrayList<>();
  private final List<Ripping.SawCut> cuts = new ArrayList<>();
  private final List<Ripping.Remainder> remainders = new ArrayList<>();

  CutOrder(List<WantedPiece> wanted, long kerf) {
    this.wanted = wanted;
    this.kerf = kerf;
  }

  List<Ripping.CutPiece> pieces() {
    return pieces;
  }

  List<Ripping.SawCut> cuts() {
    return cuts;
  }

  List<Ripping.Remainder> remainders() {
    return remainders;
  }

  /** The largest useful rectangle that is left of a zone beside a pattern, mm². */
  static double remainderMm2(Pattern pattern, Zone zone, long kerf) {
    return Math.max(
        largest(pattern, zone, kerf, /* alongFirst= */ true),
        largest(pattern, zone, kerf, /* alongFirst= */ false));
  }

  private static double largest(Pattern pattern, Zone zone, long kerf, boolean alongFirst) {
    double beside = zone.width() - pattern.width();
    double beyond = zone.length() - pattern.length();
    double length = alongFirst ? zone.length() : pattern.length() - (double) kerf;
    double width = alongFirst ? pattern.width() - (double) kerf : zone.width();
    return Math.max(useful(beside, length), useful(width, beyond));
  }

  private static double useful(double width, double length) {
    double least = Zone.units(USEFUL_MM);
    return width < least || length < least ? 0 : width * length / (Zone.PER_MM * Zone.PER_MM);
  }

  /** Cuts a pattern out of a zone. */
  void cut(Pattern pattern, Zone zone) {
    boolean alongFirst = largest(pattern, zone, kerf, true) >= largest(pattern, zone, kerf, false);
    cut(pattern, zone.x(), zone.y(), zone.width() + kerf, zone.length() + kerf, alongFirst);
  }

  /** Nothing is cut from a zone: all of it is left. */
  void leave(Zone zone) {
    remain(zone.x(), zone.y(), zone.width(), zone.length());
  }

  private void cut(Pattern p, long x, long y, long width, long length, boolean alongFirst) {
    if (alongFirst && width > p.width()) {
      alongTheLength(x + p.width() - kerf, y, length);
      remain(x + p.width(), y, width - p.width() - kerf, length - kerf);
      cut(p, x, y, p.width(), length, true);
    } else if (length > p.length()) {
      acrossTheWidth(y + p.length() - kerf, x, width);
      remain(x, y + p.length(), width - kerf, length - p.length() - kerf);
      cut(p, x, y, width, p.length(), true);
    } else if (width > p.width()) {
      cut(p, x, y, width, length, true);
    } else {
      divide(p, x, y);
    }
  }

  private void divide(Pattern p, long x, long y) {
    Pattern first = p.first();
    Pattern second = p.second();
    if (first == null || second == null) {
      WantedPiece piece = wanted.get(p.piece());
      double width = mm(p.width() - kerf);
      pieces.add(
          new Ripping.CutPiece(
              p.piece(),
              mm(x),
              mm(y),
              width,
              mm(p.length() - kerf),
              Math.abs(width - piece.widthMm()) > Math.abs(width - piece.lengthMm())));
    } else if (p.isAcross()) {
      alongTheLength(x + first.width() - kerf, y, p.length());
      cut(first, x, y, first.width(), p.length(), true);
      cut(second, x + first.width(), y, second.width(), p.length(), true);
    } else {
      acrossTheWidth(y + first.length() - kerf, x, p.width());
      cut(first, x, y, p.width(), first.length(), true);
      cut(second, x, y + first.length(), p.width(), second.length(), true);
    }
  }

  private void alongTheLength(long at, long from, long length) {
    cuts.add(new Ripping.SawCut(true, mm(at), mm(from), mm(from + length - kerf)));
  }

  private void acrossTheWidth(long at, long from, long width) {
    cuts.add(new Ripping.SawCut(false, mm(at), mm(from), mm(from + width - kerf)));
  }

  private void remain(long x, long y, long width, long length) {
    if (useful((double) width, (double) length) > 0) {
      remainders.add(new Ripping.Remainder(mm(x), mm(y), mm(width), mm(length)));
    }
  }

  private static double mm(long units) {
    return units / Zone.PER_MM;
  }
}
