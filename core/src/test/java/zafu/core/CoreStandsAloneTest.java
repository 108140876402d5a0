package zafu.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Instant;
import java.time.LocalDate;

@AnalyzeClasses(packages = "zafu.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreStandsAloneTest {
    @ArchTest
    static final ArchRule theCoreNeedsOnlyTheJdkAndNullness =
            classes().should().onlyDependOnClassesThat().resideInAnyPackage("zafu.core..", "java..", "org.jspecify..");

    @ArchTest
    static final ArchRule theCoreHasNoClockChanceOrFilesOfItsOwn = noClasses()
            .should()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(Instant.class, "now")
            .orShould()
            .callMethod(Math.class, "random")
            .orShould()
            .dependOnClassesThat()
            .resideInAnyPackage("java.io..", "java.nio..", "java.sql..", "java.net..");
}
