package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.steel.Deformation;
import java.util.Optional;

/** A step at the shop's drawing heat, in so many heats; each takes a skin of scale off the bar. */
public interface Heated extends Operation {

  /** How many, 1 to 60. */
  int heats();

  @Override
  default double skinMm(ShopDefaults defaults) {
    return heats() * defaults.drawSkinMm();
  }

  /** By hammer, at the shop's drawing heat. */
  @Override
  default Optional<HotWork> hotWork(Bars before, ShopDefaults defaults) {
    return Optional.of(
        new HotWork(Tool.HAMMER, defaults.drawTemperatureC(), Deformation.USUAL, false));
  }

  @Override
  default Optional<AtHeat> atHeat(ShopDefaults defaults) {
    return Optional.of(new AtHeat(defaults.drawTemperatureC(), heats() * defaults.drawHeatMin()));
  }

  @Override
  default Work work() {
    return Work.ofHeats(heats());
  }
}
