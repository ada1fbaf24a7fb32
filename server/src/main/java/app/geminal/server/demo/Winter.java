package app.geminal.server.demo;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.flaw.Flaw;
import app.geminal.flaw.FlawKind;
import app.geminal.flaw.Inspection;
import app.geminal.flaw.InspectionMethod;
import app.geminal.flaw.LatestJoints;
import app.geminal.flaw.Spot;
import app.geminal.notation.Shorthand;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.server.billet.Billet;
import app.geminal.server.billet.BilletService;
import app.geminal.server.book.BookService;
import app.geminal.server.book.Entries;
import app.geminal.server.book.EntryBody;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.units.Text;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * What the demo's smithy did in the winter: coupons welded to try its ways of working, so that
 * there is something to learn from, and a look at the bar that opened.
 */
@Component
class Winter {
  private static final String COUPON =
      "5 (1084 1/8, 15N20 1/16) 1 x 2 1/2 > set 2 2150F > draw 1 x 1/8, 2 heats";
  private static final Instant FIRST = Instant.parse("2026-01-05T08:30:00Z");
  private static final Duration APART = Duration.ofHours(9);
  private static final double NEEDED_MIN = 7;
  private static final double WORKING_S = 6;

  /**
   * A coupon each: b or d for borax or dry; minutes of soak; seconds to the dies; heat, °C; then h
   * held, o open, s suspect.
   */
  private static final List<String> COUPONS =
      List.of(
          "b 9 4 1177 h",
          "d 9 4 1180 h",
          "b 5 4 1171 o",
          "d 5 5 1168 o",
          "b 8 5 1182 h",
          "d 8 4 1179 h",
          "b 8 4 1176 h",
          "d 9 5 1174 h",
          "b 10 4 1181 h",
          "d 6 5 1170 o",
          "b 9 8 1178 h",
          "d 9 9 1175 o",
          "b 8 4 1183 h",
          "d 8 4 1177 h",
          "b 6 5 1172 h",
          "d 8 4 1181 h",
          "b 9 4 1179 h",
          "d 10 5 1178 s",
          "b 8 4 1174 h",
          "d 9 4 1180 h",
          "b 9 5 1176 h",
          "d 5 4 1173 o",
          "b 5 4 1169 h",
          "d 8 5 1177 h",
          "b 8 4 1181 h",
          "d 9 4 1176 h",
          "b 10 7 1178 h",
          "d 9 4 1182 h",
          "b 8 4 1177 h",
          "d 8 4 1175 h",
          "b 9 4 1180 h",
          "d 9 5 1178 h",
          "b 8 5 1175 h",
          "d 6 8 1171 o",
          "b 9 4 1179 h",
          "d 8 4 1178 h");

  private final Accounts accounts;
  private final BilletService billets;
  private final BookService book;
  private final Entries entries;
  private final SteelShelf shelf;
  private final ShopService shops;

  Winter(
      Accounts accounts,
      BilletService billets,
      BookService book,
      Entries entries,
      SteelShelf shelf,
      ShopService shops) {
    this.accounts = accounts;
    this.billets = billets;
    this.book = book;
    this.entries = entries;
    this.shelf = shelf;
    this.shops = shops;
  }

  /** The coupons, on a billet of their own that is off the Rack. */
  void weldCoupons(String smith) {
    accounts.add("prentice", "Prentice", "mind-the-dies", Units.US, Rank.APPRENTICE);
    Plan plan = Shorthand.parse(COUPON, UnitSystem.INCH, shops.defaults());
    Billet billet = billets.start("Practice coupons, winter", "Welded to try a way", plan);
    String step = plan.setWelds().getFirst().path();
    for (int i = 0; i < COUPONS.size(); i++) {
      String[] said = COUPONS.get(i).split(" ", -1);
      WeldOutcome outcome =
          switch (said[4]) {
            case "h" -> WeldOutcome.HELD;
            case "o" -> WeldOutcome.OPEN;
            default -> WeldOutcome.SUSPECT;
          };
      WeldRecord weld =
          new WeldRecord(
              step,
              FIRST.plus(APART.multipliedBy(i)),
              Double.parseDouble(said[3]),
              said[0].equals("b") ? AtmosphereProtection.BORAX : AtmosphereProtection.DRY,
              outcome,
              Text.of("Coupon %d, drawn thin and bent.", i + 1));
      WeldConditions how =
          new WeldConditions(
              null,
              null,
              Double.valueOf(said[1]),
              NEEDED_MIN,
              Double.valueOf(said[2]),
              WORKING_S,
              2,
              null,
              0.08,
              0,
              false,
              null);
      book.log(billet.id(), plan, weld, how, i % 3 == 2 ? "prentice" : smith);
    }
    billets.setOnRack(billet.id(), false);
  }

  /** The look at a bar's first weld that found one of its joints open at the end. */
  void look(Billet billet, String smith) {
    Run run = Run.of(billet.plan(), shelf.steels(), shops.defaults());
    String step = billet.plan().setWelds().getFirst().path();
    List<Double> seams = LatestJoints.of(run, 1);
    int thirdFromTop = seams.size() - 2;
    double z = Objects.requireNonNull(seams.get(thirdFromTop - 1));
    Flaw flaw =
        new Flaw(
            "marlinspike-1",
            FlawKind.SEAM,
            WeldOutcome.OPEN,
            thirdFromTop,
            new Spot(0, 0, 25.4, 0, 9.525, z, z),
            "dark to the naked eye after grinding");
    Inspection look =
        new Inspection(
            step,
            Instant.parse("2026-02-11T10:05:00Z"),
            Set.of(InspectionMethod.HOT_SHADOW, InspectionMethod.GROUND_EDGE),
            null,
            List.of(flaw),
            "Handle end, left edge ground bright.");
    entries.add(
        billet.id(), billet.plan(), new EntryBody(look, null, null, null, null, null, null), smith);
  }
}
