package app.geminal.server.stock;

import app.geminal.server.problem.NotThere;
import app.geminal.server.problem.Stale;
import app.geminal.server.steel.SteelShelf;
import app.geminal.stock.StockBar;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the shelf. */
@Service
public class StockService {
  private final StockRepository bars;
  private final SteelShelf steels;

  StockService(StockRepository bars, SteelShelf steels) {
    this.bars = bars;
    this.steels = steels;
  }

  /** Everything on the shelf, by steel and thickness. */
  @Transactional(readOnly = true)
  public List<Shelved> all() {
    return bars.all();
  }

  /** Puts bars of a known steel on the shelf. */
  @Transactional
  public Shelved add(StockBar bar) {
    steels.steels().get(bar.steel());
    return get(bars.add(bar));
  }

  /** Changes bars that are still as the change found them. */
  @Transactional
  public Shelved change(long id, int version, StockBar bar) {
    Shelved before = get(id);
    steels.steels().get(bar.steel());
    if (!bars.replace(id, version, bar)) {
      throw new Stale("This bar", before.version());
    }
    return get(id);
  }

  /** Takes bars off the shelf or puts them back. */
  @Transactional
  public void setOnShelf(long id, boolean onShelf) {
    get(id);
    bars.setOnShelf(id, onShelf);
  }

  private Shelved get(long id) {
    return bars.find(id).orElseThrow(() -> new NotThere("There is no bar number " + id + "."));
  }
}
