package app.geminal.server.text;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.text.MessageKey;
import com.ibm.icu.text.MessageFormat;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Texts of the modules above the core. */
class ServerCatalogueTest {

  private static Set<String> named(Class<? extends MessageKey> kind) {
    Set<String> keys = new TreeSet<>();
    for (JavaClass type :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.geminal")) {
      if (type.isEnum() && type.isAssignableTo(kind)) {
        for (Object constant : type.reflect().getEnumConstants()) {
          keys.add(((MessageKey) constant).key());
        }
      }
    }
    return keys;
  }

  @ParameterizedTest
  @CsvSource({
    "app.geminal.server.text.ServerKey, app.geminal.server.text.server, 150",
    "app.geminal.library.text.LibraryKey, app.geminal.library.text.library, 20"
  })
  void everyKeyHasItsTextAndEveryTextItsKey(
      Class<? extends MessageKey> kind, String catalogue, int least) {
    ResourceBundle texts = ResourceBundle.getBundle(catalogue, Locale.ROOT);
    assertThat(named(kind)).hasSizeGreaterThan(least).isEqualTo(new TreeSet<>(texts.keySet()));
    for (String key : texts.keySet()) {
      String text = texts.getString(key);
      assertThat(new MessageFormat(text, Locale.ENGLISH).toPattern()).as(key).isNotBlank();
      assertThat(text).as(key).doesNotContainPattern("[}0-9] ?(mm|°|kg|kN|MPa|lb|psi|litres)\\b");
    }
  }
}
