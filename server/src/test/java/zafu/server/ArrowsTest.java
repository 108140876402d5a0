package zafu.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.simpleNameEndingWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import java.time.Clock;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Component;

/** Which way the arrows point within a feature. Those between features are {@link ModulesTest}'s. */
class ArrowsTest {
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("zafu.server");
    private static final DescribedPredicate<JavaClass> CONTROLLERS =
            resideInAPackage("zafu.server..").and(simpleNameEndingWith("Controller"));

    @Test
    void nothingLooksBackAtAController() {
        noClasses()
                .that(DescribedPredicate.not(CONTROLLERS))
                .should()
                .dependOnClassesThat(CONTROLLERS)
                .because("a controller only carries over between HTTP and a service")
                .check(SERVER);
    }

    @Test
    void noControllerReadsOrWritesRowsItself() {
        noClasses()
                .that(CONTROLLERS)
                .should()
                .dependOnClassesThat()
                .areAssignableTo(Repository.class)
                .check(SERVER);
        noClasses()
                .that(CONTROLLERS)
                .should()
                .dependOnClassesThat()
                .areAnnotatedWith(Entity.class)
                .check(SERVER);
    }

    @Test
    void noFeatureSeesTheRowsOfAnother() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .bePackagePrivate()
                .check(SERVER);
        classes()
                .that()
                .areAssignableTo(Repository.class)
                .should()
                .bePackagePrivate()
                .check(SERVER);
    }

    /** The one clock can be turned in a demonstration and in tests. */
    @Test
    void theTimeIsAskedOfTheOneClock() {
        noClasses()
                .that()
                .resideOutsideOfPackages("..standin..", "..platform..")
                .and()
                .doNotHaveSimpleName("ZafuApplication")
                .should()
                .accessTargetWhere(new DescribedPredicate<JavaAccess<?>>("it tells the time of the machine") {
                    @Override
                    public boolean test(JavaAccess<?> access) {
                        JavaClass owner = access.getTargetOwner();
                        boolean now = access.getName().equals("now")
                                && owner.getPackageName().equals("java.time")
                                && access.getTarget().getFullName().endsWith("now()");
                        boolean systemClock = owner.isEquivalentTo(Clock.class)
                                && access.getName().startsWith("system");
                        return now || systemClock;
                    }
                })
                .check(SERVER);
    }

    private static final int MOST_COLLABORATORS = 8;

    /** Those who need more are to become two; this list only ever gets shorter, and its numbers smaller. */
    private static final Map<String, Integer> TO_BE_PARTED = Map.ofEntries(
            Map.entry("AnswerKeeper", 9),
            Map.entry("ArrangementCare", 12),
            Map.entry("ArrangementService", 17),
            Map.entry("Bench", 13),
            Map.entry("BenchDeeds", 9),
            Map.entry("BenchReader", 12),
            Map.entry("CalendarFeeds", 10),
            Map.entry("ClassService", 12),
            Map.entry("CornerReader", 9),
            Map.entry("Doors", 13),
            Map.entry("FindService", 10),
            Map.entry("GroupDoors", 13),
            Map.entry("GroupJoining", 10),
            Map.entry("HandMarks", 11),
            Map.entry("ImportLog", 14),
            Map.entry("Invitations", 10),
            Map.entry("KeyCorrections", 9),
            Map.entry("LibraryItems", 13),
            Map.entry("ListTaking", 11),
            Map.entry("MyWorkService", 9),
            Map.entry("NeedService", 9),
            Map.entry("Notices", 10),
            Map.entry("ReportService", 10),
            Map.entry("RosterApplier", 10),
            Map.entry("ScoreSheetService", 11),
            Map.entry("SharedArrangements", 9),
            Map.entry("SharedFiles", 10),
            Map.entry("Shelves", 9),
            Map.entry("StudentDeeds", 10),
            Map.entry("StudentService", 10),
            Map.entry("Surveys", 9),
            Map.entry("TaskLoader", 11),
            Map.entry("TaskMoves", 11),
            Map.entry("TaskService", 17),
            Map.entry("TaskSteps", 12),
            Map.entry("TodayService", 16),
            Map.entry("TryReview", 12),
            Map.entry("TryService", 12));

    @Test
    void nobodyNeedsMoreThanSoManyOthers() {
        Map<String, Integer> others = new TreeMap<>();
        SERVER.stream()
                .filter(each -> each.isMetaAnnotatedWith(Component.class))
                .flatMap(each -> each.getConstructors().stream())
                .filter(each -> each.getRawParameterTypes().size() > MOST_COLLABORATORS)
                .forEach(each -> others.put(
                        each.getOwner().getSimpleName(),
                        each.getRawParameterTypes().size()));
        assertThat(others).isEqualTo(new TreeMap<>(TO_BE_PARTED));
    }
}
