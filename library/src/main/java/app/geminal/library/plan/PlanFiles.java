package app.geminal.library.plan;

import app.geminal.billet.Plan;
import app.geminal.library.file.OpenFormat;
import app.geminal.library.file.RefusedFile;
import app.geminal.steel.OwnSteel;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reads and writes {@link PlanFile}s; see docs/formats/plan.md. */
public final class PlanFiles {
  /** Longer than any plan that can be meant: 200 steps in each of 12 parts. */
  public static final int LONGEST = 4_000_000;

  private static final OpenFormat FORMAT =
      new OpenFormat(PlanFile.FORMAT, PlanFile.VERSION, LONGEST);
  private static final JsonMapper JSON = mapper();

  private PlanFiles() {}

  private static JsonMapper mapper() {
    JsonMapper.Builder builder = FORMAT.mapper();
    PlanJson.strict(builder);
    return builder.enable(SerializationFeature.INDENT_OUTPUT).build();
  }

  /** The document; the first two fields say what it is. */
  private record Document(
      String format,
      int version,
      String name,
      @Nullable String purpose,
      Plan plan,
      @Nullable List<OwnSteel> steels) {}

  /** The file as a document. */
  public static String write(PlanFile file) {
    return JSON.writeValueAsString(
            new Document(
                PlanFile.FORMAT,
                PlanFile.VERSION,
                file.name(),
                file.purpose(),
                file.plan(),
                file.steels()))
        + "\n";
  }

  /**
   * Reads a document of any version.
   *
   * @throws RefusedFile with a JSON pointer and a reason
   */
  public static PlanFile read(String text) throws RefusedFile {
    return FORMAT.read(
        text,
        JSON,
        Document.class,
        read -> new PlanFile(read.name(), read.purpose(), read.plan(), read.steels()));
  }
}
