package app.geminal.server.billet;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.server.problem.NotFound;
import app.geminal.server.problem.VersionConflict;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.time.Clock;
import java.util.List;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps billets. What is stored has always been worked through once, so that it can be shown. */
@Service
public class BilletService {
  private static final int LONGEST_NAME = 120;
  private static final int LONGEST_PURPOSE = 500;

  private final BilletRepository billets;
  private final SteelShelf shelf;
  private final ShopService shops;
  private final Clock clock;

  BilletService(BilletRepository billets, SteelShelf shelf, ShopService shops, Clock clock) {
    this.billets = billets;
    this.shelf = shelf;
    this.shops = shops;
    this.clock = clock;
  }

  /** What is on the Rack, in the order it was started. */
  @Transactional(readOnly = true)
  public List<Billet> onRack() {
    return billets.onRack();
  }

  /**
   * What is on the Rack and can be read.
   *
   * @param unreadable reports the others
   */
  @Transactional(readOnly = true)
  List<Billet> onRack(Consumer<Unreadable> unreadable) {
    return billets.onRack(unreadable);
  }

  /** A billet's plan as it is stored, also one that cannot be read. */
  @Transactional(readOnly = true)
  public String document(long id) {
    return billets.document(id).orElseThrow(() -> missing(id));
  }

  private static NotFound missing(long id) {
    return new NotFound(BilletText.NO_BILLET.with("number", id));
  }

  /** All of them that can be read, on the Rack or off it, in the order they were started. */
  @Transactional(readOnly = true)
  public List<Billet> all() {
    return billets.all();
  }

  /** One billet, on the Rack or off it. */
  @Transactional(readOnly = true)
  public Billet get(long id) {
    return billets.find(id).orElseThrow(() -> missing(id));
  }

  /**
   * Starts a billet.
   *
   * @throws InvalidValue when a field breaks its rule or the plan cannot be meant
   */
  @Transactional
  public Billet start(String name, String purpose, Plan plan) {
    check(name, purpose, plan);
    return get(billets.add(name.strip(), purpose.strip(), plan, clock.instant()));
  }

  /**
   * Changes a billet that is still as the change found it.
   *
   * @param version the version the change was based on
   * @throws VersionConflict when another version is stored by now
   * @throws InvalidValue when a field breaks its rule or the plan cannot be meant
   */
  @Transactional
  public Billet change(long id, int version, String name, String purpose, Plan plan) {
    check(name, purpose, plan);
    if (!billets.replace(id, version, name.strip(), purpose.strip(), plan, clock.instant())) {
      throw new VersionConflict(BilletText.THIS_BILLET.with(), get(id).version());
    }
    return get(id);
  }

  /** Takes a billet off the Rack or puts it back. Its plan and its welds stay. */
  @Transactional
  public Billet setOnRack(long id, boolean onRack) {
    billets.setOnRack(id, onRack);
    return get(id);
  }

  private void check(String name, String purpose, Plan plan) {
    Require.text("name", name, LONGEST_NAME);
    if (!Require.present("purpose", purpose).isEmpty()) {
      Require.text("purpose", purpose, LONGEST_PURPOSE);
    }
    Require.present("plan", plan);
    InvalidValue.within("plan", () -> Run.of(plan, shelf.steels(), shops.defaults()));
  }
}
