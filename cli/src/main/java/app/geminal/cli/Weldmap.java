package app.geminal.cli;

import app.geminal.billet.Run;
import app.geminal.finding.ShopKnowledge;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.shop.Shop;
import app.geminal.weldmap.WeldMapper;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Where the welds of a plan bond, joint by joint. */
@Command(
    name = "weldmap",
    resourceBundle = "app.geminal.cli.usage",
    mixinStandardHelpOptions = true)
final class Weldmap implements Callable<Integer> {
  @Parameters(paramLabel = "PLAN", descriptionKey = "geminal.weldmap.plan")
  private String plan;

  @Option(names = "--step")
  private @Nullable Integer step;

  @Option(names = "--json")
  private boolean json;

  @Mixin private PlanOptions habits;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Weldmap() {}

  @Override
  public Integer call() {
    Shop shop = habits.shop();
    Source source = Source.of(plan, habits.units(), shop.defaults());
    Run run = source.run(shop.defaults(), habits.reader());
    HeatPlanner heats = new HeatPlanner(source.steels(), shop, ShopKnowledge.nothing(), Map.of());
    List<MappedWeld> welds =
        WeldMapper.welds(run).stream()
            .map(path -> run.find(path).orElseThrow())
            .filter(found -> step == null || (found.part().isEmpty() && step == found.stage()))
            .map(found -> MappedWeld.of(run, found, source.steels(), shop, heats))
            .toList();
    if (step != null && welds.isEmpty()) {
      throw new UnusableInput(CliText.NO_SUCH_WELD.with("step", step).read(habits.reader()));
    }
    spec.commandLine()
        .getOut()
        .println(
            json
                ? Output.json(WeldmapJson.of(welds, habits.reader(), shop.defaults()))
                : new WeldmapText(habits.reader()).of(welds));
    return 0;
  }
}
