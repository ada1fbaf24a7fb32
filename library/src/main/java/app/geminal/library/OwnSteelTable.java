package app.geminal.library;

/** A shop's own steels as CSV. */
public final class OwnSteelTable {
  private OwnSteelTable() {}
}
