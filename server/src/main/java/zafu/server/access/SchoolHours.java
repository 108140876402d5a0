package zafu.server.access;

import java.util.Optional;

/** How a school writes the time of day; every page is told with who uses it. */
public interface SchoolHours {
    /** "15:05" or "3:05 pm". */
    enum Hours {
        H24,
        H12
    }

    /** Empty where the school has not chosen, or is not set up yet. */
    Optional<Hours> hours();
}
