package stoutblade.desktop;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import javafx.scene.control.Labeled;

/** The arrows between the rooms of the house. */
@AnalyzeClasses(
    packages = "stoutblade",
    importOptions = {ImportOption.DoNotIncludeTests.class, ArchitectureTest.NoTestJars.class})
class ArchitectureTest {

  /** The helpers that modules lend one another's tests lie in a jar of their own. */
  static final class NoTestJars implements ImportOption {

    @Override
    public boolean includes(Location location) {
      return !location.contains("-tests.jar");
    }
  }

  private static final String[] RECKON = {
    "stoutblade.body..",
    "stoutblade.build..",
    "stoutblade.catalogue..",
    "stoutblade.core..",
    "stoutblade.derive..",
    "stoutblade.develop..",
    "stoutblade.edit..",
    "stoutblade.event..",
    "stoutblade.feature..",
    "stoutblade.finish..",
    "stoutblade.finding..",
    "stoutblade.fit..",
    "stoutblade.flatten..",
    "stoutblade.journal..",
    "stoutblade.layer..",
    "stoutblade.measure..",
    "stoutblade.mesh..",
    "stoutblade.nest..",
    "stoutblade.part..",
    "stoutblade.pipework..",
    "stoutblade.project..",
    "stoutblade.reckoning..",
    "stoutblade.reference..",
    "stoutblade.section..",
    "stoutblade.shape..",
    "stoutblade.slice..",
    "stoutblade.stack..",
    "stoutblade.stock..",
    "stoutblade.sum..",
    "stoutblade.template..",
    "stoutblade.trace..",
    "stoutblade.wearer.."
  };

  @ArchTest
  static final ArchRule RECKON_KNOWS_NO_INTERFACE_NO_FILES_AND_NO_CLOCK =
      noClasses()
          .that()
          .resideInAnyPackage(RECKON)
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "javafx..",
              "java.awt..",
              "java.io..",
              "java.nio.file..",
              "com.fasterxml..",
              "stoutblade.formats..",
              "stoutblade.cli..",
              "stoutblade.desktop..")
          .orShould()
          .callMethod(java.time.LocalDateTime.class, "now")
          .orShould()
          .callMethod(java.time.Instant.class, "now");

  @ArchTest
  static final ArchRule FORMATS_KNOW_NO_INTERFACE =
      noClasses()
          .that()
          .resideInAnyPackage("stoutblade.formats..", "stoutblade.demo..", "stoutblade.cli..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("javafx..", "stoutblade.desktop..");

  @ArchTest
  static final ArchRule NO_CIRCLES_BETWEEN_PACKAGES =
      slices().matching("stoutblade.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule VIEW_MODELS_KNOW_NO_NODES =
      noClasses()
          .that()
          .haveSimpleNameEndingWith("Model")
          .or()
          .haveSimpleName("Desk")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("javafx.scene..", "javafx.stage..");

  @ArchTest
  static final ArchRule TEXT_WRAPS_IN_ONE_WAY =
      noClasses()
          .that()
          .doNotHaveFullyQualifiedName("stoutblade.desktop.WrappedText")
          .should()
          .callMethodWhere(
              target(name("setWrapText")).and(target(owner(assignableTo(Labeled.class)))))
          .because("the toolkit's layout of lines fails over words from right to left");
}
