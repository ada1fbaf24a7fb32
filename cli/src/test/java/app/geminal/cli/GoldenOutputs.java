package app.geminal.cli;

import app.geminal.RandomPlans;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.flaw.FlawTracker;
import app.geminal.flaw.Spot;
import app.geminal.library.ShippedSteels;
import app.geminal.library.plan.PlanFile;
import app.geminal.library.plan.PlanFiles;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.ShopPreset;
import app.geminal.steel.Steels;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import picocli.CommandLine;

/**
 * Writes what the program says of many plans into a folder, so that a change of structure can be
 * shown to change none of it: {@code bin/golden} before, {@code bin/golden} after, {@code diff -r}.
 */
final class GoldenOutputs {
  private static final int PLANS = 400;
  private static final int WEAVED = 8;
  private static final String LARGE = "400";
  private static final String SMALL = "120";
  private static final List<String> VIEWS = List.of("face", "under", "end", "along");
  private static final List<String> QUESTIONS =
      List.of(
          "--target 60 --no-sheets",
          "--target 250 --within 10 --best risk",
          "--target 120 --sheet 15N20:1.5mm --core 1095:3mm --within 8",
          "--target 33 --block 40mm --shop-count --within 12");

  private static final ShopDefaults DEFAULTS = ShopPreset.GAS_AND_PRESS.shop().defaults();

  private static final Steels STEELS = ShippedSteels.read();

  private final Path folder;

  private GoldenOutputs(Path folder) {
    this.folder = folder;
  }

  /**
   * Writes them.
   *
   * @param args the folder, which is made
   */
  public static void main(String[] args) throws Exception {
    Path folder = Files.createDirectories(Path.of(args[0]));
    GoldenOutputs golden = new GoldenOutputs(folder);
    for (int seed = 0; seed < PLANS; seed++) {
      golden.evaluate(seed);
    }
    int shown = 0;
    for (int seed = 0; shown < WEAVED; seed++) {
      shown += golden.pictures(seed) ? 1 : 0;
    }
    for (int i = 0; i < QUESTIONS.size(); i++) {
      golden.say("find-%d.json".formatted(i), ("find --json " + QUESTIONS.get(i)).split(" "));
    }
  }

  private void evaluate(int seed) throws Exception {
    // Plans of any kinds of step, often stopping early; worked the usual way; and with findings.
    Plan plan =
        switch (seed % 4) {
          case 0, 1 -> RandomPlans.plan(seed);
          case 2 -> RandomPlans.sizeable(seed);
          default -> RandomPlans.offered(seed);
        };
    String name = "plan-%03d".formatted(seed);
    Path file = written(name, plan);
    say(name + ".evaluated.json", "evaluate", "--json", file.toString());
    say(name + ".inch.txt", "evaluate", "--inch", file.toString());
    Files.writeString(folder.resolve(name + ".flaws.txt"), flaws(run(file), seed));
    // Small, as far as the plan can be done: every kind of step is in some of them.
    render(file, name + "-end", SMALL, "--view", "end");
    render(file, name + "-face", SMALL, "--view", "face");
  }

  private boolean pictures(int seed) throws Exception {
    Plan plan = seed % 2 == 0 ? RandomPlans.sizeable(seed) : RandomPlans.plan(seed);
    String name = "picture-%03d".formatted(seed);
    Path file = written(name, plan);
    if (run(file).stop().isPresent()) {
      Files.delete(file);
      return false;
    }
    for (String view : VIEWS) {
      render(file, name + "-" + view, LARGE, "--view", view);
    }
    render(file, name + "-blade", LARGE, "--view", "blade", "--blade", "80 x 8 x 2");
    return true;
  }

  private void render(Path plan, String name, String width, String... view) {
    String[] words = new String[view.length + 5];
    words[0] = "render";
    words[1] = plan.toString();
    words[2] = folder.resolve(name + ".png").toString();
    words[3] = "--width";
    words[4] = width;
    System.arraycopy(view, 0, words, 5, view.length);
    CommandLine line = Geminal.commandLine();
    line.setOut(new PrintWriter(new StringWriter()));
    line.execute(words);
  }

  /** The tests' steels under names that are shipped. */
  private Path written(String name, Plan plan) throws Exception {
    String text =
        PlanFiles.write(new PlanFile(name, "", plan, List.of()))
            .replaceAll("(\"steel\"\\s*:\\s*)\"D\"", "$1\"1084\"")
            .replaceAll("(\"steel\"\\s*:\\s*)\"B\"", "$1\"15N20\"")
            .replaceAll("(\"steel\"\\s*:\\s*)\"(M|Hot)\"", "$1\"1095\"")
            .replaceAll("(\"steel\"\\s*:\\s*)\"Cu\"", "$1\"Cu\"")
            .replaceAll("(\"steel\"\\s*:\\s*)\"Cr\"", "$1\"D2\"")
            .replaceAll("(\"steel\"\\s*:\\s*)\"Iron\"", "$1\"wrought_iron\"");
    return Files.writeString(folder.resolve(name + ".json"), text);
  }

  private static Run run(Path file) throws Exception {
    return Run.of(PlanFiles.read(Files.readString(file)).plan(), STEELS, DEFAULTS);
  }

  /** Where flaws at places by chance are after each step. */
  private static String flaws(Run run, int seed) {
    SplittableRandom random = new SplittableRandom(seed);
    StringBuilder all = new StringBuilder();
    for (int stage = 0; stage < run.stages().size(); stage++) {
      var bars = run.stages().get(stage).bars();
      double x = bars.lengthMm() * random.nextDouble(0.9);
      double y = bars.widthMm() * random.nextDouble(0.9);
      double z = bars.section().heightMm() * random.nextDouble();
      int bar = random.nextInt(Math.max(1, bars.count()));
      Spot spot = new Spot(bar, x, x + 5, y, y + 1, z, z);
      for (FlawTracker.At at : FlawTracker.of(run, "", stage, spot)) {
        all.append(stage).append(": ").append(at).append('\n');
      }
    }
    return all.toString();
  }

  private void say(String name, String... words) throws Exception {
    StringWriter said = new StringWriter();
    CommandLine line = Geminal.commandLine();
    line.setOut(new PrintWriter(said));
    line.setErr(new PrintWriter(said));
    int status = line.execute(words);
    // A folder's own name is not what is compared.
    Files.writeString(
        folder.resolve(name),
        said.toString().replace(folder.toString(), "")
            + "%nstatus %d%n".formatted(status).toLowerCase(Locale.ROOT));
  }
}
