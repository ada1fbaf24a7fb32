package app.geminal.server.billet;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.finding.Limits;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Practice;
import app.geminal.server.account.Accounts;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.Steels;
import java.security.Principal;
import org.springframework.stereotype.Component;

/** Works plans through for the screen, in the units of whoever asks. */
@Component
class RunViews {
  private final SteelShelf shelf;
  private final Practice practice;
  private final Limits limits;
  private final Accounts accounts;

  RunViews(SteelShelf shelf, Practice practice, Limits limits, Accounts accounts) {
    this.shelf = shelf;
    this.practice = practice;
    this.limits = limits;
    this.accounts = accounts;
  }

  RunView of(Plan plan, Principal who) {
    String line = Shorthand.format(plan, accounts.units(who.getName()), practice);
    Steels steels = shelf.steels();
    return RunView.of(Run.of(plan, steels, practice), line, steels, limits);
  }
}
