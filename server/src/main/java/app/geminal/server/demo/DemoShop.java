package app.geminal.server.demo;

import static app.geminal.weld.AtmosphereProtection.BORAX;
import static app.geminal.weld.AtmosphereProtection.DRY;
import static app.geminal.weld.WeldOutcome.HELD;
import static app.geminal.weld.WeldOutcome.OPEN;
import static app.geminal.weld.WeldOutcome.SUSPECT;

import app.geminal.billet.Plan;
import app.geminal.notation.Shorthand;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.DemoAccount;
import app.geminal.server.account.Rank;
import app.geminal.server.billet.Billet;
import app.geminal.server.billet.BilletService;
import app.geminal.server.book.BookService;
import app.geminal.server.instrument.Channel;
import app.geminal.server.instrument.Instrument;
import app.geminal.server.instrument.Instruments;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.stock.StockService;
import app.geminal.steel.Composition;
import app.geminal.steel.OwnSteel;
import app.geminal.steel.StockTest;
import app.geminal.stock.StockBar;
import app.geminal.units.Lengths;
import app.geminal.units.Temperatures;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * A small riverside workshop that makes rigging knives and drawknives for a yard restoring sailing
 * barges. The same every time, written in shorthand, loaded through the services that take a user's
 * own data. Only into a shop that has no one in it yet.
 */
@Component
@Lazy(false)
class DemoShop {
  private static final Logger LOG = LoggerFactory.getLogger(DemoShop.class);

  /** A weld made at the plan's n-th set weld, from 1. */
  private record Made(
      int nth,
      String at,
      String heat,
      AtmosphereProtection protection,
      WeldOutcome outcome,
      String note) {}

  private record Work(String name, String purpose, String line, List<Made> welds) {}

