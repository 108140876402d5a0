package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.measure.Observation;
import zafu.core.need.Accommodation;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.measure.TypedScore;
import zafu.server.need.Needs;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.Roster.KnownStudent;

/** Puts students, scores and needs into tables whose columns are read again as what they are. */
@Service
class Exports {
    private final ClassPermission permission;
    private final Roster roster;
    private final Measures measures;
    private final Needs needs;
    private final AuditTrail audit;

    Exports(ClassPermission permission, Roster roster, Measures measures, Needs needs, AuditTrail audit) {
        this.permission = permission;
        this.roster = roster;
        this.measures = measures;
        this.needs = needs;
        this.audit = audit;
    }

    @Transactional
    OutTable table(long classId, ExportApi.What what, List<Long> wanted) {
        permission.requireSee(classId);
        if (!permission.mayHandOutCodes(classId)) {
            throw Refusal.notAllowed(inWords("exchange.lists-go-out-to-the-classs"));
        }
        if (what == ExportApi.What.NEEDS) {
            permission.requireSeeNeeds(classId);
        }
        List<KnownStudent> students = roster.known(List.of(classId)).stream()
                .filter(each -> !each.archived())
                .filter(each -> wanted.isEmpty() || wanted.contains(each.id()))
                .toList();
        audit.note(
                classId,
                "list.given-out",
                classId,
                keptWords("exchange.list-of-students", "what", what.name(), "count", students.size()));
        return switch (what) {
            case STUDENTS -> students(students);
            case SCORES -> scores(students);
            case NEEDS -> needs(students);
        };
    }

    private static OutTable students(List<KnownStudent> students) {
        List<List<@Nullable Object>> rows = new ArrayList<>();
        students.forEach(each -> rows.add(row(
                each.facts().studentNumber(),
                each.facts().givenName(),
                each.facts().familyName(),
                each.facts().preferredName(),
                each.facts().grade(),
                each.facts().homeClass(),
                each.facts().language(),
                String.join("; ", each.tags()))));
        return new OutTable(
                inWords("exchange.head.students"),
                List.of(
                        inWords("exchange.head.number"),
                        inWords("exchange.given-name"),
                        inWords("exchange.family-name"),
                        inWords("exchange.preferred-name"),
                        inWords("exchange.head.grade"),
                        inWords("exchange.home-class"),
                        inWords("exchange.head.language"),
                        inWords("exchange.head.tags")),
                rows);
    }

    private static List<@Nullable Object> row(@Nullable Object... cells) {
        return Arrays.asList(cells);
    }

    /** A row per student and day, a column per measure. */
    private OutTable scores(List<KnownStudent> students) {
        Map<Long, Map<Long, List<Observation>>> noted =
                measures.noted(students.stream().map(KnownStudent::id).toList());
        List<MeasureCard> cards = measures.all().stream()
                .filter(card -> noted.values().stream().anyMatch(own -> own.containsKey(card.id())))
                .toList();
        List<List<@Nullable Object>> rows = new ArrayList<>();
        for (KnownStudent student : students) {
            byDay(noted.getOrDefault(student.id(), Map.of())).forEach((day, values) -> {
                List<@Nullable Object> row = new ArrayList<>(row(
                        student.facts().studentNumber(),
                        student.facts().givenName(),
                        student.facts().familyName(),
                        day));
                cards.forEach(card -> row.add(cell(values.get(card.id()), card)));
                rows.add(row);
            });
        }
        List<String> header = new ArrayList<>(List.of(
                inWords("exchange.head.number"),
                inWords("exchange.given-name"),
                inWords("exchange.family-name"),
                inWords("exchange.head.date")));
        cards.forEach(card -> header.add(card.name()));
        return new OutTable(inWords("exchange.head.scores"), header, rows);
    }

    private static Map<LocalDate, Map<Long, Observation>> byDay(Map<Long, List<Observation>> byMeasure) {
        Map<LocalDate, Map<Long, Observation>> byDay = new TreeMap<>();
        byMeasure.forEach(
                (measure, list) -> list.forEach(each -> byDay.computeIfAbsent(each.takenOn(), day -> new TreeMap<>())
                        .merge(
                                measure,
                                each,
                                (a, b) -> b.value().isPresent() || a.value().isEmpty() ? b : a)));
        return byDay;
    }

    private static @Nullable Object cell(@Nullable Observation seen, MeasureCard card) {
        if (seen == null) {
            return null;
        }
        if (seen.value().isEmpty()) {
            String reason = seen instanceof Observation.NotAssessed none ? none.reason() : "";
            return reason.isBlank() ? null : reason;
        }
        double value = seen.value().getAsDouble();
        if (!card.levels().isEmpty()) {
            return TypedScore.shown(value, card);
        }
        return value == Math.rint(value) ? (Object) (long) value : (Object) value;
    }

    private OutTable needs(List<KnownStudent> students) {
        Map<Long, List<Needs.Granted>> granted =
                needs.grantedWithSource(students.stream().map(KnownStudent::id).toList());
        List<List<@Nullable Object>> rows = new ArrayList<>();
        for (KnownStudent student : students) {
            for (Needs.Granted each : granted.getOrDefault(student.id(), List.of())) {
                Accommodation need = each.accommodation();
                rows.add(row(
                        student.facts().studentNumber(),
                        student.facts().givenName(),
                        student.facts().familyName(),
                        need.support().name().replace('_', ' ').toLowerCase(Locale.ROOT),
                        need.amount().orElse(null),
                        need.detail(),
                        need.works().stream()
                                .sorted()
                                .map(work -> work.name().toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining("; ")),
                        need.subjects().stream().sorted().collect(Collectors.joining("; ")),
                        need.from().orElse(null),
                        need.to().orElse(null),
                        each.source()));
            }
        }
        return new OutTable(
                inWords("exchange.head.needs"),
                List.of(
                        inWords("exchange.head.number"),
                        inWords("exchange.given-name"),
                        inWords("exchange.family-name"),
                        inWords("exchange.head.need"),
                        inWords("exchange.head.amount"),
                        inWords("exchange.head.detail"),
                        inWords("exchange.head.work"),
                        inWords("exchange.head.subjects"),
                        inWords("exchange.head.from"),
                        inWords("exchange.head.to"),
                        inWords("exchange.head.source")),
                rows);
    }
}
