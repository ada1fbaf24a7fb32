package app.geminal.cli;

import app.geminal.billet.Run;
import app.geminal.library.ShippedSteels;
import app.geminal.library.file.RefusedFile;
import app.geminal.library.plan.PlanFile;
import app.geminal.library.plan.PlanFiles;
import app.geminal.notation.Shorthand;
import app.geminal.notation.ShorthandError;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Estimate;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.units.Text;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * A plan given on the command line: a file in the open format, a file of shorthand, {@code -} for
 * the standard input, or shorthand itself.
 *
 * @param file the plan and the steels it brings
 * @param steels shipped ones and those of the file
 */
record Source(PlanFile file, Steels steels) {

  static Source of(String given, UnitSystem units, ShopDefaults defaults) {
    String text = text(given, units);
    PlanFile file =
        text.stripLeading().startsWith("{")
            ? document(text, units)
            : line(text.strip(), units, defaults);
    Steels shipped = ShippedSteels.read();
    List<Steel> all = new ArrayList<>(shipped.all());
    file.steels().forEach(own -> all.add(Estimate.of(own, shipped)));
    return new Source(file, Steels.of(all));
  }

  /** The plan worked through. */
  Run run(ShopDefaults defaults, Units reader) {
    try {
      return Run.of(file.plan(), steels, defaults);
    } catch (InvalidValue bad) {
      throw new UnusableInput(
          CliText.at(bad.path().isEmpty() ? "" : "/plan/" + bad.path(), bad.words()).read(reader));
    }
  }

  private static String text(String given, UnitSystem units) {
    try {
      if (given.equals("-")) {
        return new String(System.in.readAllBytes(), StandardCharsets.UTF_8);
      }
      if (!given.contains("(")) {
        return Files.readString(Path.of(given), StandardCharsets.UTF_8);
      }
      return given;
    } catch (IOException e) {
      throw new UnusableInput(CliText.NO_PLAN.with("given", given).read(new Units(units)));
    }
  }

  private static PlanFile document(String text, UnitSystem units) {
    try {
      return PlanFiles.read(text);
    } catch (RefusedFile refused) {
      String pointer = refused.fault().pointer();
      throw new UnusableInput(CliText.at(pointer, refused.fault().reason()).read(new Units(units)));
    }
  }

  private static PlanFile line(String line, UnitSystem units, ShopDefaults defaults) {
    try {
      return new PlanFile("Shorthand", "", Shorthand.parse(line, units, defaults), List.of());
    } catch (ShorthandError misread) {
      throw new UnusableInput(
          Text.of(
              "%s%n%s%n%s%s",
              misread.words().read(new Units(units)),
              line,
              " ".repeat(misread.from()),
              "^".repeat(Math.max(1, misread.to() - misread.from()))));
    }
  }
}
