package app.geminal;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("app.geminal");

  @Test
  void coreKnowsNothingButItselfAndTheLanguage() {
    classes()
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "app.geminal..",
            "java.lang..",
            "java.util..",
            "java.math..",
            "java.time..",
            "org.jspecify..",
            "com.google.auto.service..",
            "com.google.errorprone.annotations..",
            "org.ojalgo..",
            "com.ibm.icu..")
        .check(CORE);
  }

  /** A machine's language decides how these write a number; Text.of does not ask it. */
  @Test
  void figuresAreWordedAlikeInEveryLanguage() {
    noClasses()
        .should()
        .callMethod(String.class, "formatted", Object[].class)
        .orShould()
        .callMethod(String.class, "format", String.class, Object[].class)
        .orShould()
        .callMethod(java.io.PrintStream.class, "printf", String.class, Object[].class)
        .orShould()
        .callMethod(java.io.PrintWriter.class, "printf", String.class, Object[].class)
        .orShould()
        .callMethod(String.class, "toLowerCase")
        .orShould()
        .callMethod(String.class, "toUpperCase")
        .check(CORE);
  }

  /** Their order is another one at every start. */
  @Test
  void nothingIsCopiedIntoAShuffledOrder() {
    noClasses()
        .should()
        .callMethod(java.util.Map.class, "copyOf", java.util.Map.class)
        .orShould()
        .callMethod(java.util.Set.class, "copyOf", java.util.Collection.class)
        .check(CORE);
  }

  @Test
  void packagesHaveNoCircles() {
    slices().matching("app.geminal.(*)..").should().beFreeOfCycles().check(CORE);
  }
}
