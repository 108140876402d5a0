package zafu.core.schedule;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import zafu.core.schedule.TimeLimit.TimeNeeds;

/**
 * The terms of a version after all adjustments that reach one student. Rule 3: per term the most generous of what the
 * version says and of every adjustment that sets it; a time typed for the student by name beats the rest.
 *
 * @param terms eased
 * @param typed the time limit typed for the student by name
 * @param changed the terms that an adjustment made more generous, so that a screen can say why
 */
public record EasedTerms(Terms terms, Setting<Integer> typed, Set<TermPart> changed) {
    private static final Comparator<Instant> LATER = Comparator.naturalOrder();
    private static final Comparator<Integer> LONGER = Comparator.naturalOrder();

    public EasedTerms {
        changed = Set.copyOf(changed);
    }

    static EasedTerms of(Terms version, List<Adjustment> adjustments) {
        Optional<Integer> minutes = boxed(version.minutes());
        Optional<Instant> opens = version.opens();
        Optional<Instant> due = version.due();
        Optional<Instant> closes = version.closes();
        int tries = version.tries();
        Setting<Integer> typed = Setting.leaves();
        for (Adjustment each : adjustments) {
            OwnTerms sets = each.sets();
            if (!each.byName()) {
                minutes = sets.minutes().orMoreGenerous(minutes, LONGER);
            } else if (sets.minutes().saysSomething()) {
                typed = typed.saysSomething() ? longer(typed, sets.minutes()) : sets.minutes();
            }
            opens = sets.opens().orMoreGenerous(opens, LATER.reversed());
            due = sets.due().orMoreGenerous(due, LATER);
            closes = sets.closes().orMoreGenerous(closes, LATER);
            tries = Math.max(tries, sets.tries().orElse(1));
        }
        Terms eased = new Terms(unboxed(minutes), version.includesAccommodations(), opens, due, closes, tries);
        return new EasedTerms(eased, typed, changed(version, eased, typed));
    }

    private static Setting<Integer> longer(Setting<Integer> one, Setting<Integer> other) {
        return one.over(Optional.empty())
                .flatMap(value -> other.orMoreGenerous(Optional.of(value), LONGER))
                .<Setting<Integer>>map(Setting::to)
                .orElseGet(Setting::none);
    }

    private static Set<TermPart> changed(Terms before, Terms after, Setting<Integer> typed) {
        EnumSet<TermPart> changed = EnumSet.noneOf(TermPart.class);
        addIf(
                changed,
                TermPart.MINUTES,
                typed.saysSomething() || !before.minutes().equals(after.minutes()));
        addIf(changed, TermPart.OPENS, !before.opens().equals(after.opens()));
        addIf(changed, TermPart.DUE, !before.due().equals(after.due()));
        addIf(changed, TermPart.CLOSES, !before.closes().equals(after.closes()));
        addIf(changed, TermPart.TRIES, before.tries() != after.tries());
        return changed;
    }

    private static void addIf(Set<TermPart> parts, TermPart part, boolean holds) {
        if (holds) {
            parts.add(part);
        }
    }

    /** What the student needs comes on top: the time by rule 4, due and closes moved by extra teaching days. */
    public Terms.ForStudent forStudent(TimeNeeds needs, int extraDays, SchoolCalendar calendar, ZoneId zone) {
        Optional<SchoolCalendar.Moved> due = terms.due().map(moment -> calendar.plusExtraDays(moment, extraDays, zone));
        Optional<SchoolCalendar.Moved> closes =
                terms.closes().map(moment -> calendar.plusExtraDays(moment, extraDays, zone));
        Optional<Instant> dueAt = due.map(SchoolCalendar.Moved::moment);
        return new Terms.ForStudent(
                TimeLimit.of(terms.minutes(), needs, terms.includesAccommodations(), typed),
                terms.opens(),
                dueAt,
                notBefore(dueAt, closes.map(SchoolCalendar.Moved::moment)),
                terms.tries(),
                due.or(() -> closes).map(SchoolCalendar.Moved::days).orElse(0),
                changed);
    }

    /** Work that is expected is taken: closes goes along where it would come before due. Rule 4, order. */
    private static Optional<Instant> notBefore(Optional<Instant> due, Optional<Instant> closes) {
        return closes.map(moment -> due.filter(moment::isBefore).orElse(moment));
    }

    private static Optional<Integer> boxed(OptionalInt value) {
        return value.isPresent() ? Optional.of(value.getAsInt()) : Optional.empty();
    }

    static OptionalInt unboxed(Optional<Integer> value) {
        return value.map(OptionalInt::of).orElseGet(OptionalInt::empty);
    }
}
