package app.geminal.cli;

import app.geminal.billet.Run;
import app.geminal.finding.Checks;
import app.geminal.finding.Finding;
import app.geminal.finding.Severity;
import app.geminal.finding.ShopKnowledge;
import app.geminal.shop.Shop;
import app.geminal.units.UnitSystem;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Works a plan through. */
@Command(
    name = "evaluate",
    resourceBundle = "app.geminal.cli.usage",
    mixinStandardHelpOptions = true)
final class Evaluate implements Callable<Integer> {
  @Parameters(paramLabel = "PLAN", descriptionKey = "geminal.evaluate.plan")
  private String plan;

  @Option(names = "--json")
  private boolean json;

  @Mixin private PlanOptions habits;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Evaluate() {}

  @Override
  public Integer call() {
    UnitSystem units = habits.units();
    Shop shop = habits.shop();
    Source source = Source.of(plan, units, shop.defaults());
    Run run = source.run(shop.defaults(), habits.reader());
    Evaluation evaluation = Evaluation.of(source.file().name(), run, source.steels(), shop);
    spec.commandLine()
        .getOut()
        .println(
            json
                ? Output.json(evaluation)
                : new EvaluationText(habits.reader(), shop.defaults()).of(evaluation, run));
    boolean fails =
        run.stop().isPresent()
            || Checks.of(run, source.steels(), shop, ShopKnowledge.nothing()).stream()
                .map(Finding::severity)
                .anyMatch(s -> s == Severity.ERROR);
    return fails ? Geminal.NO : 0;
  }
}
