package zafu.core.measure;

import java.time.LocalDate;

/** The part of the school year to which a benchmark belongs. Rule 1, bands. */
public enum Season {
    AUTUMN,
    WINTER,
    SPRING;

    /** August to November is autumn, December to March winter, April to July spring. */
    public static Season of(LocalDate day) {
        int month = day.getMonthValue();
        if (month >= 8 && month <= 11) {
            return AUTUMN;
        }
        return month >= 4 && month <= 7 ? SPRING : WINTER;
    }
}
