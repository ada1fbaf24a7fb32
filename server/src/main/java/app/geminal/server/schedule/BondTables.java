package app.geminal.server.schedule;

import app.geminal.following.HeatCalibration;
import app.geminal.schedule.StartingSteel;
import app.geminal.server.calibration.CalibrationService;
import app.geminal.shop.FacePrep;
import app.geminal.shop.Shop;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.weldmap.BondTable;
import app.geminal.weldmap.Sample;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/**
 * Tables of weld maps for the Finder. A table takes two seconds; it is kept, so that the next
 * search of the same steels and width is quick.
 */
@Component
class BondTables {
  private static final int KEPT = 12;

  /** Finer differences of the width do not matter. */
  private static final double WIDTH_RATIO = 1.08;

  /** What a table is made for. */
  private record For(List<Steel> laid, long width, Shop shop, long calibration) {}

  private final CalibrationService learning;
  private final Cache<For, BondTable> tables = Caffeine.newBuilder().maximumSize(KEPT).build();

  BondTables(CalibrationService learning) {
    this.learning = learning;
  }

  /** The table of what is laid. */
  BondTable of(StartingSteel from, Steels steels, Shop shop) {
    CalibrationService.Known learned = learning.usedInPlans();
    long width = Math.round(Math.log(from.widthMm()) / Math.log(WIDTH_RATIO));
    return tables.get(
        new For(from.steels().stream().map(steels::get).toList(), width, shop, learned.row()),
        _ ->
            BondTable.of(
                steels,
                shop,
                from.steels(),
                Math.pow(WIDTH_RATIO, (double) width),
                ensembles(learned.calibration())));
  }

  private static Function<FacePrep, List<Sample>> ensembles(HeatCalibration learned) {
    List<Sample> few = BondTable.usual();
    return faces -> learned.ensemble(faces, few);
  }
}
