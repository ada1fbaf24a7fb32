package app.geminal.cli;

import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.units.Text;
import app.geminal.units.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.StringJoiner;

/** An evaluation for reading in a terminal. */
record EvaluationText(Units units, ShopDefaults defaults) {
  /** Less is what rounding leaves. */
  private static final double LEAST_KG = 1e-6;

  String of(Evaluation evaluation, Run run) {
    StringJoiner text = new StringJoiner("\n");
    text.add(Shorthand.show(run.plan(), units.system(), defaults));
    text.add("");
    runs("", evaluation, text);
    ledger(evaluation.ledger(), text);
    Evaluation.StageLine last = evaluation.stages().getLast();
    text.add("");
    text.add(said(CliText.VISIBLE_LAYERS.with("layers", last.visibleCount(), "why", last.why())));
    cautions(evaluation, text);
    findings("", evaluation, text);
    return text.toString();
  }

  private void runs(String part, Evaluation evaluation, StringJoiner text) {
    evaluation.parts().forEach((name, made) -> runs(part + name + "/", made, text));
    if (!part.isEmpty()) {
      text.add(said(CliText.PART.with("name", part.substring(0, part.length() - 1))));
    }
    for (Evaluation.StageLine line : evaluation.stages()) {
      String words =
          line.operation() == null
              ? said(CliText.STACK.with())
              : Shorthand.show(line.operation(), units.system(), defaults);
      text.add(
          String.format(
              Locale.ROOT,
              "  %-44s %3s %28s %9s %s",
              line.off() ? said(CliText.OFF.with("step", words)) : words,
              line.bars() == 1 ? "" : line.bars() + " ×",
              Output.size(line.widthMm(), line.heightMm(), line.lengthMm(), units),
              Quantity.kg(line.massKg()).format(units),
              said(
                  CliText.LAYERS.with(
                      "visible",
                      Text.of("%,9d", line.visibleCount()),
                      "nominal",
                      line.shopCount()))));
    }
    if (evaluation.stop() != null) {
      text.add(
          "  "
              + said(
                  CliText.STOPS.with(
                      "step",
                      evaluation.stop().step(),
                      "reason",
                      evaluation.stop().reason(),
                      "remedy",
                      evaluation.stop().remedy())));
    }
    text.add("");
  }

  private void ledger(Evaluation.Ledger ledger, StringJoiner text) {
    List<Message> lost = new ArrayList<>();
    ledger
        .lostKg()
        .forEach((kind, kg) -> {
          if (kg > LEAST_KG) {
            lost.add(CliText.LOST.with("kind", kind, "mass", Quantity.kg(kg)));
          }
        });
    text.add(
        said(
            CliText.LEDGER.with(
                "started",
                Quantity.kg(ledger.startedKg()),
                "finished",
                Quantity.kg(ledger.finishedKg()),
                "yield",
                Quantity.share(ledger.yield()),
                "any",
                lost.size(),
                "lost",
                lost)));
    if (ledger.setAsideKg() > 0) {
      text.add(said(CliText.SET_ASIDE.with("mass", Quantity.kg(ledger.setAsideKg()))));
    }
    if (ledger.leftOverKg() > 0) {
      text.add(said(CliText.LEFT_OVER.with("mass", Quantity.kg(ledger.leftOverKg()))));
    }
  }

  private String said(Message message) {
    return message.read(units);
  }

  private void cautions(Evaluation evaluation, StringJoiner text) {
    for (Evaluation.FindingLine f : evaluation.cautions()) {
      if (f.stage() == f.stages().getFirst()) {
        text.add("");
        text.add(said(CliText.CAUTION.with("what", f.what())));
        text.add("  " + f.why().read(units) + " " + f.action().read(units));
      }
    }
  }

  private void findings(String part, Evaluation evaluation, StringJoiner text) {
    evaluation.parts().forEach((name, made) -> findings(part + name + "/", made, text));
    for (Evaluation.FindingLine f : evaluation.findings()) {
      if (f.stage() != f.stages().getFirst()) {
        continue;
      }
      text.add("");
      text.add(
          said(
              CliText.FINDING.with(
                  "severity",
                  f.safety() ? "SAFETY" : f.severity(),
                  "inPart",
                  Boolean.toString(!part.isEmpty()),
                  "part",
                  part.isEmpty() ? "" : part.substring(0, part.length() - 1),
                  "where",
                  steps(f.stages()),
                  "what",
                  f.what())));
      text.add("  " + f.why().read(units));
      text.add("  " + f.action().read(units));
    }
  }

  /** The steps of one cause; 0 is the stack. */
  private static Message steps(List<Integer> stages) {
    List<Object> names =
        stages.stream()
            .map(s -> s == 0 ? (Object) CliText.STACK.with() : String.valueOf(s))
            .toList();
    return CliText.STEPS.with(
        "numbered",
        Boolean.toString(stages.stream().anyMatch(s -> s > 0)),
        "count",
        names.size(),
        "names",
        names);
  }
}
