package app.geminal.library.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.RandomPlans;
import app.geminal.billet.Origin;
import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.library.file.RefusedFile;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Composition;
import app.geminal.steel.OwnSteel;
import app.geminal.units.UnitSystem;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class PlanFilesTest {
  private static final Schema SCHEMA = schema();
  private static final String LINE =
      "part edge = (1084 10) 12 x 100 | 3 (1075 3, 15N20 2) 40 x 200 > set 3 > cut 2"
          + " > restack same, with (15N20 1) > layup left (@edge)";

  private static Schema schema() {
    try (InputStream in = PlanFiles.class.getResourceAsStream("geminal-plan-2.schema.json")) {
      return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(in);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static boolean isValid(String document) {
    return SCHEMA.validate(document, InputFormat.JSON).isEmpty();
  }

  static LongStream seeds() {
    return RandomPlans.seeds();
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsWrittenReadsBackTheSameAndKeepsToTheSchema(long seed) throws RefusedFile {
    PlanFile file = new PlanFile("Seed " + seed, "", RandomPlans.plan(seed), List.of());
    String document = PlanFiles.write(file);
    assertThat(PlanFiles.read(document)).isEqualTo(file);
    assertThat(SCHEMA.validate(document, InputFormat.JSON)).isEmpty();
  }

  @Test
  void aPlanOfTheFirstVersionIsReadAsItWasMeant() throws Exception {
    try (InputStream old = PlanFilesTest.class.getResourceAsStream("plan-version-1.json")) {
      String text = new String(old.readAllBytes(), StandardCharsets.UTF_8);
      assertThat(text).contains("\"school\"");
      PlanFile file = PlanFiles.read(text);
      assertThat(PlanFiles.write(file)).contains("\"protection\"").doesNotContain("school");
      assertThat(PlanFiles.read(PlanFiles.write(file))).isEqualTo(file);
    }
  }

  @Test
  void ownSteelsAndOriginsTravelWithIt() throws RefusedFile {
    Plan plan = Shorthand.parse(LINE, UnitSystem.METRIC, ShopDefaults.common());
    Part picked =
        new Part("edge", plan.parts().getFirst().plan(), new Origin(4, "Drawknife iron", "s3"));
    OwnSteel own =
        new OwnSteel(
            "mill_band",
            "Band mill blade",
            OwnSteel.Origin.RECLAIMED,
            Optional.of("bandsaw_plain"),
            Composition.of(0.7, 0.5, 0.2, 1, 0),
            List.of(),
            OwnSteel.Given.nothing());
    PlanFile file =
        new PlanFile("A", "For the yard", plan.withParts(List.of(picked)), List.of(own));
    String document = PlanFiles.write(file);
    assertThat(PlanFiles.read(document)).isEqualTo(file);
    assertThat(isValid(document)).isTrue();
  }

  /**
   * Each: what to replace, with what, the pointer, a word of the reason, whether a schema sees it.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      quoteCharacter = '\0',
      value = {
        "\"geminal-plan\"~\"other-plan\"~/format~another kind of file~true",
        "\"version\" : 2~\"version\" : 3~/version~Versions 1 to 2~true",
        "\"version\" : 2~\"version\" : \"1\"~/version~Versions 1 to 2~true",
        "\"purpose\" : \"\"~\"colour\" : \"red\"~/colour~not known~true",
        "\"pieces\" : 2~\"pieces\" : \"two\"~/plan/steps/1/operation/pieces~number~true",
        "\"pieces\" : 2~\"pieces\" : 2.5~/plan/steps/1/operation/pieces~number~true",
        "\"pieces\" : 2~\"pieces\" : 61~/plan/steps/1/operation/pieces~Enter 2 to 60~true",
        "\"kind\" : \"cut\"~\"kind\" : \"bend\"~/plan/steps/1/operation~not a kind of step~true",
        "\"kerfMm\" : 1.6~\"kerfCm\" : 1.6~/plan/steps/1/operation/kerfMm~number~true",
        "\"steel\" : \"1084\"~\"steel\" : \"10 84\"~/plan/parts/0/plan/stack/pieces/0/steel~letters~true",
        "\"part\" : \"edge\"~\"part\" : \"Edge\"~/plan/steps/3/operation/left/0/part~small letter~true",
        "\"part\" : \"edge\"~\"steelPart\" : \"edge\"~/plan/steps/3/operation/left/0/part~empty~true",
        "\"protection\" : \"BORAX\"~\"protection\" : \"MUD\"~/plan/steps/0/operation/protection~one of~true",
        "\"key\" : \"s2\"~\"key\" : \"s1\"~/plan/steps/1/key~have the key~false",
        "\"off\" : false~\"off\" : \"no\"~/plan/steps/0/off~wrong type~true",
        "\"widthMm\" : 12.0~\"widthMm\" : 1e9~/plan/parts/0/plan/stack/widthMm~Enter ~true",
        "\"name\" : \"A\"~\"name\" : \"\"~/name~empty~true",
      })
  void brokenDocumentsAreRefusedWithAPointer(
      String what, String with, String pointer, String reason, boolean schemaSeesIt) {
    String good =
        PlanFiles.write(
            new PlanFile(
                "A",
                "",
                Shorthand.parse(LINE, UnitSystem.METRIC, ShopDefaults.common()),
                List.of()));
    assertThat(good).contains(what);
    String broken =
        good.replaceFirst(
            java.util.regex.Pattern.quote(what), java.util.regex.Matcher.quoteReplacement(with));
    assertThatThrownBy(() -> PlanFiles.read(broken))
        .isInstanceOfSatisfying(
            RefusedFile.class,
            refused -> {
              assertThat(refused.fault().pointer()).isEqualTo(pointer);
              assertThat(refused.fault().reason().marked()).contains(reason);
            });
    assertThat(isValid(broken)).isEqualTo(!schemaSeesIt);
  }

  @Test
  void whatIsNoJsonOrFarTooLargeOrTooDeepIsRefused() {
    for (String text :
        List.of(
            "",
            "hello",
            "[]",
            "{",
            "null",
            "{\"format\":\"geminal-plan\",\"format\":\"x\"}",
            "[".repeat(5000),
            " ".repeat(PlanFiles.LONGEST + 1))) {
      assertThatThrownBy(() -> PlanFiles.read(text)).isInstanceOf(RefusedFile.class);
    }
  }

  static Stream<Path> examples() throws IOException {
    try (Stream<Path> files = Files.list(Path.of("../docs/formats/examples"))) {
      return files.sorted().toList().stream();
    }
  }

  @ParameterizedTest
  @MethodSource("examples")
  void theDocumentedExamplesAreGood(Path example) throws IOException, RefusedFile {
    String document = Files.readString(example, StandardCharsets.UTF_8);
    assertThat(isValid(document)).isTrue();
    assertThat(PlanFiles.read(document).plan().steps()).isNotEmpty();
  }
}
