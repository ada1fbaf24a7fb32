package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Locale;
import java.util.ResourceBundle;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;

class CliTextTest {
  @Test
  void everyKeyHasItsTextAndEveryTextItsKey() {
    assertThat(Arrays.stream(CliText.values()).map(CliText::key))
        .containsExactlyInAnyOrderElementsOf(
            ResourceBundle.getBundle("app.geminal.cli.cli", Locale.ROOT).keySet());
  }

  @Test
  void everyCommandAndOptionIsExplained() {
    CommandLine geminal = Geminal.commandLine();
    assertThat(geminal.getSubcommands()).hasSizeGreaterThan(4);
    geminal.getSubcommands().values().forEach(CliTextTest::isExplained);
    isExplained(geminal);
  }

  private static void isExplained(CommandLine command) {
    String name = command.getCommandName();
    assertThat(command.getCommandSpec().usageMessage().description()).as(name).isNotEmpty();
    for (OptionSpec option : command.getCommandSpec().options()) {
      assertThat(option.description()).as(name + " " + option.longestName()).isNotEmpty();
    }
    for (PositionalParamSpec given : command.getCommandSpec().positionalParameters()) {
      assertThat(given.description()).as(name + " " + given.paramLabel()).isNotEmpty();
    }
  }
}
