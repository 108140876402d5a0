package zafu.server.measure;

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
        make("Reading level", "", new NumericScale(0, 1200, 0, Better.HIGHER, OptionalDouble.of(25)), List.of());
        make(
                "Words correct per minute",
                "words/min",
                new NumericScale(0, 300, 0, Better.HIGHER, OptionalDouble.of(6)),
                List.of());
        LevelScale letters = new LevelScale(IntStream.rangeClosed('A', 'Z')
                .mapToObj(letter -> String.valueOf((char) letter))
                .toList());
        make("Text level", "", letters.asNumbers(), letters.levels());
    }

    private void make(String name, String unit, NumericScale scale, List<String> levels) {
        measures.create(
                new Measures.NewMeasure(name, unit, scale, levels, SHELF_LIFE_DAYS, "zafu-example " + name, null));
    }
}
