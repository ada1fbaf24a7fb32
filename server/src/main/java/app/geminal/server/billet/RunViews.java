package app.geminal.server.billet;

import app.geminal.billet.Origin;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.finding.PlanAlerts;
import app.geminal.finding.ShopKnowledge;
import app.geminal.notation.Shorthand;
import app.geminal.server.account.Accounts;
import app.geminal.server.book.BookService;
import app.geminal.server.note.HiddenNotes;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Works plans through for the screen, in the units of the person who asks. */
@Component
class RunViews {
  private final SteelShelf shelf;
  private final ShopService shops;
  private final Accounts accounts;
  private final BookService book;
  private final SetAsideBars aside;
  private final HiddenNotes notes;

  RunViews(
      SteelShelf shelf,
      ShopService shops,
      Accounts accounts,
      BookService book,
      SetAsideBars aside,
      HiddenNotes notes) {
    this.shelf = shelf;
    this.shops = shops;
    this.accounts = accounts;
    this.book = book;
    this.aside = aside;
    this.notes = notes;
  }

  /** A plan that is no stored billet's. */
  RunView of(Plan plan, Principal who) {
    return of(plan, 0, who);
  }

  /**
   * The plan of a billet.
   *
   * @param billetId its number, 0 for none: what the billet itself took of bars set aside elsewhere
   *     does not count against it
   */
  RunView of(Plan plan, long billetId, Principal who) {
    Shop shop = shops.shop();
    Steels steels = shelf.steels();
    String line = Shorthand.show(plan, accounts.units(who.getName()).system(), shop.defaults());
    Set<ShopKnowledge.Welded> welded = book.welded();
    Map<Origin, Integer> free = aside.free(origins(plan), billetId);
    Run run = Run.of(plan, steels, shop.defaults());
    ShopKnowledge known = new ShopKnowledge(welded, !welded.isEmpty(), free);
    return RunView.of(
        run,
        line,
        PlanAlerts.of(run, steels, shop, known),
        steels,
        shop,
        new RunView.Shown(book.sayings(), notes.hidden(billetId)));
  }

  static List<Origin> origins(Plan plan) {
    return plan.parts().stream()
        .flatMap(p ->
            p.origin() == null
                ? origins(p.plan()).stream()
                : java.util.stream.Stream.of(p.origin()))
        .toList();
  }
}
