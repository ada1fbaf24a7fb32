package app.geminal.cli;

import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldMapWords;
import app.geminal.weldmap.WeldMapper;
import app.geminal.weldmap.WeldRemedies;
import app.geminal.weldmap.WeldRemedy;
import app.geminal.weldmap.WeldSetup;
import java.util.List;
import java.util.Optional;

/**
 * A weld of a plan with its map.
 *
 * @param part path of the part it is in, empty for the billet itself
 * @param step of that plan, from 1
 * @param map empty where its joints do not run level through the bar
 * @param weakest where it is weakest, empty without a map
 * @param remedies what helps, the best first
 */
record MappedWeld(
    String part,
    int step,
    Optional<WeldMap> map,
    Optional<Message> weakest,
    List<WeldRemedy> remedies) {

  static MappedWeld of(Run whole, Run.Found found, Steels steels, Shop shop, HeatPlanner heats) {
    String key = found.run().stages().get(found.stage()).step().map(Step::key).orElseThrow();
    String path = found.part().isEmpty() ? key : found.part() + "/" + key;
    WeldMapper mapper = new WeldMapper(steels, shop, heats);
    Optional<List<WeldSetup>> course = mapper.course(whole, path);
    Optional<WeldMap> map = course.map(mapper::map);
    return new MappedWeld(
        found.part(),
        found.stage(),
        map,
        map.flatMap(m -> course.map(c -> WeldMapWords.of(m, c.getLast()))),
        map.isPresent()
            ? new WeldRemedies(steels, shop, heats, mapper).of(whole, path)
            : List.of());
  }
}
