package app.geminal.server.weldmap;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.finding.ShopKnowledge;
import app.geminal.following.HeatCalibration;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.server.calibration.CalibrationService;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldMapper;
import app.geminal.weldmap.WeldRemedies;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Weld maps of plans as this shop calculates them. */
@Component
public class PlannedMaps {
  private final SteelShelf shelf;
  private final ShopService shops;
  private final CalibrationService learning;

  PlannedMaps(SteelShelf shelf, ShopService shops, CalibrationService learning) {
    this.shelf = shelf;
    this.shops = shops;
    this.learning = learning;
  }

  /** A plan worked through, and what its maps are calculated with. */
  record Worked(Run run, Steels steels, Shop shop, HeatPlanner heats, WeldMapper mapper) {
    /** The same with something else learned of the shop. */
    WeldMapper with(HeatCalibration learned) {
      return new WeldMapper(steels, shop, heats, learned::ensemble);
    }

    /** What would make its welds surer. */
    WeldRemedies remedies() {
      return new WeldRemedies(steels, shop, heats, mapper);
    }
  }

  Worked worked(Plan plan) {
    Shop shop = shops.shop();
    Steels steels = shelf.steels();
    HeatPlanner heats = new HeatPlanner(steels, shop, ShopKnowledge.nothing(), Map.of());
    return new Worked(
        Run.of(plan, steels, shop.defaults()),
        steels,
        shop,
        heats,
        new WeldMapper(steels, shop, heats, learning.inPlans()::ensemble));
  }

  /**
   * That every joint of a weld is sound if it is made as planned, 0 to 1; empty without a map.
   *
   * @param step names of the parts the step is in, then its key, with strokes between
   */
  public Optional<Double> chance(Plan plan, String step) {
    Worked worked = worked(plan);
    return worked.mapper().map(worked.run(), step).map(WeldMap::chance);
  }
}
