package app.geminal.server.steel;

import app.geminal.library.OwnSteelTable.Fault;
import app.geminal.text.Message;
import java.util.List;

/** A table with faults; nothing of it was taken. */
public final class SteelTableFaults extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient List<Fault> faults;

  SteelTableFaults(List<Fault> faults) {
    super(words(faults.size()).marked());
    this.faults = List.copyOf(faults);
  }

  private static Message words(int faults) {
    return SteelText.TABLE_HAS_FAULTS.with("faults", faults);
  }

  Message words() {
    return words(faults.size());
  }

  /** Every one of them. */
  public List<Fault> faults() {
    return faults;
  }
}
