package app.geminal.server.demo;

import app.geminal.library.file.RefusedFile;
import app.geminal.library.welds.SharedWeldsFiles;
import app.geminal.server.pooling.PooledRecords;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The record of another shop, given to the demo shop and not counted yet. */
@Component
class OtherShops {
  private static final ClassPathResource FILE = new ClassPathResource("demo/upriver-welds.json");

  private final PooledRecords records;

  OtherShops(PooledRecords records) {
    this.records = records;
  }

  void add(String login) {
    try {
      records.add(
          "Upriver forge",
          SharedWeldsFiles.read(FILE.getContentAsString(StandardCharsets.UTF_8)),
          login);
    } catch (IOException missing) {
      throw new UncheckedIOException(missing);
    } catch (RefusedFile refused) {
      throw new IllegalStateException(refused);
    }
  }
}
