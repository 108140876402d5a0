package zafu.server.link;

import java.net.URI;

/** The world outside, one request at a time; redirects are answers, not followed here. */
public interface Web {
    Answer ask(URI address);

    /** What came back. */
    sealed interface Answer {
        /** @param location where it sends on to; empty where it does not */
        record Status(int code, String location) implements Answer {}

        /** Nobody is there: no such name, or no connection. */
        record Nobody() implements Answer {}

        record TooSlow() implements Answer {}

        /** The address lies in a network of our own; it was not asked. */
        record Inside() implements Answer {}
    }
}
