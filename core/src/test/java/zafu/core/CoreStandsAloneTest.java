package zafu.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "zafu.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreStandsAloneTest {
    @ArchTest
    static final ArchRule theCoreNeedsOnlyTheJdkAndNullness =
            classes().should().onlyDependOnClassesThat().resideInAnyPackage("zafu.core..", "java..", "org.jspecify..");

    @ArchTest
    static final ArchRule theCoreReadsAndWritesNothing = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.io..", "java.nio..", "java.sql..", "java.net..");

    /** Whatever its form: a clock, a draw and an order that nobody gave are arguments. */
    @ArchTest
    static final ArchRule theCoreHasNoClockAndNoChanceOfItsOwn = noClasses()
            .should()
            .accessTargetWhere(new DescribedPredicate<JavaAccess<?>>("it is the machine's own time or chance") {
                @Override
                public boolean test(JavaAccess<?> access) {
                    String owner = access.getTargetOwner().getName();
                    String target = access.getTarget().getFullName();
                    return target.startsWith("java.time.") && target.contains(".now(")
                            || target.startsWith("java.time.Clock.system")
                            || target.startsWith("java.lang.System.currentTimeMillis")
                            || target.startsWith("java.lang.System.nanoTime")
                            || owner.equals("java.util.concurrent.ThreadLocalRandom")
                            || owner.equals("java.security.SecureRandom")
                            || target.startsWith("java.lang.Math.random")
                            || target.startsWith("java.util.UUID.randomUUID")
                            || target.equals("java.util.Random.<init>()")
                            || target.equals("java.util.Collections.shuffle(java.util.List)")
                            || target.contains(".parallelStream(");
                }
            });
}
