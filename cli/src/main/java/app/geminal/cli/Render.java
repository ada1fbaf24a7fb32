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
import app.geminal.text.TypedText;
import app.geminal.units.Lengths;
import app.geminal.units.Quantity;
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
@Command(name = "render", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class Render implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "PLAN", descriptionKey = "geminal.render.plan")
  private String plan;

  @Parameters(index = "1", paramLabel = "FILE", descriptionKey = "geminal.render.file")
  private Path file;

  @Option(names = "--view")
  private View.From view = View.From.FACE;

  @Option(names = "--at")
  private @Nullable String at;

  @Option(names = "--blade")
  private @Nullable String blade;

  @Option(names = "--stage")
  private @Nullable Integer stage;

  @Option(names = "--bar")
  private int bar;

  @Option(names = "--width")
  private int width = 1600;

  @Option(names = "--relief")
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
      throw new UnusableInput(
          CliText.PICTURE_NAME.with("file", file.toString()).read(habits.reader()));
    }
    ShopDefaults defaults = habits.shop().defaults();
    Source source = Source.of(plan, units(), defaults);
    try {
      Run run = Run.of(source.file().plan(), source.steels(), defaults);
      Field field = Field.of(run, stage == null ? run.stages().size() - 1 : stage);
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
      throw new UnusableInput(CliText.at(bad.path(), bad.words()).read(habits.reader()));
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
      throw new UnusableInput("--at: " + TypedText.of(bad).read(habits.reader()));
    }
  }

  private @Nullable Blade blade(ShopDefaults defaults) {
    if (blade == null) {
      return null;
    }
    try {
      return (Blade) Shorthand.parseStep("blade " + blade, units(), defaults);
    } catch (ShorthandError misread) {
      throw new UnusableInput("--blade: " + misread.words().read(habits.reader()));
    }
  }
}
