package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.w3c.dom.Element;

/**
 * How an item is scored, where it is scored in one of the ways that are kept here; every other way is refused, because
 * marks would come out differently.
 *
 * @param points of the whole; absent where the way does not say, so that one point or a mapping's sum holds
 * @param tolerance on either side of a number; absent for none
 */
record Scoring(Way way, Optional<BigDecimal> points, Optional<BigDecimal> tolerance) {
    enum Way {
        /** All right or nothing. */
        MATCH,
        /** Each response earns what its mapping says. */
        MAP,
        /** A person marks it. */
        NONE
    }

    static Scoring of(Element item) {
        Optional<Element> processing = Xml.child(item, "responseProcessing");
        if (processing.isEmpty()) {
            return new Scoring(Way.NONE, Optional.empty(), Optional.empty());
        }
        String template = Xml.attribute(processing.get(), "template");
        if (template.contains("match_correct")) {
            return new Scoring(Way.MATCH, Optional.empty(), Optional.empty());
        }
        if (template.contains("map_response") && !template.contains("point")) {
            return new Scoring(Way.MAP, Optional.empty(), Optional.empty());
        }
        if (!template.isEmpty()) {
            throw unknown();
        }
        return custom(processing.get());
    }

    private static Scoring custom(Element processing) {
        Scoring found = null;
        for (Element rule : Xml.children(processing)) {
            Scoring own =
                    switch (Xml.name(rule)) {
                        case "responseCondition" -> condition(rule);
                        case "setOutcomeValue" -> isScore(rule) ? assigned(rule) : null;
                        default -> throw unknown();
                    };
            if (own != null && found != null) {
                throw unknown();
            }
            found = own == null ? found : own;
        }
        return found == null ? new Scoring(Way.NONE, Optional.empty(), Optional.empty()) : found;
    }

    private static boolean isScore(Element set) {
        return "SCORE".equals(Xml.attribute(set, "identifier"));
    }

    /** A condition that only chooses feedback says nothing of the score. */
    private static Scoring condition(Element condition) {
        boolean scores = Xml.below(condition, "setOutcomeValue").stream().anyMatch(Scoring::isScore);
        if (!scores) {
            return null;
        }
        List<Element> branches = Xml.children(condition);
        Element first = branches.get(0);
        for (Element other : branches.subList(1, branches.size())) {
            boolean nothing = Xml.name(other).equals("responseElse")
                    && Xml.children(other, "setOutcomeValue").stream()
                            .filter(Scoring::isScore)
                            .allMatch(
                                    set -> valueOf(set).map(BigDecimal::signum).orElse(1) == 0);
            if (!nothing) {
                throw unknown();
            }
        }
        List<Element> parts = Xml.children(first);
        Element test = parts.get(0);
        Optional<BigDecimal> points = parts.stream()
                .filter(each -> Xml.is(each, "setOutcomeValue") && isScore(each))
                .findFirst()
                .flatMap(Scoring::valueOf);
        if (points.isEmpty()) {
            throw unknown();
        }
        return tested(test, points);
    }

    private static Scoring tested(Element test, Optional<BigDecimal> points) {
        return switch (Xml.name(test)) {
            case "match" -> {
                requireCorrect(test);
                yield new Scoring(Way.MATCH, points, Optional.empty());
            }
            case "equal" -> {
                boolean sumOfAll = !Xml.below(test, "mapResponse").isEmpty();
                if (!sumOfAll) {
                    requireCorrect(test);
                }
                yield new Scoring(Way.MATCH, points, tolerance(test));
            }
            case "and" -> {
                Xml.children(test).forEach(Scoring::requireCorrect);
                yield new Scoring(Way.MATCH, points, Optional.empty());
            }
            case "stringMatch" -> {
                if (!"false".equals(Xml.attribute(test, "caseSensitive"))) {
                    throw new CannotTake(inWords("qti.it-tells-capitals-from-small"));
                }
                requireCorrect(test);
                yield new Scoring(Way.MATCH, points, Optional.empty());
            }
            default -> throw unknown();
        };
    }

    private static void requireCorrect(Element test) {
        List<Element> sides = Xml.children(test);
        boolean known = sides.size() == 2
                && sides.stream().anyMatch(each -> Xml.is(each, "variable"))
                && sides.stream().anyMatch(each -> Xml.is(each, "correct"));
        if (!known) {
            throw unknown();
        }
    }

    private static Optional<BigDecimal> tolerance(Element equal) {
        String mode = Xml.attribute(equal, "toleranceMode");
        if (mode.isEmpty() || mode.equals("exact")) {
            return Optional.empty();
        }
        String[] sides = Xml.attribute(equal, "tolerance").strip().split("\\s+");
        boolean ends = !"false".equals(Xml.attribute(equal, "includeLowerBound"))
                && !"false".equals(Xml.attribute(equal, "includeUpperBound"));
        boolean even = sides.length == 1 || new BigDecimal(sides[0]).compareTo(new BigDecimal(sides[1])) == 0;
        if (!mode.equals("absolute") || !ends || !even) {
            throw new CannotTake(inWords("qti.its-tolerance-is-no-distance-that"));
        }
        return Optional.of(new BigDecimal(sides[0]));
    }

    private static Scoring assigned(Element set) {
        Element value = Xml.children(set).get(0);
        boolean mapped = Xml.is(value, "mapResponse")
                || (Xml.is(value, "sum") && Xml.children(value).stream().allMatch(each -> Xml.is(each, "mapResponse")));
        if (mapped) {
            return new Scoring(Way.MAP, Optional.empty(), Optional.empty());
        }
        boolean start = valueOf(set).map(BigDecimal::signum).orElse(1) == 0;
        if (start) {
            return null;
        }
        throw unknown();
    }

    /** The number that is set, where it is a plain one, or one that is added to the score so far. */
    private static Optional<BigDecimal> valueOf(Element set) {
        Element value = Xml.children(set).get(0);
        if (Xml.is(value, "sum")) {
            boolean ontoScore = Xml.children(value, "variable").stream().allMatch(Scoring::isScore);
            List<Element> bases = Xml.children(value, "baseValue");
            return ontoScore && bases.size() == 1 && Xml.children(value).size() == 2
                    ? Optional.of(new BigDecimal(Xml.text(bases.get(0))))
                    : Optional.empty();
        }
        return Xml.is(value, "baseValue") ? Optional.of(new BigDecimal(Xml.text(value))) : Optional.empty();
    }

    private static CannotTake unknown() {
        return new CannotTake(inWords("qti.it-is-scored-in-a-way-of-its-own"));
    }

    /** Whole points from 1 to 100, as they are kept here. */
    static int points(BigDecimal points) {
        BigDecimal plain = points.stripTrailingZeros();
        if (plain.scale() > 0 || plain.compareTo(BigDecimal.ONE) < 0 || plain.compareTo(BigDecimal.valueOf(100)) > 0) {
            throw new CannotTake(inWords("qti.it-earns-points-and-here-points", "points", plain.toPlainString()));
        }
        return plain.intValueExact();
    }

    /** What the values of a mapping earn together. */
    static BigDecimal sum(Map<String, BigDecimal> mapped) {
        return mapped.values().stream().filter(each -> each.signum() > 0).reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
