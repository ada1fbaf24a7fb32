package app.geminal.server.book;

import app.geminal.billet.Plan;
import app.geminal.evidence.HoldModel;
import app.geminal.evidence.WeldObservation;
import app.geminal.operation.SetWeld;
import app.geminal.server.pooling.PooledRecords;
import app.geminal.server.shop.ShopService;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.WeldChance;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How likely the next weld holds, by what was made: the shop's own welds, and those of other shops
 * that are counted with them.
 */
@Service
public class WeldChances {
  /** The two models, by what they were fitted to. */
  private record Fitted(String state, HoldModel flat, HoldModel ofMaps) {}

  private volatile Fitted fitted =
      new Fitted("", HoldModel.of(List.of()), HoldModel.ofMaps(List.of()));
  private final BookService book;
  private final PooledRecords pooled;
  private final ShopService shops;

  WeldChances(BookService book, PooledRecords pooled, ShopService shops) {
    this.book = book;
    this.pooled = pooled;
    this.shops = shops;
  }

  /**
   * How likely welds hold by the record, made as the shop usually makes them.
   *
   * @param maps what their maps say
   */
  @Transactional(readOnly = true)
  public WeldChance recorded(WeldChance maps) {
    return fitted().ofMaps().weldChance(maps, WeldObservation.asUsual(shops.defaults()));
  }

  /** Own judged welds with a map, which the record corrects maps by. */
  @Transactional(readOnly = true)
  public int mapped() {
    return fitted().ofMaps().welds();
  }

  /** What the record says where nothing is known of how a weld bonds. */
  @Transactional(readOnly = true)
  public HoldModel model() {
    return fitted().flat();
  }

  /**
   * What is to be expected of a weld, made as planned.
   *
   * @param mapChance that all its joints are sound by its weld map, 0 to 1; empty without a map
   * @throws InvalidValue when the plan has no such weld that it can reach
   */
  @Transactional(readOnly = true)
  public HoldModel.Prediction of(Plan plan, String path, Optional<Double> mapChance) {
    WeldObservation weld = planned(plan, path);
    Fitted by = fitted();
    return mapChance
        .map(chance -> by.ofMaps().predict(weld.withMap(chance)))
        .orElseGet(() -> by.flat().predict(weld));
  }

  private WeldObservation planned(Plan plan, String path) {
    SetWeld weld =
        plan.setWelds().stream()
            .filter(p -> p.path().equals(path))
            .map(p -> (SetWeld) p.step().operation())
            .findFirst()
            .orElseThrow(() -> new InvalidValue("step", BookText.NO_SUCH_WELD_STEP.with()));
    Joining joining = book.joining(plan, path);
    return new WeldObservation(
        joining.steels(),
        weld.protection(),
        weld.temperatureC(),
        joining.known(WeldConditions.UNKNOWN),
        "",
        WeldOutcome.SUSPECT,
        List.of());
  }

  /** Asked with every weld map, so it is fitted again only when a record has changed since. */
  private Fitted fitted() {
    String state = book.state() + "|" + pooled.state();
    Fitted last = fitted;
    if (!last.state().equals(state)) {
      List<WeldObservation> own = book.past();
      List<List<WeldObservation>> others = pooled.used();
      last = new Fitted(state, HoldModel.of(own, others), HoldModel.ofMaps(own, others));
      fitted = last;
    }
    return last;
  }
}
