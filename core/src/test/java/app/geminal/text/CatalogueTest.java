package app.geminal.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.operation.FieldType;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKinds;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import com.ibm.icu.text.MessageFormat;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class CatalogueTest {
  private static final ResourceBundle ENGLISH =
      ResourceBundle.getBundle(Catalogue.CORE, Locale.ROOT);

  /** Every enum that names texts, found in what was compiled. */
  private static Set<String> named() {
    Set<String> keys = new TreeSet<>();
    for (JavaClass type :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.geminal")) {
      if (!type.isEnum()) {
        continue;
      }
      for (Object constant : type.reflect().getEnumConstants()) {
        if (constant instanceof MessageKey key) {
          keys.add(key.key());
        } else if (constant instanceof Topic topic) {
          keys.add(topic.key(Topic.Part.WHAT));
          keys.add(topic.key(Topic.Part.WHY));
          keys.add(topic.key(Topic.Part.ACTION));
        }
      }
    }
    OperationKinds.ALL.forEach(kind -> {
      keys.add(kind.title().key());
      keys.add(kind.means().key());
      for (OperationField field : kind.fields()) {
        kind.label(field).ifPresent(label -> keys.add(label.key()));
        if (field.type() instanceof FieldType.YesNo) {
          keys.add(kind.answer(field, true).key());
          keys.add(kind.answer(field, false).key());
        }
      }
    });
    return keys;
  }

  @Test
  void everyKeyHasItsTextAndEveryTextItsKey() {
    Set<String> written =
        ENGLISH.keySet().stream()
            .filter(k -> !k.endsWith(".remedy") && !k.startsWith("word."))
            .collect(Collectors.toCollection(TreeSet::new));
    assertThat(named()).hasSizeGreaterThan(200).isEqualTo(written);
  }

  /** Words are named by the type and the constant they are for. */
  @Test
  void everyWordIsOfAConstant() {
    Set<String> constants = new TreeSet<>();
    for (JavaClass type : new ClassFileImporter().importPackages("app.geminal")) {
      if (type.isEnum()) {
        for (Object constant : type.reflect().getEnumConstants()) {
          constants.add(Message.word((Enum<?>) constant).key());
        }
      }
    }
    assertThat(
            ENGLISH.keySet().stream()
                .filter(k -> k.startsWith("word.") && !k.startsWith("word.finding.")))
        .hasSizeGreaterThan(40)
        .allMatch(constants::contains);
  }

  @Test
  void everyPatternIsOne() {
    for (String key : ENGLISH.keySet()) {
      String text = ENGLISH.getString(key);
      assertThat(new MessageFormat(text, Locale.ENGLISH).toPattern()).as(key).isNotBlank();
      // Units come with the figures; a unit in a sentence would be one system's. What may be typed
      // is said in both.
      if (key.startsWith("typed.")) {
        continue;
      }
      assertThat(text).as(key).doesNotContainPattern("[}0-9] ?(mm|°|kg|kN|MPa|lb|psi|litres)\\b");
    }
  }

  @Test
  void figuresComeInTheReadersUnits() {
    Message message = Message.written("A bar [[mm 38.1]] wide at [[C 1260]].");
    assertThat(message.read(Units.US)).isEqualTo("A bar 1 1/2 in wide at 2300 °F.");
    assertThat(message.read(Units.METRIC)).isEqualTo("A bar 38.1 mm wide at 1260 °C.");
    assertThat(message.marked()).isEqualTo("A bar [[mm 38.1]] wide at [[C 1260]].");
  }

  @Test
  void messagesMayHoldMessagesListsAndCounts() {
    Message inner =
        new Message(
            Catalogue.CORE, "finding.short-by", Map.of("by", Quantity.mm(25.4), "size", "LENGTH"));
    Message outer =
        new Message(
            Catalogue.CORE,
            "finding.finish-short.why",
            MessageKey.figures(
                "short",
                List.of(inner, inner),
                "loss",
                "SCALE",
                "part",
                Quantity.share(0.12),
                "step",
                3));
    assertThat(outer.read(Units.US))
        .isEqualTo(
            "Short by 1 in in length and 1 in in length. Most is lost to scale, 12% of the steel you start with; the most at once in step 3.");
    assertThat(outer.marked()).contains("[[mm 25.4]]").contains("12%");
  }

  @Test
  void aMissingFigureIsAFaultOfTheProgram() {
    Message bare = new Message(Catalogue.CORE, "finding.copper-heats.why", Map.of());
    assertThatThrownBy(bare::marked).hasMessage("finding.copper-heats.why wants heats");
  }

  @Test
  void aLanguageWithoutAFileReadsEnglish() {
    Message message = new Message(Catalogue.CORE, "heat.brush-title", Map.of());
    assertThat(Catalogue.of(Locale.GERMAN).read(message, Units.METRIC)).isEqualTo("Brush");
  }

  @Test
  void aLanguageWithoutAFileHasEnglishFiguresToo() {
    Message nominal = new Message(Catalogue.CORE, "count.nominal", Map.of("layers", 1214));
    for (String language : List.of("de", "de-CH", "fr", "ar-EG", "xx-x-any", "en-US")) {
      assertThat(Catalogue.of(Locale.forLanguageTag(language)).marked(nominal))
          .as(language)
          .contains("is 1,214.");
      assertThat(Catalogue.of(Locale.forLanguageTag(language)))
          .as("one for all, however many are asked for")
          .isSameAs(Catalogue.of(Locale.ENGLISH));
    }
  }
}
