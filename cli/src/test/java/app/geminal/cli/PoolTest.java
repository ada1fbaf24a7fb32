package app.geminal.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Welds given to other shops and taken from them. */
class PoolTest {
  @TempDir private Path folder;
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();

  private int run(Object... words) {
    out.getBuffer().setLength(0);
    CommandLine line = Geminal.commandLine();
    line.setOut(new PrintWriter(out));
    line.setErr(new PrintWriter(err));
    return line.execute(
        java.util.Arrays.stream(words).map(Object::toString).toArray(String[]::new));
  }

  /** A Book of which every so many-th weld delaminated. */
  private Path book(String name, int welds, int openEvery) throws IOException {
    String lines =
        IntStream.range(0, welds)
            .mapToObj(i ->
                """
                {"id":%d,"billetName":"Tide bar","note":"too fast","madeBy":"Wren",
                "temperatureC":%d,"protection":"BORAX","steels":["1084","%s"],"outcome":"%s",
                "how":{"soakMin":%d.5,"waitedS":%d.25,"workingS":7.0,"joints":4,"later":true}}
                """
                    .formatted(
                        i,
                        1150 + i,
                        i == 0 ? "heirloom" : "15N20",
                        i == 1 ? "SUSPECT" : i % openEvery == 2 ? "OPEN" : "HELD",
                        10 + i,
                        3 + i % 5))
            .collect(Collectors.joining(","));
    return Files.writeString(
        folder.resolve(name),
        "{\"format\":\"geminal-book\",\"version\":3,\"welds\":[%s],\"entries\":[]}"
            .formatted(lines));
  }

  @Test
  void whatLeavesIsShownAndOnlyThenWritten() throws IOException {
    Path book = book("book.json", 30, 5);
    assertThat(run("share", book)).as(err.toString()).isZero();
    assertThat(out.toString())
        .contains("29 welds would leave, 6 of them delaminated")
        .contains("1 suspect weld, and the steels of 1 weld")
        .contains("Nothing was written")
        .doesNotContain("Wren", "Tide bar", "too fast", "heirloom");
    Path file = folder.resolve("welds.json");
    assertThat(file).doesNotExist();
    assertThat(run("share", book, "--out", file, "--shop", "2f0c91aa")).isZero();
    assertThat(out.toString()).contains(Files.readString(file));
    assertThat(Files.readString(file)).contains("\"shop\":\"2f0c91aa\"").hasLineCount(31);
  }

  @Test
  void otherShopsMoveTheChanceAndDoubtsAreSaid() throws IOException {
    Path file = folder.resolve("welds.json");
    run("share", book("bad.json", 200, 3), "--out", file);
    assertThat(run("pool", file, "--json")).as(err.toString()).isZero();
    JsonNode good = JsonMapper.shared().readTree(out.toString());
    assertThat(good.at("/chance").doubleValue()).isLessThan(good.at("/alone").doubleValue() - 0.02);
    assertThat(run("pool", file, file)).as("the same file twice").isEqualTo(Geminal.NO);
    assertThat(out.toString())
        .contains("199 of its 199 welds are in your Book or in another shop’s record already");
    assertThat(run("pool", file, "--book", folder.resolve("bad.json"))).isEqualTo(Geminal.NO);
    run("share", book("few.json", 8, 5), "--out", file);
    assertThat(run("pool", file)).isEqualTo(Geminal.NO);
    assertThat(out.toString()).contains("Only 7 welds.").contains("without other shops");
  }

  @Test
  void whatCannotBeReadIsRefusedWithItsPlace() throws IOException {
    Path book = book("book.json", 3, 2);
    assertThat(run("pool", book)).isEqualTo(Geminal.UNREADABLE);
    assertThat(err.toString()).contains("book.json: at /format: This is another kind of file");
    assertThat(run("share", folder.resolve("none.json"))).isEqualTo(Geminal.UNREADABLE);
    assertThat(run("share", book, "--shop", "The Wharf")).isEqualTo(Geminal.UNREADABLE);
    assertThat(err.toString()).contains("cannot be read").contains("small letters");
  }
}
