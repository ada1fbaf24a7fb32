package app.geminal.cli;

import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.shop.Practice;
import app.geminal.units.Text;
import app.geminal.units.UnitSystem;
import java.util.Locale;
import java.util.StringJoiner;

/** An evaluation for reading in a terminal. */
record EvaluationText(UnitSystem units, Practice practice) {

  String of(Evaluation evaluation, Run run) {
    StringJoiner text = new StringJoiner("\n");
    text.add(Shorthand.format(run.plan(), units, practice));
    text.add("");
    runs("", evaluation, text);
    ledger(evaluation.ledger(), text);
    Evaluation.StageLine last = evaluation.stages().getLast();
    text.add("");
    text.add(Text.of("%,d visible layers. %s", last.visibleCount(), Show.words(last.why(), units)));
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
          line.operation() == null ? "stack" : Shorthand.format(line.operation(), units, practice);
      text.add(
          String.format(
              Locale.ROOT,
              "  %-44s %3s %8s × %s × %s %7.2f kg %,9d layers (%,d at the saw)",
              line.off() ? "off " + words : words,
              line.bars() == 1 ? "" : line.bars() + " ×",
              Show.length(line.widthMm(), units),
              Show.length(line.heightMm(), units),
              Show.length(line.lengthMm(), units),
              line.massKg(),
              line.visibleCount(),
              line.shopCount()));
    }
    if (evaluation.stop() != null) {
      text.add(
          Text.of(
              "  stops at step %d: %s %s",
              evaluation.stop().step(),
              Show.words(evaluation.stop().reason(), units),
              Show.words(evaluation.stop().remedy(), units)));
    }
    text.add("");
  }

  private static void ledger(Evaluation.Ledger ledger, StringJoiner text) {
    StringJoiner lost = new StringJoiner(", ");
    ledger
        .lostKg()
        .forEach((kind, kg) -> {
          if (kg > 0) {
            lost.add(String.format(Locale.ROOT, "%s %.2f", kind, kg));
          }
        });
    text.add(
        String.format(
            Locale.ROOT,
            "%.2f kg came in, %.2f kg are left, %.0f %% of it; lost to %s.",
            ledger.startedKg(),
            ledger.finishedKg(),
            100 * ledger.yield(),
            lost.length() == 0 ? "nothing" : lost + " kg"));
    if (ledger.setAsideKg() > 0) {
      text.add(String.format(Locale.ROOT, "%.2f kg were set aside.", ledger.setAsideKg()));
    }
    if (ledger.leftOverKg() > 0) {
      text.add(String.format(Locale.ROOT, "%.2f kg of parts are left over.", ledger.leftOverKg()));
    }
  }

  private void findings(String part, Evaluation evaluation, StringJoiner text) {
    evaluation.parts().forEach((name, made) -> findings(part + name + "/", made, text));
    for (Evaluation.FindingLine f : evaluation.findings()) {
      String strength =
          switch (f.strength()) {
            case "WILL_FAIL" -> "will fail";
            case "AT_RISK" -> "at risk";
            default -> "worth knowing";
          };
      text.add("");
      text.add(
          Text.of(
              "%s%s, %s%s: %s",
              f.hazard() ? "DANGER, " : "",
              strength,
              part.isEmpty() ? "" : "part " + part.substring(0, part.length() - 1) + ", ",
              f.stage() == 0 ? "stack" : "step " + f.stage(),
              Show.words(f.what(), units)));
      text.add("  " + Show.words(f.why(), units));
      text.add("  " + Show.words(f.mend(), units));
    }
  }
}
