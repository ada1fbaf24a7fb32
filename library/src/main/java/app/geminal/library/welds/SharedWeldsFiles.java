package app.geminal.library.welds;

import app.geminal.evidence.WeldObservation;
import app.geminal.library.file.OpenFormat;
import app.geminal.library.file.RefusedFile;
import app.geminal.library.plan.PlanJson;
import app.geminal.pooling.SharedWelds;
import app.geminal.validation.Require;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Objects;
import java.util.TreeSet;
import java.util.stream.Collectors;
import tools.jackson.databind.json.JsonMapper;

/** Reads and writes {@link SharedWelds}; see docs/formats/welds.md. */
public final class SharedWeldsFiles {
  /** Longer than any file of as many welds as a record may have. */
  public static final int LONGEST = 4_000_000;

  private static final OpenFormat FORMAT = new OpenFormat("geminal-welds", 1, LONGEST);
  private static final JsonMapper JSON = mapper();
  private static final int MOST_JOINTS = 10_000;

  private SharedWeldsFiles() {}

  private static JsonMapper mapper() {
    JsonMapper.Builder builder = FORMAT.mapper();
    PlanJson.strict(builder);
    return builder
        .changeDefaultPropertyInclusion(
            usual -> usual.withValueInclusion(JsonInclude.Include.NON_EMPTY))
        .build();
  }

  /** The document; the first two fields say what it is. */
  private record Document(String format, int version, String shop, List<Weld> welds) {}

  /** A weld in it; what no one knows is left out. */
  private record Weld(
      List<String> steels,
      AtmosphereProtection protection,
      double temperatureC,
      WeldConditions how,
      WeldOutcome outcome,
      List<WeldOutcome> joints) {
    Weld {
      steels = SteelNames.of(steels);
      Require.present("protection", protection);
      Require.present("how", how);
      Require.present("outcome", outcome);
      joints =
          Require.list("joints", Objects.requireNonNullElse(joints, List.of()), 0, MOST_JOINTS);
    }

    static Weld of(WeldObservation weld) {
      return new Weld(
          List.copyOf(weld.steels()),
          weld.protection(),
          weld.temperatureC(),
          weld.how(),
          weld.outcome(),
          weld.joints());
    }

    WeldObservation read() {
      return new WeldObservation(
          new TreeSet<>(steels), protection, temperatureC, how, "", outcome, joints);
    }
  }

  /** The record as a document, one weld in a line. */
  public static String write(SharedWelds record) {
    String head =
        "{\"format\":"
            + JSON.writeValueAsString(FORMAT.name())
            + ",\"version\":"
            + FORMAT.newest()
            + ",\"shop\":"
            + JSON.writeValueAsString(record.shop())
            + ",\"welds\":[\n";
    return record.welds().stream()
        .map(weld -> JSON.writeValueAsString(Weld.of(weld)))
        .collect(Collectors.joining(",\n", head, "\n]}\n"));
  }

  /**
   * Reads a document of any version.
   *
   * @throws RefusedFile with a JSON pointer and a reason
   */
  public static SharedWelds read(String text) throws RefusedFile {
    return FORMAT.read(
        text,
        JSON,
        Document.class,
        read ->
            new SharedWelds(
                read.shop(),
                Require.list("welds", read.welds(), 1, SharedWelds.MOST).stream()
                    .map(Weld::read)
                    .toList()));
  }
}
