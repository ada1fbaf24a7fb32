package app.geminal.cli;

import java.io.PrintWriter;
import java.io.StringWriter;
import picocli.CommandLine;

/** A test that runs commands as a shell does. */
abstract class ShellTest {
  /** What was written so far. */
  protected final StringWriter out = new StringWriter();

  /** What was written of errors so far. */
  protected final StringWriter err = new StringWriter();

  /** Runs a command; its exit status. */
  protected final int run(String... words) {
    CommandLine line = Geminal.commandLine();
    line.setOut(new PrintWriter(out));
    line.setErr(new PrintWriter(err));
    return line.execute(words);
  }
}
