package zafu.server.need;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Support;

/**
 * A word for a need as administrators see it.
 *
 * @param amount as {@link Support#amount()} says; absent where the support has none or the list gives it
 */
record NeedWordShown(
        long id, String word, Support support, @Nullable BigDecimal amount, String saidBy, Instant saidAt) {}
