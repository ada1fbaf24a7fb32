package app.geminal.server.steel;

import app.geminal.library.OwnSteelTable.Fault;
import app.geminal.units.Text;
import java.util.List;

/** A table with faults; nothing of it was taken. */
public final class SteelTableFaults extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient List<Fault> faults;

  SteelTableFaults(List<Fault> faults) {
    super(Text.of("The table has %d fault%s.", faults.size(), faults.size() == 1 ? "" : "s"));
    this.faults = List.copyOf(faults);
  }

  /** Every one of them. */
  public List<Fault> faults() {
    return faults;
  }
}
