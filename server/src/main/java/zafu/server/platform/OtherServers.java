package zafu.server.platform;

import java.util.function.Consumer;

/**
 * Other Zafu servers on the same database. They read the same tables; this is for what lives in memory alone: which
 * pages are open, who is in a meeting, and that what was read a moment ago no longer holds.
 */
public interface OtherServers {
    /** What a listener hears when it may have missed something, because the line was cut for a while. */
    String MISSED = "missed";

    /**
     * Tells the others, soon and without waiting for them.
     *
     * @param topic a word; only who hears about it is told
     * @param words at most 7,000 characters
     */
    void tell(String topic, String words);

    /** Hears from now on what others tell about a topic, never what this server told itself. */
    void hear(String topic, Consumer<String> listener);
}
