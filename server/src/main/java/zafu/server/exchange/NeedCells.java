package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Accommodation;
import zafu.core.need.NeedInWords;
import zafu.core.need.Support;
import zafu.core.need.WorkKind;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.exchange.ImportQuestion.Choice;
import zafu.server.need.FaultWords;

/**
 * Reads needs from a row: one accommodation a row with its amount, work and dates, or a factor and extra days in
 * columns of their own.
 */
final class NeedCells {
    private static final Pattern NUMBER = Pattern.compile("\\D*?(\\d+(?:[.,]\\d+)?)\\s*(?:x|×|%|days?|min\\w*)?");
    private static final String LEAVE_OUT = "NONE";
    private static final int LONGEST_WORDS = 120;
    /** What words of the school may mean, as {@link NeedInWords} reads it. */
    private static final List<String> MEANINGS = List.of(
            "extended time 1.25",
            "extended time 1.5",
            "extended time 2",
            "untimed",
            "1 extra day",
            "2 extra days",
            "read aloud",
            "large text",
            "separate place");

    private final Sheet sheet;
    private final List<ColumnUse> uses;
    private final DateText.Order order;
    private final Function<String, Optional<NeedInWords>> vocabulary;
    private final Asking asking;
    /** Words that were looked up already: a list says the same few in many rows. */
    private final Map<String, Optional<NeedInWords>> meanings = new HashMap<>();

    private final Map<String, NeedInWords> learnt = new LinkedHashMap<>();

    /** @param vocabulary what the school's words and everybody's mean */
    NeedCells(Sheet sheet, List<ColumnUse> uses, Function<String, Optional<NeedInWords>> vocabulary, Asking asking) {
        this.vocabulary = vocabulary;
        this.asking = asking;
        this.sheet = sheet;
        this.uses = uses;
        List<String> dates = new ArrayList<>();
        sheet.rows().forEach(row -> {
            dates.add(cell(row, Use.NEED_FROM));
            dates.add(cell(row, Use.NEED_TO));
        });
        this.order = DateText.orderOf(dates);
    }

    /** Whether a row is an accommodation, so that a student may have several. */
    boolean isLong() {
        return uses.stream().anyMatch(use -> use.as() == Use.NEED);
    }

    /** What answers said of words that the school had not used before. */
    Map<String, NeedInWords> learnt() {
        return learnt;
    }

    /** @param hold why the row is not taken yet */
    record Cell(List<Accommodation> needs, @Nullable Hold hold) {}

    Cell read(Sheet.Row row, List<String> problems) {
        List<Accommodation> found = new ArrayList<>();
        String need = cell(row, Use.NEED);
        Hold hold = null;
        if (need.length() > LONGEST_WORDS) {
            problems.add(inWords("exchange.has-an-accommodation-of-more-than", "most", LONGEST_WORDS));
        } else if (!need.isEmpty()) {
            Optional<NeedInWords> known = meanings.computeIfAbsent(need, vocabulary);
            Optional<String> answer = known.isPresent() ? Optional.empty() : ask(need);
            if (known.isEmpty() && answer.isEmpty()) {
                hold = Hold.WAITS;
            } else if (answer.isPresent() && answer.get().equals(LEAVE_OUT)) {
                hold = Hold.LEFT_OUT;
            } else {
                NeedInWords read =
                        known.or(() -> NeedInWords.read(answer.orElseThrow())).orElseThrow();
                if (known.isEmpty()) {
                    learnt.put(need, read);
                }
                one(row, read, problems).ifPresent(found::add);
            }
        }
        simple(row, Use.TIME_FACTOR, Support.EXTENDED_TIME, problems).ifPresent(found::add);
        simple(row, Use.EXTRA_DAYS, Support.EXTRA_DAYS, problems).ifPresent(found::add);
        return new Cell(found, hold);
    }

    private Optional<String> ask(String need) {
        List<Choice> choices = new ArrayList<>();
        MEANINGS.forEach(each -> choices.add(new Choice(each, inWords("exchange.meaning." + each.replace(' ', '-')))));
        choices.add(new Choice(LEAVE_OUT, inWords("exchange.leave-its-rows-out")));
        return asking.ofFile(
                "need:" + NeedInWords.plain(need),
                inWords("exchange.column-what-is", "header", header(Use.NEED), "need", need),
                inWords("exchange.the-school-has-not-used-these"),
                choices);
    }

