package app.geminal.finding;

import app.geminal.operation.SetWeld;
import app.geminal.shop.Lining;
import app.geminal.weld.Jacket;
import app.geminal.weld.OxygenSchool;
import java.util.ArrayList;
import java.util.List;

/** Checks of the way oxygen is kept out. */
final class OxygenChecks {
  private OxygenChecks() {}

  static List<Finding> of(At at, SetWeld weld) {
    List<Finding> found = new ArrayList<>();
    boolean flux = weld.school() == OxygenSchool.BORAX || weld.school() == OxygenSchool.BOTH;
    boolean fuel = weld.school() == OxygenSchool.DRY || weld.school() == OxygenSchool.BOTH;
    if (flux && at.shop().forge().lining() == Lining.FIBRE) {
      found.add(
          Finding.of("flux-on-fibre", Strength.WORTH_KNOWING, at.stage())
              .what("Borax eats a fibre lining.")
              .why(
                  "The chamber has a fibre floor; flux goes through it in hours, and the fibres that come loose are not for breathing.")
              .instead("Weld dry", weld.withSchool(OxygenSchool.DRY))
              .mend("Lay a hard floor, a high-alumina tile or castable, or weld dry or sealed."));
    }
    if (flux && !at.before().loose()) {
      found.add(
          Finding.of("flux-needless", Strength.WORTH_KNOWING, at.stage())
              .what("Flux on a joint that is solid.")
              .why("The joints are set before this step; flux only runs off and eats the floor.")
              .instead("Leave the flux off", weld.withSchool(OxygenSchool.DRY))
              .mend("Stop fluxing once the joint is solid."));
    }
    if (weld.isSealed() && weld.jacket() == Jacket.CLOSED) {
      found.add(
          Finding.of("can-without-vent", Strength.AT_RISK, at.stage())
              .hazard()
              .what("A tight can can burst.")
              .why(
                  "Shut gas reaches 5 bar at welding heat by itself, a gram of water in half a litre 14 bar, and hot sheet holds little.")
              .instead("Give it a vent", weld.withJacket(Jacket.VENTED))
              .mend(
                  "Leave a vent of 2 to 3 mm, nothing wet or oily inside, and stand clear while it heats."));
    }
    if (fuel && at.before().loose()) {
      found.add(
          Finding.of("fuel-flare", Strength.WORTH_KNOWING, at.stage())
              .hazard()
              .what("Fuel-soaked steel flares as it goes in.")
              .why("Vapour lights at once in a lit forge and comes out of the door.")
              .mend(
                  "Soak it cold, drain it, keep the lidded tub far from the fire, stand aside. No petrol, no thinners."));
    }
    if (!weld.isSealed() && at.before().loose() && !at.shop().forge().airControl()) {
      found.add(
          Finding.of("air-hungry-burner", Strength.AT_RISK, at.stage())
              .what("The burners cannot be run rich.")
              .why(
                  "Burners that draw more air than they burn oxidise the seams of an open stack before they close.")
              .instead("Seal the stack", weld.withSchool(OxygenSchool.SEALED))
              .mend(
                  "Choke the air until a tongue of flame stands out of the door, or weld sealed."));
    }
    return found;
  }
}
