package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.text.Collator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.arrangement.GroupListApi.ListedGroup;
import zafu.server.arrangement.GroupListApi.ListedStudent;
import zafu.server.arrangement.GroupListApi.PrivateList;
import zafu.server.arrangement.GroupListApi.WallGroup;
import zafu.server.arrangement.GroupListApi.WallList;
import zafu.server.platform.Refusal;

/**
 * Lists of groups on paper. The one for the wall says nothing but who is where: it calls groups what students call
 * them, and neither their order nor the order of names follows a score. The private one is for the teacher.
 */
@Service
class GroupLists {
    private final ArrangementRepository arrangements;
    private final BenchReader reader;
    private final Pools pools;

    GroupLists(ArrangementRepository arrangements, BenchReader reader, Pools pools) {
        this.arrangements = arrangements;
        this.reader = reader;
        this.pools = pools;
    }

    @Transactional(readOnly = true)
    WallList wall(long arrangementId) {
        BenchView bench = bench(arrangementId);
        Map<Long, String> called = calledByStudents(bench.groups());
        List<WallGroup> groups = bench.groups().stream()
                .map(group -> new WallGroup(
                        called.get(group.id()),
                        members(bench, group.id()).stream()
                                .map(each -> shortName(each, bench.students()))
                                .toList()))
                .sorted(Comparator.comparing(WallGroup::name, Collator.getInstance(Locale.CANADA)))
                .toList();
        return new WallList(bench.subject(), bench.beginsOn(), bench.endsOn(), groups);
    }

    /** Groups without a name for students are numbered, in an order that has nothing to do with scores. */
    private static Map<Long, String> calledByStudents(List<BenchView.BenchGroup> groups) {
        Map<Long, String> called = new LinkedHashMap<>();
        List<BenchView.BenchGroup> shuffled = groups.stream()
                .sorted(Comparator.comparingInt(BenchView.BenchGroup::look).thenComparing(BenchView.BenchGroup::id))
                .toList();
        for (int i = 0; i < shuffled.size(); i++) {
            called.put(
                    shuffled.get(i).id(),
                    Objects.requireNonNullElse(
                            shuffled.get(i).studentName(), inWords("arrangement.group", "number", (i + 1))));
        }
        return called;
    }

    private static List<BenchView.BenchStudent> members(BenchView bench, long groupId) {
        Comparator<BenchView.BenchStudent> byName =
                Comparator.comparing(BenchView.BenchStudent::givenName, Collator.getInstance(Locale.CANADA));
        return bench.students().stream()
                .filter(each ->
                        Objects.equals(each.groupId(), groupId) || each.alsoIn().contains(groupId))
                .sorted(byName.thenComparing(BenchView.BenchStudent::familyName))
                .toList();
    }

    /** The given name, with a letter of the family name where two share it. */
    private static String shortName(BenchView.BenchStudent student, List<BenchView.BenchStudent> all) {
        boolean shared = all.stream()
                .anyMatch(each -> each.id() != student.id() && each.givenName().equals(student.givenName()));
        return shared && !student.familyName().isEmpty()
                ? student.givenName() + " " + student.familyName().charAt(0) + "."
                : student.givenName();
    }

    /** @param needs whether time needs are to stand there; refused to adults who may not know */
    @Transactional(readOnly = true)
    PrivateList forTeacher(long arrangementId, boolean needs) {
        Arrangement arrangement = require(arrangementId);
        if (needs) {
            pools.requireSeeNeeds(pools.of(arrangement));
        }
        BenchView bench = reader.view(arrangement);
        Map<Long, String> adults =
                bench.adults().stream().collect(Collectors.toMap(BenchView.AdultName::id, BenchView.AdultName::name));
        List<ListedGroup> groups = new ArrayList<>();
        for (BenchView.BenchGroup group : bench.groups()) {
            List<ListedStudent> students = members(bench, group.id()).stream()
                    .map(each -> new ListedStudent(
                            each.givenName() + " " + each.familyName(),
                            each.value(),
                            each.stale(),
                            needs ? each.timeNeed() : null))
                    .toList();
            groups.add(new ListedGroup(
                    group.name(),
                    group.studentName(),
                    group.leads().stream()
                            .map(adults::get)
                            .filter(Objects::nonNull)
                            .toList(),
                    group.note(),
                    group.median(),
                    group.lowest(),
                    group.highest(),
                    students));
        }
        List<String> notPlaced = bench.students().stream()
                .filter(each -> each.groupId() == null)
                .map(each -> each.givenName() + " " + each.familyName())
                .toList();
        return new PrivateList(
                bench.name(),
                bench.subject(),
                bench.beginsOn(),
                bench.endsOn(),
                bench.details().note(),
                bench.measure(),
                groups,
                notPlaced);
    }

    private BenchView bench(long arrangementId) {
        return reader.view(require(arrangementId));
    }

    private Arrangement require(long arrangementId) {
        Arrangement found = arrangements.findById(arrangementId).orElseThrow(() -> Refusal.notFound("grouping"));
        pools.requireSee(found);
        return found;
    }
}
