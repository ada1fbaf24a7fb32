package app.geminal.library.welds;

import app.geminal.evidence.WeldObservation;
import app.geminal.library.file.OpenFormat;
import app.geminal.library.file.RefusedFile;
import app.geminal.library.plan.PlanJson;
import app.geminal.validation.Require;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.List;
import java.util.TreeSet;
import tools.jackson.databind.json.JsonMapper;

/** Reads the welds of a Book that was saved as JSON; see docs/formats/book.md. */
public final class BookFiles {
  /** What the document says it is. */
  public static final String FORMAT = "geminal-book";

  /** The version that is written; every earlier one is read. */
  public static final int VERSION = 3;

  private static final int LONGEST = 200_000_000;
  private static final OpenFormat OPEN = new OpenFormat(FORMAT, VERSION, LONGEST);
  private static final JsonMapper JSON = mapper();

  private BookFiles() {}

  private static JsonMapper mapper() {
    JsonMapper.Builder builder = OPEN.mapper();
    PlanJson.strict(builder);
    return builder.build();
  }

  /** The part of the document that is read. */
  @JsonIgnoreProperties(ignoreUnknown = true)
  private record Document(List<Weld> welds) {}

  /** A weld in it; the versions before 3 have no steels. Only JSON makes one. */
  @SuppressWarnings("UnusedMethod")
  @JsonIgnoreProperties(ignoreUnknown = true)
  private record Weld(
      List<String> steels,
      @JsonAlias("school") AtmosphereProtection protection,
      double temperatureC,
      WeldConditions how,
      String madeBy,
      WeldOutcome outcome) {
    Weld {
      steels = SteelNames.of(steels);
      Require.present("protection", protection);
      Require.present("how", how);
      Require.present("madeBy", madeBy);
      Require.present("outcome", outcome);
    }

    WeldObservation read() {
      return new WeldObservation(
          new TreeSet<>(steels), protection, temperatureC, how, madeBy, outcome, List.of());
    }
  }

  /**
   * The welds of a Book of any version, newest first; what became of single joints is not in it.
   *
   * @throws RefusedFile with a JSON pointer and a reason
   */
  public static List<WeldObservation> welds(String text) throws RefusedFile {
    return OPEN.read(
        text,
        JSON,
        Document.class,
        read -> Require.present("welds", read.welds()).stream().map(Weld::read).toList());
  }
}
