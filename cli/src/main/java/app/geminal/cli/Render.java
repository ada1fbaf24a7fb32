package app.geminal.cli;

import app.geminal.billet.Run;
import app.geminal.library.picture.Png;
import app.geminal.library.picture.Svg;
import app.geminal.notation.Shorthand;
import app.geminal.notation.ShorthandError;
import app.geminal.operation.Blade;
import app.geminal.pattern.Field;
import app.geminal.pattern.Painter;
import app.geminal.pattern.Pane;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.Tones;
import app.geminal.pattern.View;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Lengths;
import app.geminal.units.Measure;
import app.geminal.units.Quantity;
import app.geminal.units.Text;
import app.geminal.units.UnitSystem;
import app.geminal.units.Unreadable;
import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Draws the inside of a plan's bars. */
@Command(
    name = "render",
    description = {
      "Draws the pattern inside a plan's bars, as etched.",
      "The file name decides the format: .png picture, .svg outlines in true size."
    },
    mixinStandardHelpOptions = true)
final class Render implements Callable<Integer> {
  @Parameters(
      index = "0",
      paramLabel = "PLAN",
      description = "A plan file, a file of shorthand, - for standard input, or shorthand itself.")
  private String plan;

  @Parameters(index = "1", paramLabel = "FILE", description = "What to write, .png or .svg.")
  private Path file;

  @Option(
      names = "--view",
      description =
          "end: sawn through, face: ground from above, under: from below, along: cut lengthwise,"
              + " blade: a blade laid into the bar (${DEFAULT-VALUE}).")
  private View.From view = View.From.FACE;

  @Option(
      names = "--at",
      description =
          "Along the bar for end (its middle), depth ground off for face and under (nothing),"
              + " across for along (the middle), along for blade (the bench stop).")
  private @Nullable String at;

  @Option(
      names = "--blade",
      description = "The blade to lay into the bar, like \"120 x 25 x 4, drop\".")
  private @Nullable String blade;

  @Option(names = "--stage", description = "After which step, 0 for the stack (the last).")
  private @Nullable Integer stage;

  @Option(names = "--bar", description = "Which of several bars, from 0 (${DEFAULT-VALUE}).")
  private int bar;

  @Option(names = "--width", description = "Pixels across (${DEFAULT-VALUE}).")
  private int width = 1600;

  @Option(names = "--relief", description = "Shaded as after a deep etch.")
  private boolean relief;

  @Mixin private PlanOptions habits;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Render() {}

  private UnitSystem units() {
    return habits.units();
  }

  @Override
  public Integer call() throws IOException {
    boolean picture = file.toString().toLowerCase(Locale.ROOT).endsWith(".png");
    if (!picture && !file.toString().toLowerCase(Locale.ROOT).endsWith(".svg")) {
      throw new UnusableInput(Text.of("“%s” must end in .png or .svg.", file));
    }
    ShopDefaults defaults = habits.shop().defaults();
    Source source = Source.of(plan, units(), defaults);
    try {
      Run run = Run.of(source.file().plan(), source.steels(), defaults);
      Field field = Field.of(run, defaults, stage == null ? run.stages().size() - 1 : stage);
      SectionView sight = SectionView.of(field, view(field, defaults), bar);
      Pane pane = Pane.whole(sight, width);
      List<String> steels = field.steels();
      Tones tones = Tones.of(steels, source.steels());
      byte[] written =
          picture
              ? Png.of(
                  Painter.paint(sight, pane, tones, relief, () -> false).orElseThrow(), pane, false)
              : Svg.of(sight, pane, steels, tones, source.file().name())
                  .getBytes(StandardCharsets.UTF_8);
      Files.write(file, written);
      spec.commandLine()
          .getOut()
          .printf(
              "%s: %s × %s%n",
              file.getFileName(),
              Output.length(sight.widthMm(), habits.reader()),
              Quantity.mm(sight.heightMm()).format(habits.reader()));
      return run.stop().isPresent() ? Geminal.NO : 0;
    } catch (InvalidValue bad) {
      throw new UnusableInput(
          (bad.path().isEmpty() ? "" : bad.path() + ": ")
              + Measure.read(bad.words(), habits.reader()));
    }
  }

  private View view(Field field, ShopDefaults defaults) {
    double usual =
        switch (view) {
          case END -> field.bars().lengthMm() / 2;
          case ALONG -> field.bars().widthMm() / 2;
          case FACE, UNDER, BLADE -> 0;
        };
    Blade laid = blade(defaults);
    double above = laid == null ? 0 : (field.bars().widthMm() - laid.widthMm()) / 2;
    return View.of(view, at(usual), Math.max(0, above), laid);
  }

  private double at(double otherwise) {
    try {
      return at == null ? otherwise : Lengths.parseMm(at, units());
    } catch (Unreadable bad) {
      throw new UnusableInput("--at: " + bad.getMessage());
    }
  }

  private @Nullable Blade blade(ShopDefaults defaults) {
    if (blade == null) {
      return null;
    }
    try {
      return (Blade) Shorthand.parseStep("blade " + blade, units(), defaults);
    } catch (ShorthandError misread) {
      throw new UnusableInput(
          "--blade: " + Measure.read(String.valueOf(misread.getMessage()), habits.reader()));
    }
  }
}
