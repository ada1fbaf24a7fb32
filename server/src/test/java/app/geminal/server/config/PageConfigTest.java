package app.geminal.server.config;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class PageConfigTest {
  /** An address that the page's own router knows opens the page when it is typed or reloaded. */
  @Test
  void everyViewOfThePageIsServed() throws IOException {
    String router = Files.readString(Path.of("../web/src/app/App.tsx"));
    List<String> paths =
        Pattern.compile("(?:^ {2}'|path=\")(/[^'\"]*)", Pattern.MULTILINE)
            .matcher(router)
            .results()
            .map(m -> m.group(1).replace(":id", "*").replace("/billets/new", "/billets/*"))
            .toList();
    assertThat(paths).hasSizeGreaterThan(10).contains("/first-steps");
    assertThat(PageConfig.VIEWS).containsAll(paths);
  }
}
