package zafu.core.growth;

import java.time.LocalDate;

/** One value of a measure on a day, in the measure's unit. */
public record Point(LocalDate date, double value) {}
