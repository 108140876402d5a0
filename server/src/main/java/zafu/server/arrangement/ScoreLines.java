package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.grouping.Composite;
import zafu.core.grouping.Scored;
import zafu.core.grouping.Sizes;
import zafu.core.grouping.Weighted;
import zafu.core.measure.Better;
import zafu.core.measure.CountingValue;
import zafu.core.measure.CountingValue.Counts;
import zafu.core.roster.StudentId;
import zafu.core.skill.SkillStatus;
import zafu.server.arrangement.BenchCommand.MeasureWeight;
import zafu.server.arrangement.BenchCommand.ProposalAsked;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.platform.Refusal;
import zafu.server.skill.Skills;

/**
 * What students of a bench stand by on its score line: a measure, where they stand on a skill, or several measures as
 * one. The last taken proposal decides.
 */
@Component
class ScoreLines {
    /** Worst first, as levels are. */
    private static final List<SkillStatus> STATUSES = List.of(
            SkillStatus.NOT_YET, SkillStatus.PRACTISING, SkillStatus.NEARLY, SkillStatus.SECURE, SkillStatus.ABOVE);

    private final Measures measures;
    private final Questions questions;
    private final Skills skills;

    ScoreLines(Measures measures, Questions questions, Skills skills) {
        this.measures = measures;
        this.questions = questions;
        this.skills = skills;
    }

    /** By what a line is drawn. */
    enum Kind {
        MEASURE,
        SKILL,
        COMPOSITE
    }

    /**
     * @param scale how to read the values; of a skill its levels are the statuses, of a composite it has no bounds
     * @param values of everyone in the pool, in the scale's unit
     */
    record Line(Kind kind, MeasureCard scale, Map<StudentId, CountingValue> values) {
        Better better() {
            return scale.better();
        }

        /** Students with a value, better always the larger. */
        List<Scored> scored() {
            List<Scored> scored = new ArrayList<>();
            values.forEach((student, value) -> {
                if (value instanceof Counts counts) {
                    scored.add(new Scored(student, better().rising(counts.value())));
                }
            });
            return scored;
        }
    }

    Line of(Arrangement arrangement, Pool pool) {
        if (arrangement.measureId == null) {
            throw Refusal.conflict("no-measure", inWords("arrangement.this-grouping-has-no-measure-to"));
        }
        MeasureCard measure = measures.card(arrangement.measureId);
        if (arrangement.lineSkill != null) {
            return ofSkill(arrangement.lineSkill, measure, pool);
        }
        return arrangement.lineMeasures == null
                ? new Line(Kind.MEASURE, measure, questions.values(pool, measure.id()))
                : composite(weights(arrangement.lineMeasures), measure, pool);
    }

    /** From now on the bench shows students by what this was asked by. */
    void remember(Arrangement arrangement, ProposalAsked asked) {
        List<MeasureWeight> chosen = asked.measures() == null ? List.of() : asked.measures();
        arrangement.measureId = asked.measureId();
        arrangement.lineSkill = asked.method() == Method.SKILL ? asked.skill() : null;
        arrangement.lineMeasures = asked.method() == Method.COMPOSITE && chosen.size() > 1 ? text(chosen) : null;
        arrangement.secondMeasureId = chosen.stream()
                .map(MeasureWeight::measureId)
                .filter(each -> each != asked.measureId())
                .findFirst()
                .orElse(null);
    }

    private static String text(List<MeasureWeight> chosen) {
        return chosen.stream()
                .map(each -> each.measureId() + ":" + each.weight())
                .collect(Collectors.joining(" "));
    }

    private static List<MeasureWeight> weights(String text) {
        return Arrays.stream(text.split(" "))
                .map(each -> each.split(":"))
                .map(each -> new MeasureWeight(Long.parseLong(each[0]), Double.parseDouble(each[1])))
                .toList();
    }

    private Line ofSkill(String skill, MeasureCard measure, Pool pool) {
        Map<Long, Skills.Standing> seen = skills.seen(
                skill, pool.students().stream().map(StudentId::value).toList());
        Map<StudentId, CountingValue> values = new LinkedHashMap<>();
        for (StudentId student : pool.students()) {
            Skills.Standing standing = seen.get(student.value());
            values.put(
                    student,
                    standing == null
                            ? new CountingValue.NoObservation()
                            : new Counts(STATUSES.indexOf(standing.status()), standing.lastSeen(), false));
        }
        List<String> levels = STATUSES.stream().map(Questions::named).toList();
        return new Line(Kind.SKILL, scale(measure, skill, 0, levels.size() - 1, 0, levels), values);
    }

    private Line composite(List<MeasureWeight> weights, MeasureCard measure, Pool pool) {
        Map<Long, Map<StudentId, CountingValue>> byMeasure = new LinkedHashMap<>();
        List<Weighted> weighted = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (MeasureWeight each : weights) {
            MeasureCard card = measures.card(each.measureId());
            byMeasure.put(each.measureId(), questions.values(pool, each.measureId()));
            names.add(card.name());
            weighted.add(
                    new Weighted(each.weight(), card.better(), Questions.counting(byMeasure.get(each.measureId()))));
        }
        Map<StudentId, Double> found = new Composite(
                        pool.students(),
                        weighted,
                        1,
                        new Sizes(1, Math.max(1, pool.students().size())))
                .values();
        Map<StudentId, CountingValue> values = new LinkedHashMap<>();
        for (StudentId student : pool.students()) {
            List<Counts> parts = byMeasure.values().stream()
                    .map(each -> each.get(student))
                    .filter(Counts.class::isInstance)
                    .map(Counts.class::cast)
                    .toList();
            values.put(student, found.containsKey(student) ? one(found.get(student), parts) : absent());
        }
        return new Line(Kind.COMPOSITE, scale(measure, String.join(" + ", names), -4, 4, 2, List.of()), values);
    }

    private static Counts one(double value, List<Counts> parts) {
        LocalDate newest = parts.stream()
                .map(Counts::takenOn)
                .filter(Objects::nonNull)
                .max(LocalDate::compareTo)
                .orElseThrow();
        // Two decimals are what is shown; a cut between two equal numbers on the screen would look wrong.
        return new Counts(
                Math.round(value * 100) / 100.0, newest, parts.stream().anyMatch(Counts::stale));
    }

    private static CountingValue absent() {
        return new CountingValue.NoObservation();
    }

    /** Keeps the measure's id, so that what is asked next begins from it. */
    private static MeasureCard scale(
            MeasureCard measure, String name, double lowest, double highest, int decimals, List<String> levels) {
        return new MeasureCard(
                measure.id(),
                name,
                "",
                lowest,
                highest,
                decimals,
                false,
                null,
                levels,
                measure.whichCounts(),
                measure.meanOf(),
                measure.shelfLifeDays(),
                false,
                measure.classId());
    }
}
