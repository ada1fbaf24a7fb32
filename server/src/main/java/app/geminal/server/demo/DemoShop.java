package app.geminal.server.demo;

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
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import java.util.List;
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
 * barges. The same every time, read from the files in {@code demo} and loaded through the services
 * that take a user's own data. Only into a shop that has no one in it yet.
 */
@Component
@Lazy(false)
class DemoShop {
  private static final Logger LOG = LoggerFactory.getLogger(DemoShop.class);

  /** The bar that opened at its first weld. */
  private static final String OPENED = "Marlinspike knife, 1095";

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

  private final SteelShelf steels;
  private final StockService stock;
  private final Accounts accounts;
  private final DemoAccount demo;
  private final BilletService billets;
  private final BookService book;
  private final ShopService shops;
  private final Instruments instruments;
  private final OpenJoint openJoint;
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
      OpenJoint openJoint,
      OtherShops otherShops) {
    this.otherShops = otherShops;
    this.openJoint = openJoint;
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
    accounts.add("prentice", "Prentice", "mind-the-dies", Units.US, Rank.APPRENTICE);
    steels.take(DemoFiles.ownSteels());
    DemoFiles.shelf().forEach(stock::add);
    INSTRUMENTS.forEach(instruments::add);
    List<DemoFiles.Work> works = DemoFiles.works();
    for (DemoFiles.Work work : works) {
      Billet billet = load(work);
      if (work.name().equals(OPENED)) {
        openJoint.add(billet, demo.login());
      }
    }
    otherShops.add(demo.login());
    LOG.info("Demo shop opened with {} billets.", works.size());
  }

  private Billet load(DemoFiles.Work work) {
    Plan plan = Shorthand.parse(work.plan(), UnitSystem.INCH, shops.defaults());
    Billet billet = billets.start(work.name(), work.purpose(), plan);
    for (DemoFiles.Made made : work.welds()) {
      String step = plan.setWelds().get(made.nth() - 1).path();
      String by = made.by().isEmpty() ? demo.login() : made.by();
      book.log(billet.id(), plan, made.weld(step), made.conditions(), by);
    }
    if (!work.isOnRack()) {
      billets.setOnRack(billet.id(), false);
    }
    return billet;
  }
}
