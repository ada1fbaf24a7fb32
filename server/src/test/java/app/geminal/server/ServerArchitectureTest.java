package app.geminal.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ServerArchitectureTest {
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("app.geminal.server");

  @Test
  void sqlStandsInRepositoriesOnly() {
    noClasses()
        .that()
        .haveSimpleNameNotEndingWith("Repository")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.springframework.jdbc..", "java.sql..", "javax.sql..")
        .check(SERVER);
  }

  @Test
  void figuresAreWordedAlikeInEveryLanguage() {
    noClasses()
        .should()
        .callMethod(String.class, "formatted", Object[].class)
        .orShould()
        .callMethod(String.class, "format", String.class, Object[].class)
        .orShould()
        .callMethod(String.class, "toLowerCase")
        .orShould()
        .callMethod(String.class, "toUpperCase")
        .check(
            new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("app.geminal"));
  }

  @Test
  void controllersGoThroughServices() {
    noClasses()
        .that()
        .haveSimpleNameEndingWith("Controller")
        .should()
        .dependOnClassesThat()
        .haveSimpleNameEndingWith("Repository")
        .check(SERVER);
  }

  @Test
  void onlyThePublicFaceOfAPackageIsPublic() {
    classes()
        .that()
        .haveSimpleNameEndingWith("Repository")
        .or()
        .haveSimpleNameEndingWith("Controller")
        .should()
        .notBePublic()
        .check(SERVER);
  }

  @Test
  void packagesHaveNoCircles() {
    slices().matching("app.geminal.server.(*)..").should().beFreeOfCycles().check(SERVER);
  }
}
