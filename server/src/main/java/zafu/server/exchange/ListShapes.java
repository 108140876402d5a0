package zafu.server.exchange;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.access.CurrentPerson;
import zafu.server.measure.Measures.MeasureCard;

/** Remembers what an adult said of files with the same columns, so that next month's export is read without a question. */
@Component
class ListShapes {
    /** As the database holds; what is longer was no person's, and is asked again. */
    private static final int MOST_LETTERS = 20_000;

    private final ListShapeRepository shapes;
    private final CurrentPerson current;
    private final JsonMapper json;
    private final Clock clock;

    ListShapes(ListShapeRepository shapes, CurrentPerson current, JsonMapper json, Clock clock) {
        this.shapes = shapes;
        this.current = current;
        this.json = json;
        this.clock = clock;
    }

    /**
     * @param columns those that were chosen by hand
     * @param answers to questions that hold for every file of this shape
     */
    record Known(List<ColumnUse> columns, Map<String, String> answers) {}

    Optional<Known> of(List<String> header) {
        return shapes.findByAdultIdAndShape(current.adult().adultId(), shapeOf(header))
                .map(found -> json.readValue(found.said, new TypeReference<Known>() {}));
    }

    void remember(List<String> header, Known said) {
        String text = json.writeValueAsString(said);
        if (said.columns().isEmpty() && said.answers().isEmpty() || text.length() > MOST_LETTERS) {
            return;
        }
        long adult = current.adult().adultId();
        ListShape kept = shapes.findByAdultIdAndShape(adult, shapeOf(header)).orElseGet(ListShape::new);
        kept.adultId = adult;
        kept.shape = shapeOf(header);
        kept.said = text;
        kept.usedAt = clock.instant();
        shapes.save(kept);
    }

    /** A measure that was made by the last file is there now; one that is gone is a guess again. */
    static ColumnUse today(ColumnUse said, List<MeasureCard> measures) {
        if (said.as() != ColumnUse.Use.SCORE) {
            return said;
        }
        return measures.stream()
                .filter(each -> said.measureId() == null
                        ? each.name().equalsIgnoreCase(said.newMeasure())
                        : said.measureId() == each.id())
                .findFirst()
                .map(each -> new ColumnUse(said.column(), said.as(), each.id(), null, null))
                .orElse(said.measureId() == null ? said : ColumnUse.plain(said.column(), ColumnUse.Use.NOTHING));
    }

    /** The columns in their order, whatever their case. */
    private static String shapeOf(List<String> header) {
        String names = header.stream()
                .map(name -> name.strip().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining("\n"));
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(names.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