    private Optional<Accommodation> one(Sheet.Row row, NeedInWords read, List<String> problems) {
        String detail = cell(row, Use.NEED_DETAIL);
        Optional<BigDecimal> amount = amount(row, Use.NEED_AMOUNT, problems);
        return checked(
                new Accommodation(
                        read.support(),
                        amount.isPresent() ? amount : read.amount(),
                        detail.isEmpty() ? read.detail() : detail,
                        works(row, problems),
                        parts(cell(row, Use.NEED_SUBJECTS)),
                        date(row, Use.NEED_FROM, problems),
                        date(row, Use.NEED_TO, problems)),
                problems);
    }

    private Optional<Accommodation> simple(Sheet.Row row, Use use, Support support, List<String> problems) {
        String typed = cell(row, use);
        if (typed.isEmpty() || typed.equals("-") || typed.equals("0") || typed.equals("1")) {
            return Optional.empty();
        }
        if (use == Use.TIME_FACTOR
                && NeedInWords.read(typed)
                        .filter(each -> each.support() == Support.UNTIMED)
                        .isPresent()) {
            return Optional.of(new Accommodation(
                    Support.UNTIMED, Optional.empty(), "", Set.of(), Set.of(), Optional.empty(), Optional.empty()));
        }
        Optional<BigDecimal> amount = amount(row, use, problems);
        return amount.isEmpty()
                ? Optional.empty()
                : checked(
                        new Accommodation(support, amount, "", Set.of(), Set.of(), Optional.empty(), Optional.empty()),
                        problems);
    }

    private static Optional<Accommodation> checked(Accommodation read, List<String> problems) {
        read.fault()
                .ifPresent(fault -> problems.add(
                        inWords("exchange.need-cannot-be-taken", "why", withoutEnd(FaultWords.sentence(fault)))));
        return read.fault().isEmpty() ? Optional.of(read) : Optional.empty();
    }

    /** A sentence that another one goes on after. */
    private static String withoutEnd(String sentence) {
        return sentence.substring(0, 1).toLowerCase(Locale.ROOT) + sentence.substring(1, sentence.length() - 1);
    }

    /** "1.5", "1,5×", "time 1.5x", "2 days", "150 %" of the time. */
    private Optional<BigDecimal> amount(Sheet.Row row, Use use, List<String> problems) {
        String typed = cell(row, use);
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        Matcher matcher = NUMBER.matcher(typed);
        if (!matcher.matches()) {
            problems.add(inWords("exchange.has-under-which-is-no-amount", "typed", typed, "header", header(use)));
            return Optional.empty();
        }
        BigDecimal amount = new BigDecimal(matcher.group(1).replace(',', '.'));
        boolean percentOfTime = use == Use.TIME_FACTOR && typed.contains("%");
        return Optional.of(percentOfTime ? amount.movePointLeft(2) : amount);
    }

    private Set<WorkKind> works(Sheet.Row row, List<String> problems) {
        Set<WorkKind> works = new LinkedHashSet<>();
        for (String part : parts(cell(row, Use.NEED_WORKS))) {
            Optional<WorkKind> kind = Arrays.stream(WorkKind.values())
                    .filter(each -> each.name().equalsIgnoreCase(part)
                            || (each.name() + "S").equalsIgnoreCase(part)
                            || (each.name() + "ZES").equalsIgnoreCase(part))
                    .findFirst();
            if (kind.isEmpty()) {
                problems.add(inWords(
                        "exchange.has-under-which-is-no-kind-of-work", "part", part, "header", header(Use.NEED_WORKS)));
            }
            kind.ifPresent(works::add);
        }
        return works;
    }

    private Optional<LocalDate> date(Sheet.Row row, Use use, List<String> problems) {
        String typed = cell(row, use);
        DateText read = DateText.read(typed, order);
        if (read instanceof DateText.NoDay none) {
            problems.add(
                    inWords("exchange.has-under-which", "typed", typed, "header", header(use), "fault", none.fault()));
        }
        return read instanceof DateText.Day day ? Optional.of(day.date()) : Optional.empty();
    }

    private static Set<String> parts(String cell) {
        return new LinkedHashSet<>(ClassListReading.tags(cell));
    }

    private String header(Use as) {
        return ColumnUse.of(as, uses).stream()
                .map(use -> sheet.header().get(use.column()))
                .findFirst()
                .orElse("");
    }

    private String cell(Sheet.Row row, Use as) {
        return ColumnUse.of(as, uses).stream()
                .map(use -> row.cell(use.column()))
                .filter(cell -> !cell.isEmpty())
                .findFirst()
                .orElse("");
    }
}
