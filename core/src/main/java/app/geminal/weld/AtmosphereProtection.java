package app.geminal.weld;

import app.geminal.text.Message;
import app.geminal.text.Worded;
import app.geminal.units.Quantity;

/** The ways of keeping oxygen out of a joint. All four are in real use. */
public enum AtmosphereProtection implements Worded {
  /** Open with borax on the seams. */
  BORAX("borax"),
  /** Soaked in fuel before the first heat, no flux after. */
  DRY("dry"),
  /** Fuel for the first entry, borax at the setting heats. */
  BOTH("both"),
  /** A jacket or a bead round every seam. */
  SEALED("sealed");

  private static final int LAST_FLUXED_HEAT = 2;

  private final String word;

  AtmosphereProtection(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }

  /** Whether flux is applied in a setting heat, from 1; once it is solid it only eats the floor. */
  public boolean isFluxedIn(int heat) {
    return switch (this) {
      case BORAX -> heat <= LAST_FLUXED_HEAT;
      case BOTH -> heat == LAST_FLUXED_HEAT;
      case DRY, SEALED -> false;
    };
  }

  /** Where it can hurt people. */
  public Message caution() {
    return WeldText.PROTECTION_CAUTION.with(
        "protection", this, "ventFrom", Quantity.mm(2), "ventTo", Quantity.mm(3));
  }
}
