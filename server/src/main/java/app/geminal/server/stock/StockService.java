package app.geminal.server.stock;

import app.geminal.server.problem.NotFound;
import app.geminal.server.problem.VersionConflict;
import app.geminal.server.steel.SteelShelf;
import app.geminal.stock.CutList;
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
  public List<StoredStockBar> all() {
    return bars.all();
  }

  /** Everything on the shelf, as it is cut from. */
  @Transactional(readOnly = true)
  public List<CutList.Offer> offers() {
    return bars.all().stream().map(s -> new CutList.Offer(s.id(), s.bar())).toList();
  }

  /** Puts bars of a known steel on the shelf. */
  @Transactional
  public StoredStockBar add(StockBar bar) {
    steels.steels().get(bar.steel());
    return get(bars.add(bar));
  }

  /** Changes bars that are still as the change found them. */
  @Transactional
  public StoredStockBar change(long id, int version, StockBar bar) {
    StoredStockBar before = get(id);
    steels.steels().get(bar.steel());
    if (!bars.replace(id, version, bar)) {
      throw new VersionConflict(StockText.THIS_BAR.with(), before.version());
    }
    return get(id);
  }

  /** Takes bars off the shelf or puts them back. */
  @Transactional
  public void setOnShelf(long id, boolean onShelf) {
    get(id);
    bars.setOnShelf(id, onShelf);
  }

  private StoredStockBar get(long id) {
    return bars.find(id).orElseThrow(() -> new NotFound(StockText.NO_BAR.with("number", id)));
  }
}
