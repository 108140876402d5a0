package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.Better;
import zafu.core.measure.NumericScale;
import zafu.core.measure.Observation;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.measure.Measures.ToNote;
import zafu.server.oneroster.RosterBundle.LineItem;
import zafu.server.oneroster.RosterBundle.Person;
import zafu.server.oneroster.RosterBundle.Result;
import zafu.server.oneroster.RosterBundle.Role;
import zafu.server.oneroster.RosterPlan.Kind;
import zafu.server.roster.Roster.KnownStudent;

/**
 * Which results of a bundle are new observations. A line item is the measure that came with it, else the one of its title. Results that a complete file
 * leaves out are not taken back: what was observed stays observed.
 */
final class ScorePlanner {
    private final RosterBundle bundle;
    private final Present here;
    private final RosterPlan plan;
    private final Map<String, KnownStudent> known;
    private final Map<String, LineItem> items = new HashMap<>();

    ScorePlanner(RosterBundle bundle, Present here, RosterPlan plan, Map<String, KnownStudent> known) {
        this.bundle = bundle;
        this.here = here;
        this.plan = plan;
        this.known = known;
    }

    void plan() {
        if (bundle.results().isEmpty()) {
            return;
        }
        bundle.lineItems().forEach(item -> items.put(item.id(), item));
        Map<String, String> newByName = new HashMap<>();
        List<Long> ids = known.values().stream().map(KnownStudent::id).toList();
        Map<Long, Map<Long, List<Observation>>> noted = here.measures.noted(ids);
        Map<String, Person> people = new HashMap<>();
        bundle.people().forEach(person -> people.put(person.id(), person));
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (Result result : bundle.results()) {
            LineItem item = items.get(result.lineItemId());
            Person person = people.get(result.personId());
            if (item == null || item.gone() || result.gone()) {
                if (item == null) {
                    plan.problems.add(inWords(
                            "oneroster.results-csv-names-the-line-item",
                            "id",
                            result.id(),
                            "lineItemId",
                            result.lineItemId()));
                }
                continue;
            }
            if ((person == null || person.role() != Role.STUDENT) && !here.students.containsKey(result.personId())) {
                plan.problems.add(inWords(
                        "oneroster.results-csv-names-the-student-who",
                        "id",
                        result.id(),
                        "personId",
                        result.personId()));
                continue;
            }
            plan(result, item, noted, newByName, counts);
        }
        counts.forEach((measure, count) -> plan.tell(Kind.SCORES, measure, String.valueOf(count)));
    }

    private void plan(
            Result result,
            LineItem item,
            Map<Long, Map<Long, List<Observation>>> noted,
            Map<String, String> newByName,
            Map<String, Integer> counts) {
        String name = Present.plain(item.title());
        MeasureCard card = here.measuresBySource.getOrDefault(item.id(), here.measuresByName.get(name));
        Observation observation = result.score().isPresent()
                ? Observation.of(result.on(), result.score().getAsDouble())
                : Observation.notAssessed(result.on(), "");
        if (!fits(result, item, card)) {
            return;
        }
        String standsFor = item.id();
        if (card == null) {
            standsFor = newByName.computeIfAbsent(name, key -> {
                plan.newMeasures.put(item.id(), item);
                plan.tell(
                        Kind.NEW_MEASURE,
                        item.title(),
                        inWords("oneroster.to-2", "lowest", item.lowest(), "highest", item.highest()));
                return item.id();
            });
        }
        KnownStudent student = known.getOrDefault(result.personId(), here.students.get(result.personId()));
        boolean isHere = student != null
                && card != null
                && noted.getOrDefault(student.id(), Map.of())
                        .getOrDefault(card.id(), List.of())
                        .contains(observation);
        if (!isHere) {
            long id = student == null ? 0 : student.id();
            plan.results.add(new RosterPlan.ResultPlan(
                    standsFor, card == null ? null : card.id(), result.personId(), new ToNote(id, observation)));
            counts.merge(item.title(), 1, Integer::sum);
        }
    }

    private boolean fits(Result result, LineItem item, @Nullable MeasureCard card) {
        if (result.score().isEmpty()) {
            return true;
        }
        double score = result.score().getAsDouble();
        double lowest = card == null ? item.lowest() : card.lowest();
        double highest = card == null ? item.highest() : card.highest();
        NumericScale scale = new NumericScale(
                lowest, highest, card == null ? 4 : card.decimals(), Better.HIGHER, OptionalDouble.empty());
        if (scale.check(score) == NumericScale.Fit.FITS) {
            return true;
        }
        plan.problems.add(inWords(
                "oneroster.results-csv-has-the-score-which",
                "id",
                result.id(),
                "score",
                score,
                "title",
                item.title(),
                "lowest",
                lowest,
                "highest",
                highest));
        return false;
    }
}
