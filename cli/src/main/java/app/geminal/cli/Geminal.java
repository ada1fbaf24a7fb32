package app.geminal.cli;

import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** The command itself; alone it says what can be asked. */
@Command(
    name = "geminal",
    resourceBundle = "app.geminal.cli.usage",
    mixinStandardHelpOptions = true,
    version = "geminal 0.1.0",
    synopsisSubcommandLabel = "COMMAND",
    subcommands = {
      Count.class,
      Cut.class,
      Measure.class,
      PrintCard.class,
      Evaluate.class,
      Find.class,
      ListSteels.class,
      Pair.class,
      Pool.class,
      Render.class,
      Rip.class,
      Share.class,
      Weldmap.class,
      Workplan.class
    })
public final class Geminal implements Runnable {
  /** Something in the plan will fail, or the answer is no. */
  static final int NO = 1;

  /** The input cannot be read. */
  static final int UNREADABLE = 2;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  private Geminal() {}

  /** Runs the command and ends with its status. */
  public static void main(String[] args) {
    System.exit(commandLine().execute(args));
  }

  static CommandLine commandLine() {
    CommandLine line = new CommandLine(new Geminal());
    line.setCaseInsensitiveEnumValuesAllowed(true);
    line.setExecutionExceptionHandler((thrown, command, parsed) -> {
      if (thrown instanceof UnusableInput unusable) {
        PrintWriter err = command.getErr();
        err.println("geminal: " + unusable.getMessage());
        return UNREADABLE;
      }
      if (thrown instanceof InvalidValue bad) {
        command.getErr().println("geminal: " + bad.words().read(Units.METRIC));
        return UNREADABLE;
      }
      throw thrown;
    });
    return line;
  }

  @Override
  public void run() {
    spec.commandLine().usage(spec.commandLine().getOut());
  }
}
