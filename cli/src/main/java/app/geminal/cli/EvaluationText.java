package app.geminal.cli;

import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Measure;
import app.geminal.units.Quantity;
import app.geminal.units.Text;
import app.geminal.units.Units;
import java.util.List;
import java.util.Locale;
import java.util.StringJoiner;

/** An evaluation for reading in a terminal. */
record EvaluationText(Units units, ShopDefaults defaults) {

  String of(Evaluation evaluation, Run run) {
    StringJoiner text = new StringJoiner("\n");
    text.add(Shorthand.show(run.plan(), units.system(), defaults));
    text.add("");
    runs("", evaluation, text);
    ledger(evaluation.ledger(), text);
    Evaluation.StageLine last = evaluation.stages().getLast();
    text.add("");
    text.add(Text.of("%,d visible layers. %s", last.visibleCount(), last.why().read(units)));
    cautions(evaluation, text);
    findings("", evaluation, text);
    return text.toString();
  }

  private void runs(String part, Evaluation evaluation, StringJoiner text) {
    evaluation.parts().forEach((name, made) -> runs(part + name + "/", made, text));
    if (!part.isEmpty()) {
      text.add("part " + part.substring(0, part.length() - 1));
    }
    for (Evaluation.StageLine line : evaluation.stages()) {
      String words =
          line.operation() == null
              ? "stack"
              : Shorthand.show(line.operation(), units.system(), defaults);
      text.add(
          String.format(
              Locale.ROOT,
              "  %-44s %3s %28s %9s %,9d layers (nominal %,d)",
              line.off() ? "off " + words : words,
              line.bars() == 1 ? "" : line.bars() + " ×",
              Output.size(line.widthMm(), line.heightMm(), line.lengthMm(), units),
              Quantity.kg(line.massKg()).format(units),
              line.visibleCount(),
              line.shopCount()));
    }
    if (evaluation.stop() != null) {
      text.add(
          Text.of(
              "  stops at step %d: %s %s",
              evaluation.stop().step(),
              Measure.read(evaluation.stop().reason(), units),
              Measure.read(evaluation.stop().remedy(), units)));
    }
    text.add("");
  }

  private void ledger(Evaluation.Ledger ledger, StringJoiner text) {
    StringJoiner lost = new StringJoiner(", ");
    ledger
        .lostKg()
        .forEach((kind, kg) -> {
          if (kg > 0) {
            lost.add(kind + " " + Quantity.kg(kg).format(units));
          }
        });
    text.add(
        Text.of(
            "Started with %s, finished with %s (%s). Lost: %s.",
            Quantity.kg(ledger.startedKg()).format(units),
            Quantity.kg(ledger.finishedKg()).format(units),
            Quantity.share(ledger.yield()).format(units),
            lost.length() == 0 ? "nothing" : lost));
    if (ledger.setAsideKg() > 0) {
      text.add("Set aside: " + Quantity.kg(ledger.setAsideKg()).format(units) + ".");
    }
    if (ledger.leftOverKg() > 0) {
      text.add("Left over from parts: " + Quantity.kg(ledger.leftOverKg()).format(units) + ".");
    }
  }

  private void cautions(Evaluation evaluation, StringJoiner text) {
    for (Evaluation.FindingLine f : evaluation.cautions()) {
      if (f.stage() == f.stages().getFirst()) {
        text.add("");
        text.add("Safety: " + f.what().read(units));
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
          Text.of(
              "%s, %s%s: %s",
              f.safety() ? "Safety" : severity(f.severity()),
              part.isEmpty() ? "" : "part " + part.substring(0, part.length() - 1) + ", ",
              steps(f.stages()),
              f.what().read(units)));
      text.add("  " + f.why().read(units));
      text.add("  " + f.action().read(units));
    }
  }

  private static String severity(String name) {
    return name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT);
  }

  /** The steps of one cause; 0 is the stack. */
  private static String steps(List<Integer> stages) {
    List<String> names = stages.stream().map(s -> s == 0 ? "stack" : String.valueOf(s)).toList();
    String word =
        stages.stream().noneMatch(s -> s > 0) ? "" : names.size() > 1 ? "steps " : "step ";
    return word + String.join(", ", names);
  }
}
