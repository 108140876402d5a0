package zafu.core.targeting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;

class WhoGetsWhatTest {
    private static final StudentId UMI = new StudentId(1);
    private static final GroupId REEF = new GroupId(1);
    private static final GroupId EBB = new GroupId(2);
    private static final VersionId FIRST = new VersionId(1);
    private static final VersionId SECOND = new VersionId(2);

    record Given(List<StudentId> students, Map<GroupId, Set<StudentId>> members, List<Targets> versions) {}

    static Stream<Given> manyTasks() {
        Random random = new Random(23);
        return IntStream.range(0, 150).mapToObj(i -> {
            List<StudentId> students =
                    LongStream.range(0, 12).mapToObj(StudentId::new).toList();
            Map<GroupId, Set<StudentId>> members = new LinkedHashMap<>();
            for (long g = 0; g < 4; g++) {
                members.put(new GroupId(g), some(students, random, 4));
            }
            List<Targets> versions = new ArrayList<>();
            for (long v = 0; v < 1 + random.nextInt(4); v++) {
                versions.add(new Targets(
                        new VersionId(v),
                        random.nextInt(5) == 0,
                        some(new ArrayList<>(members.keySet()), random, 3),
                        some(students, random, 6),
                        some(students, random, 6)));
            }
            return new Given(students, members, versions);
        });
    }

    private static <T> Set<T> some(List<T> from, Random random, int oneIn) {
        Set<T> chosen = new LinkedHashSet<>();
        from.forEach(each -> {
            if (random.nextInt(oneIn) == 0) {
                chosen.add(each);
            }
        });
        return chosen;
    }

    private static Map<StudentId, Outcome> resolve(Given given) {
        return new WhoGetsWhat(given.members, given.versions, Map.of()).resolve(given.students);
    }

    @ParameterizedTest
    @MethodSource("manyTasks")
    void everyStudentHasExactlyOneOutcomeWhateverTheOrderOfTheVersions(Given given) {
        Map<StudentId, Outcome> outcomes = resolve(given);
        assertThat(outcomes.keySet()).containsExactlyElementsOf(given.students);
        List<Targets> turned = new ArrayList<>(given.versions);
        Collections.reverse(turned);
        resolve(new Given(given.students, given.members, turned))
                .forEach((student, outcome) -> assertThat(claims(outcome)).isEqualTo(claims(outcomes.get(student))));
    }

    private static Set<VersionId> claims(Outcome outcome) {
        Set<VersionId> claims = new LinkedHashSet<>();
        if (outcome instanceof Outcome.Conflict conflict) {
            conflict.claims().forEach(claim -> claims.add(claim.version()));
        }
        outcome.given().ifPresent(claims::add);
        return claims;
    }

    @ParameterizedTest
    @MethodSource("manyTasks")
    void nobodyGetsAVersionThatExceptsThem(Given given) {
        resolve(given).forEach((student, outcome) -> given.versions.stream()
                .filter(version -> version.except().contains(student))
                .forEach(version -> assertThat(claims(outcome)).doesNotContain(version.version())));
    }

    @ParameterizedTest
    @MethodSource("manyTasks")
    void aConflictHasAtLeastTwoClaimsOfOneLevel(Given given) {
        resolve(given).values().forEach(outcome -> {
            if (outcome instanceof Outcome.Conflict conflict) {
                assertThat(conflict.claims()).hasSizeGreaterThan(1);
                assertThat(conflict.claims().stream()
                                .map(claim -> claim.reach().getClass())
                                .distinct())
                        .hasSize(1);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("manyTasks")
    void namingAStudentInOneVersionAloneAlwaysSettlesIt(Given given) {
        StudentId student = given.students.get(0);
        List<Targets> settled = new ArrayList<>();
        for (Targets version : given.versions) {
            boolean chosen = settled.isEmpty();
            Set<StudentId> named = new LinkedHashSet<>(version.students());
            named.remove(student);
            Set<StudentId> except = new LinkedHashSet<>(version.except());
            if (chosen) {
                named.add(student);
                except.remove(student);
            }
            settled.add(new Targets(version.version(), version.everyone(), version.groups(), named, except));
        }
        Outcome outcome =
                resolve(new Given(given.students, given.members, settled)).get(student);
        assertThat(outcome).isEqualTo(new Outcome.Gets(given.versions.get(0).version(), new Reach.ByName()));
    }

    private static Targets of(VersionId version, boolean everyone, Set<GroupId> groups, Set<StudentId> named) {
        return new Targets(version, everyone, groups, named, Set.of());
    }

    private static Outcome ofUmi(Targets... versions) {
        return new WhoGetsWhat(Map.of(REEF, Set.of(UMI), EBB, Set.of(UMI)), List.of(versions), Map.of())
                .resolve(List.of(UMI))
                .get(UMI);
    }

    @Test
    void byNameBeatsByGroupBeatsEveryone() {
        Targets everyone = of(FIRST, true, Set.of(), Set.of());
        Targets group = of(SECOND, false, Set.of(REEF), Set.of());
        Targets name = of(new VersionId(3), false, Set.of(), Set.of(UMI));
        assertThat(ofUmi(everyone)).isEqualTo(new Outcome.Gets(FIRST, new Reach.AsEveryone()));
        assertThat(ofUmi(everyone, group)).isEqualTo(new Outcome.Gets(SECOND, new Reach.ByGroups(List.of(REEF))));
        assertThat(ofUmi(everyone, group, name)).isEqualTo(new Outcome.Gets(new VersionId(3), new Reach.ByName()));
    }

    @Test
    void oneVersionThroughTwoGroupsIsNoConflict() {
        Outcome outcome = new WhoGetsWhat(
                        new LinkedHashMap<>(Map.of(REEF, Set.of(UMI))),
                        List.of(of(FIRST, false, Set.of(REEF, EBB), Set.of())),
                        Map.of())
                .resolve(List.of(UMI))
                .get(UMI);
        assertThat(outcome.given()).contains(FIRST);
        assertThat(ofUmi(of(FIRST, false, Set.of(REEF, EBB), Set.of())).given()).contains(FIRST);
    }

    @Test
    void nothingReachesAStudentWhomNoVersionNames() {
        assertThat(ofUmi(of(FIRST, false, Set.of(new GroupId(9)), Set.of()))).isEqualTo(new Outcome.NotCovered());
        assertThat(ofUmi()).isEqualTo(new Outcome.NotCovered());
    }

    @Test
    void aRunningTryBeatsEvenANamedTarget() {
        Outcome outcome = new WhoGetsWhat(
                        Map.of(), List.of(of(FIRST, false, Set.of(), Set.of(UMI))), Map.of(UMI, SECOND))
                .resolve(List.of(UMI))
                .get(UMI);
        assertThat(outcome).isEqualTo(new Outcome.Gets(SECOND, new Reach.Started()));
    }
}
