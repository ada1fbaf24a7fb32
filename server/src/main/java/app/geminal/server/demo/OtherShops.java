package app.geminal.server.demo;

import app.geminal.library.file.RefusedFile;
import app.geminal.library.welds.SharedWeldsFiles;
import app.geminal.server.pooling.PooledRecords;
import org.springframework.stereotype.Component;

/** The record of another shop, given to the demo shop and not counted yet. */
@Component
class OtherShops {
  private final PooledRecords records;

  OtherShops(PooledRecords records) {
    this.records = records;
  }

  void add(String login) {
    try {
      records.add(
          "Upriver forge", SharedWeldsFiles.read(DemoFiles.text("upriver-welds.json")), login);
    } catch (RefusedFile refused) {
      throw new IllegalStateException(refused);
    }
  }
}
