package zafu.server.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.IntFunction;
import java.util.regex.Pattern;
import zafu.core.marking.Answer;
import zafu.core.marking.PartNames;

/**
 * How an answer is written on its way from the student's page, and kept: the place of an option ({@code 2}); places with
 * commas ({@code 0,2}) for what is chosen or put in order; pairs ({@code 0:1,1:0}) for what is matched; a line for each
 * blank; else the words. What cannot be read is taken as words, which are not right.
 */
public final class AnswerText {
    private static final Pattern NAMES = Pattern.compile("\\d{1,9}\\d?(,\\d{1,9}\\d?)*");
    private static final Pattern NAMED_PAIRS = Pattern.compile("\\d{1,4}:\\d{1,9}\\d?(,\\d{1,4}:\\d{1,9}\\d?)*");
    private static final Pattern PLACE = Pattern.compile("\\d{1,4}");
    private static final Pattern PLACES = Pattern.compile("\\d{1,4}(,\\d{1,4})*");
    private static final Pattern PAIRS = Pattern.compile("\\d{1,4}:\\d{1,4}(,\\d{1,4}:\\d{1,4})*");

    private AnswerText() {}

    public static Answer read(QuestionKind kind, String given) {
        return switch (kind) {
            case SINGLE_CHOICE ->
                PLACE.matcher(given).matches() ? new Answer.Chosen(Integer.parseInt(given)) : new Answer.Typed(given);
            case MULTIPLE_CHOICE, HOT_WORDS ->
                PLACES.matcher(given).matches() ? new Answer.ChosenSet(sorted(places(given))) : new Answer.Typed(given);
            case ORDERING ->
                PLACES.matcher(given).matches() ? new Answer.Ordered(places(given)) : new Answer.Typed(given);
            case MATCHING ->
                PAIRS.matcher(given).matches() ? new Answer.Matched(pairs(given)) : new Answer.Typed(given);
            case BLANKS -> new Answer.Filled(Arrays.asList(given.split("\n", -1)));
            case NUMERIC, SHORT_ANSWER, LONG_ANSWER -> new Answer.Typed(given);
        };
    }

    /**
     * An answer of a student's page, whose parts have names, as it is kept, by places.
     *
     * @return empty where it names a part that the question does not have
     */
    public static Optional<String> inPlaces(QuestionKind kind, PartNames names, String given) {
        return renamed(kind, given, names::placeOf);
    }

    /** An answer as it is kept, as a student's page knows it. */
    public static String inNames(QuestionKind kind, PartNames names, String kept) {
        int size = names.order().size();
        return renamed(kind, kept, place -> place < size ? OptionalInt.of(names.nameOf(place)) : OptionalInt.empty())
                .orElse("");
    }

    private static Optional<String> renamed(QuestionKind kind, String text, IntFunction<OptionalInt> rename) {
        boolean ordered = kind == QuestionKind.ORDERING && NAMES.matcher(text).matches();
        boolean matched =
                kind == QuestionKind.MATCHING && NAMED_PAIRS.matcher(text).matches();
        if (!ordered && !matched) {
            return Optional.of(text);
        }
        List<String> renamed = new ArrayList<>();
        for (String each : text.split(",")) {
            int colon = each.indexOf(':') + 1;
            OptionalInt name = rename.apply(Integer.parseInt(each.substring(colon)));
            if (name.isEmpty()) {
                return Optional.empty();
            }
            renamed.add(each.substring(0, colon) + name.getAsInt());
        }
        return Optional.of(String.join(",", renamed));
    }

    private static SortedSet<Integer> sorted(List<Integer> places) {
        return new TreeSet<>(places);
    }

    private static List<Integer> places(String given) {
        List<Integer> places = new ArrayList<>();
        for (String each : given.split(",")) {
            places.add(Integer.valueOf(each));
        }
        return places;
    }

    private static Map<Integer, Integer> pairs(String given) {
        Map<Integer, Integer> pairs = new LinkedHashMap<>();
        for (String each : given.split(",")) {
            String[] sides = each.split(":");
            pairs.put(Integer.valueOf(sides[0]), Integer.valueOf(sides[1]));
        }
        return pairs;
    }
}
