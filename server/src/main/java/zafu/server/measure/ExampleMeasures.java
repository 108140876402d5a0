package zafu.server.measure;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import zafu.core.measure.Better;
import zafu.core.measure.LevelScale;
import zafu.core.measure.NumericScale;
import zafu.server.roster.SchoolMade;

/** Three generic measures that a new school begins with, to use, change or put away. */
@Component
class ExampleMeasures {
    private static final int SHELF_LIFE_DAYS = 120;
    private final Measures measures;

    ExampleMeasures(Measures measures) {
        this.measures = measures;
    }

    @EventListener
    void on(SchoolMade made) {
        make(
                inWords("measure.reading-level"),
                "",
                new NumericScale(0, 1200, 0, Better.HIGHER, OptionalDouble.of(25)),
                List.of());
        make(
                inWords("measure.words-correct-per-minute"),
                "words/min",
                new NumericScale(0, 300, 0, Better.HIGHER, OptionalDouble.of(6)),
                List.of());
        LevelScale letters = new LevelScale(IntStream.rangeClosed('A', 'Z')
                .mapToObj(letter -> String.valueOf((char) letter))
                .toList());
        make(inWords("measure.text-level"), "", letters.asNumbers(), letters.levels());
    }

    private void make(String name, String unit, NumericScale scale, List<String> levels) {
        measures.create(
                new Measures.NewMeasure(name, unit, scale, levels, SHELF_LIFE_DAYS, "zafu-example " + name, null));
    }
}
