package zafu.server.measure;

import java.util.List;
import java.util.Optional;
import zafu.core.measure.Better;
import zafu.core.measure.Cuts;

/**
 * The bands of a measure for one grade and season, by name.
 *
 * @param cuts ascending by score, in the measure's unit
 */
public record Bands(List<Measures.BandCut> cuts, Better better) {

    /** 0 for the weakest; see {@link Cuts#bandOf}. */
    public int of(double value) {
        return new Cuts(cuts.stream().map(Measures.BandCut::score).toList(), better).bandOf(value);
    }

    /**
     * Empty for the weakest band, which no cut names. On a lower-is-better measure the cuts ascend from the best band
     * to the weakest.
     */
    public Optional<String> nameOf(int band) {
        return band == 0
                ? Optional.empty()
                : Optional.of(cuts.get(better == Better.LOWER ? cuts.size() - band : band - 1)
                        .name());
    }
}
