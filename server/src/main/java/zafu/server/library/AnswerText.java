package zafu.server.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Pattern;
import zafu.core.marking.Answer;

/**
 * How an answer is written on its way from the student's page, and kept: the place of an option ({@code 2}); places with
 * commas ({@code 0,2}) for what is chosen or put in order; pairs ({@code 0:1,1:0}) for what is matched; a line for each
 * blank; else the words. What cannot be read is taken as words, which are not right.
 */
public final class AnswerText {
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
