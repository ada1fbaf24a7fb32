package app.geminal;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
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
            "org.ojalgo..")
        .check(CORE);
  }

  @Test
  void packagesHaveNoCircles() {
    slices().matching("app.geminal.(*)..").should().beFreeOfCycles().check(CORE);
  }
}
