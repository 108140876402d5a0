package zafu.server.platform;

import java.security.SecureRandom;
import java.util.EnumSet;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.hibernate.generator.BeforeExecutionGenerator;
import org.hibernate.generator.EventType;
import org.hibernate.generator.EventTypeSets;
import org.jspecify.annotations.Nullable;

/** Draws what {@link UnguessableId} promises. */
public class UnguessableIds implements BeforeExecutionGenerator {
    /** Above all that a table counted up to before its ids were drawn. */
    private static final long LOWEST = 1L << 40;

    private static final long BEYOND = 1L << 52;
    private static final SecureRandom CHANCE = new SecureRandom();

    @Override
    public Object generate(
            SharedSessionContractImplementor session,
            Object owner,
            @Nullable Object currentValue,
            EventType eventType) {
        return CHANCE.nextLong(LOWEST, BEYOND);
    }

    @Override
    public EnumSet<EventType> getEventTypes() {
        return EventTypeSets.INSERT_ONLY;
    }
}
