package zafu.server.oneroster;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zafu.core.measure.Observation;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.oneroster.BundleZip.Part;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.RosterChanges.KnownEnrolment;

/** A line item per measure and class, a result per numeric observation; levels have no place in a score. */
final class ScoreParts {
    private final Present here;
    private final String changed;
    private final List<List<String>> items = new ArrayList<>();
    private final List<List<String>> results = new ArrayList<>();
    private final Map<String, String> itemIds = new LinkedHashMap<>();

    ScoreParts(Present here, String changed) {
        this.here = here;
        this.changed = changed;
    }

    List<Part> all() {
        Map<Long, String> classOf = classOfStudents();
        List<Long> ids =
                BundleWriter.students(here).stream().map(KnownStudent::id).toList();
        Map<Long, Map<Long, List<Observation>>> noted = here.measures.noted(ids);
        for (MeasureCard card : here.measures.shared()) {
            if (card.levels().isEmpty()) {
                noted.forEach((student, own) -> {
                    List<Observation> list = own.getOrDefault(card.id(), List.of());
                    String of = classOf.get(student);
                    if (of != null && !list.isEmpty()) {
                        add(
                                list,
                                itemOf(card, of),
                                here.studentsById.get(student).sourceId());
                    }
                });
            }
        }
        return List.of(
                BundleZip.categories(List.of(List.of("zafu-measures", "active", changed, "Measures"))),
                BundleZip.lineItems(items),
                BundleZip.results(results));
    }

    /** The first class of each student, by the id under which other systems know it. */
    private Map<Long, String> classOfStudents() {
        Map<Long, String> sources = new HashMap<>();
        BundleWriter.inUse(here).forEach(each -> sources.put(each.id(), each.sourceId()));
        Map<Long, String> found = new HashMap<>();
        here.enrolments.stream()
                .filter(KnownEnrolment::present)
                .filter(each -> sources.containsKey(each.classId()))
                .forEach(each -> found.putIfAbsent(each.studentId(), sources.get(each.classId())));
        return found;
    }

    private String itemOf(MeasureCard card, String of) {
        return itemIds.computeIfAbsent(card.id() + "/" + of, key -> {
            String id = "measure-" + card.id() + "-" + of;
            items.add(List.of(
                    id,
                    "active",
                    changed,
                    card.name(),
                    card.unit(),
                    changed,
                    changed,
                    of,
                    "zafu-measures",
                    "",
                    String.valueOf(card.lowest()),
                    String.valueOf(card.highest()),
                    BundleWriter.SCHOOL));
            return id;
        });
    }

    private void add(List<Observation> list, String item, String student) {
        for (Observation each : list) {
            if (each.value().isPresent()) {
                results.add(List.of(
                        item + "-" + student + "-" + results.size(),
                        "active",
                        changed,
                        item,
                        student,
                        "fully graded",
                        String.valueOf(each.value().getAsDouble()),
                        each.takenOn().toString(),
                        ""));
            }
        }
    }
}