  private static final List<Work> WORK =
      List.of(
          new Work(
              "Rigging knife bar, barge Teasel",
              "Two sheepsfoot blades and a coupon, finished bar 1 1/4 × 1/4",
              "13 (1075 1/8, 15N20 1/16) 1 1/2 x 5 7/8 > set 3 2150F dry > draw 1 1/2 x 0.4, 4 heats"
                  + " > trim 3/4, 1 > cut 5, kerf 1/16 > grind 1/64, 1/64 > restack same"
                  + " > set 3 2150F dry > draw 1 1/4 x 1/4, 5 heats > trim 5/8, 3/4"
                  + " | want 2 of 7 x 1 1/8 x 3/16 sheepsfoot blade, 1 of 2 x 1 1/8 x 3/16 coupon",
              List.of(
                  new Made(1, "2026-02-03T08:40:00Z", "2150F", DRY, HELD, "Rang clean when cold."),
                  new Made(
                      2,
                      "2026-02-04T10:15:00Z",
                      "2170F",
                      DRY,
                      HELD,
                      "No dark lines on the way down."))),
          new Work(
              "Drawknife iron, second pair",
              "Iron 10 in long, laid on an old body",
              "12 (1084 1/8, 15N20 1/16) 1 1/2 x 6 > set 3 2150F > draw 1 1/2 x 1/2, 4 heats"
                  + " > trim 3/4, 3/4 > cut 4, kerf 1/16 > grind 1/64, 1/64 > restack turned"
                  + " > set 3 2150F > draw 1 1/4 x 5/16, 5 heats > trim 3/4, 3/4",
              List.of(
                  new Made(
                      1,
                      "2026-02-09T13:05:00Z",
                      "2140F",
                      BORAX,
                      HELD,
                      "Two spoons of borax, went solid at the second heat."))),
          new Work(
              "Marlinspike knife, 1095",
              "One short blade; the last bar of this pair opened",
              "9 (1095 5/32, 15N20 1/16) 1 1/4 x 5 > set 2 12% 2100F 10min > draw 1 1/4 x 3/8, 3 heats"
                  + " > trim 5/8, 5/8 > cut 3, kerf 1/16 > restack same > set 3 2150F",
              List.of(
                  new Made(
                      1,
                      "2026-02-11T09:20:00Z",
                      "2080F",
                      BORAX,
                      OPEN,
                      "Dark line at the handle end, third joint from the top, about 1 in deep. Pulled"
                          + " early, second heat was short."))),
          new Work(
              "Three-tone splicing knife",
              "Bold bands for the yard's own rigger; O2 for the blackest line",
              "16 (1084 1/8, 15N20 1/16, O2 3/32, 15N20 1/16) 1 1/2 x 5 1/2 > set 4 2140F"
                  + " > draw 1 1/2 x 5/8, 4 heats > trim 3/4, 3/4 > cut 3, kerf 1/16"
                  + " > grind 1/64, 1/64 > restack same > set 3 2140F > draw 1 1/2 x 3/8, 4 heats",
              List.of(
                  new Made(
                      1,
                      "2026-02-16T08:55:00Z",
                      "2140F",
                      BORAX,
                      SUSPECT,
                      "One patch cooled slower near the far end. Etch that end before the cut."))),
          new Work(
              "Splicing knife, twisted core",
              "Two twisted rods between a plain edge and a layered spine",
              "part edge = (1084 1/2) 5/8 x 7"
                  + " | part spine = 9 (1075 1/16, 15N20 1/16) 1/2 x 5 > set 3 2150F dry"
                  + " > draw 3/8 x 15/32, 3 heats > trim 1/4, 1/4"
                  + " | 8 (1075 1/8, 15N20 1/16) 3/4 x 6 > set 3 2150F dry > draw 1/2 x 1/2, 4 heats"
                  + " > twist 4, 2 sections, 4 heats > trim 1/2, 1/2 > cut 2, kerf 1/16"
                  + " > layup (same, end), left (@edge), right (@spine), ground 1/64"
                  + " > set 4 2150F dry > draw 1 1/4 x 5/16, 5 heats > trim 1/2, 1/2"
                  + " | want 1 of 8 x 1 1/8 x 3/16 splicing knife, 1 of 1 1/2 x 1 1/8 x 3/16 coupon",
              List.of(new Made(1, "2026-02-18T13:20:00Z", "2150F", DRY, HELD, "Spine first."))),
          new Work(
              "Caulking iron, folded",
              "Tough tool body, seven pieces folded three times",
              "7 (5160 1/4, 15N20 1/16) 1 1/4 x 7 > set 3 2160F > draw 1 1/4 x 1/2, 4 heats"
                  + " > fold, end 1 > set 2 2160F > draw 1 1/4 x 1/2, 4 heats > fold, end 1"
                  + " > set 2 2160F > draw 1 1/4 x 1/2, 4 heats > fold, end 1 > set 2 2160F",
              List.of()),
          new Work(
              "Sail-loft shears stock, fine",
              "About 240 layers for four shear blades",
              "15 (1075 3/32, 15N20 1/16) 1 3/4 x 6 > set 3 2150F dry > draw 1 3/4 x 5/16, 5 heats"
                  + " > trim 3/4, 3/4 > cut 5, kerf 1/16 > aside 1 > grind 1/64, 1/64 > restack same"
                  + " > set 3 2150F dry > draw 1 3/4 x 3/8, 5 heats > trim 3/4, 3/4"
                  + " > cut 4, kerf 1/16 > grind 1/64, 1/64 > restack same > set 3 2150F dry"
                  + " > draw 1 1/2 x 3/8, 6 heats > trim 3/4, 3/4",
              List.of(
                  new Made(1, "2026-01-26T09:10:00Z", "2150F", DRY, HELD, ""),
                  new Made(
                      2,
                      "2026-01-28T14:30:00Z",
                      "2160F",
                      DRY,
                      HELD,
                      "Soaked 20 min, the block is thick."))));

  /** A blade of the yard's old band mill, tried at the fire: the shop's own name is mill_band. */
  private static final OwnSteel MILL_BAND =
      new OwnSteel(
          "mill_band",
          "Band mill blade from the yard's old saw shed",
          OwnSteel.Origin.RECLAIMED,
          Optional.of("bandsaw_plain"),
          new Composition(0.7, 0.75, 0.8, 0.45, 0.25, 1.0, 0.1, 0, 0, 0, 0, 0),
          List.of(
              new StockTest(
                  StockTest.Kind.SPARK,
                  "Long straw carriers, busy bursts; beside 1075 the same",
                  OptionalDouble.of(0.75)),
              new StockTest(
                  StockTest.Kind.HARDEN_AND_BREAK,
                  "Broke like glass, fine grey grain",
                  OptionalDouble.of(64)),
              new StockTest(StockTest.Kind.ETCH, "Bright beside 1084", OptionalDouble.of(0.72))),
          OwnSteel.Given.nothing());

  /** Bars on the shelf, inches: steel, width, thickness, length, pieces, price of a metre. */
  private static final List<Bar> SHELF =
      List.of(
          new Bar("1075", "1 1/2", "1/8", "36", 5, 4.10, null, "Ropewalk steel store"),
          new Bar("1084", "1 1/2", "1/8", "48", 4, 4.40, null, "Ropewalk steel store"),
          new Bar("1095", "1 1/4", "5/32", "36", 2, 4.90, null, "Ropewalk steel store"),
          new Bar("15N20", "1 1/2", "1/16", "48", 6, 5.60, null, "Ropewalk steel store"),
          new Bar("15N20", "1 3/4", "0.049", "36", 3, 5.20, null, "Ropewalk steel store"),
          new Bar("O2", "1 1/2", "3/32", "18", 2, 7.80, null, "Lock-keeper's tool room"),
          new Bar("5160", "1 1/4", "1/4", "24", 3, null, 20.0, "Barge Teasel, rudder spring"),
          new Bar("52100", "1", "1/4", "12", 2, 8.30, null, "Lock-keeper's tool room"),
          new Bar("1018", "2", "1/4", "60", 1, 2.20, null, "Ropewalk steel store"),
          new Bar("wrought_iron", "2", "3/4", "30", 1, null, 45.0, "Anchor stock from the slip"),
          new Bar("mill_band", "2", "0.042", "80", 1, null, 40.0, "Old saw shed"));

  /** The simulated forge and press that ship with the application. */
  private static final List<Instrument> INSTRUMENTS =
      List.of(
          simulated("Thermocouple, back wall", Channel.FORGE, 0, 0.1),
          simulated("Gauge at the press", Channel.PRESS, 1, 0.01));

  private static Instrument simulated(String name, Channel channel, int address, double scale) {
    return new Instrument(
        name,
        channel,
        Instrument.SIMULATED,
        502,
        1,
        Instrument.Registers.INPUT,
        address,
        Instrument.Format.INT16,
        scale,
        0,
        true);
  }

  private record Bar(
      String steel,
      String width,
      String thickness,
      String length,
      int pieces,
      @Nullable Double price,
      @Nullable Double prepMinutes,
      String source) {
    StockBar inMm() {
      return new StockBar(
          steel,
          Lengths.parseMm(width, UnitSystem.INCH),
          Lengths.parseMm(thickness, UnitSystem.INCH),
          Lengths.parseMm(length, UnitSystem.INCH),
          pieces,
          price,
          price == null ? null : StockBar.PricePer.METRE,
          prepMinutes,
          source,
          "");
    }
  }

  private final SteelShelf steels;
  private final StockService stock;
  private final Accounts accounts;
  private final DemoAccount demo;
  private final BilletService billets;
  private final BookService book;
  private final ShopService shops;
  private final Instruments instruments;
  private final Winter winter;
  private final OtherShops otherShops;

  DemoShop(
      Accounts accounts,
      DemoAccount demo,
      BilletService billets,
      BookService book,
      ShopService shops,
      SteelShelf steels,
      StockService stock,
      Instruments instruments,
      Winter winter,
      OtherShops otherShops) {
    this.otherShops = otherShops;
    this.winter = winter;
    this.instruments = instruments;
    this.steels = steels;
    this.stock = stock;
    this.accounts = accounts;
    this.demo = demo;
    this.billets = billets;
    this.book = book;
    this.shops = shops;
  }

  @EventListener(ApplicationReadyEvent.class)
  @Order(1)
  @Transactional
  public void open() {
    if (!demo.isOpen() || !accounts.isEmpty()) {
      return;
    }
    accounts.add(demo.login(), "Wharf smithy", demo.password(), Units.US, Rank.OWNER);
    steels.add(MILL_BAND);
    SHELF.forEach(b -> stock.add(b.inMm()));
    INSTRUMENTS.forEach(instruments::add);
    for (Work work : WORK) {
      Billet billet = load(work);
      if (work.name().startsWith("Marlinspike")) {
        winter.look(billet, demo.login());
      }
    }
    winter.weldCoupons(demo.login());
    otherShops.add(demo.login());
    LOG.info("Demo shop opened with {} billets.", WORK.size());
  }

  private Billet load(Work work) {
    Plan plan = Shorthand.parse(work.line(), UnitSystem.INCH, shops.defaults());
    Billet billet = billets.start(work.name(), work.purpose(), plan);
    for (Made made : work.welds()) {
      WeldRecord weld =
          new WeldRecord(
              plan.setWelds().get(made.nth() - 1).path(),
              Instant.parse(made.at()),
              Temperatures.parseC(made.heat(), UnitSystem.INCH),
              made.protection(),
              made.outcome(),
              made.note());
      book.log(billet.id(), plan, weld, WeldConditions.UNKNOWN, demo.login());
    }
    return billet;
  }
}
