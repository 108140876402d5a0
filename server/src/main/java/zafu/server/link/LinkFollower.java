package zafu.server.link;

import java.net.URI;
import org.jspecify.annotations.Nullable;

/** Follows a link to where it ends, each step of the way guarded. */
final class LinkFollower {
    private static final int MOST_STEPS = 5;
    private final Web web;

    LinkFollower(Web web) {
        this.web = web;
    }

    /** @param movedTo where it has moved for good */
    record Outcome(LinkState state, @Nullable String movedTo) {}

    Outcome follow(String address) {
        URI at = uri(address);
        boolean forGood = true;
        for (int step = 0; step <= MOST_STEPS && at != null; step++) {
            Web.Answer answer = web.ask(at);
            if (!(answer instanceof Web.Answer.Status status)) {
                return new Outcome(stateOf(answer), null);
            }
            if (status.code() < 300 || status.code() >= 400 || status.location().isEmpty()) {
                boolean moved = step > 0 && forGood && isGood(status.code());
                return moved ? new Outcome(LinkState.MOVED, at.toString()) : new Outcome(stateOf(status.code()), null);
            }
            forGood &= status.code() == 301 || status.code() == 308;
            at = next(at, status.location());
        }
        return new Outcome(LinkState.GONE, null);
    }

    private static @Nullable URI uri(String address) {
        try {
            URI uri = URI.create(address);
            boolean web = "http".equalsIgnoreCase(uri.getScheme()) || "https".equalsIgnoreCase(uri.getScheme());
            return web && uri.getHost() != null ? uri : null;
        } catch (IllegalArgumentException broken) {
            return null;
        }
    }

    private static @Nullable URI next(URI from, String location) {
        try {
            return uri(from.resolve(location).toString());
        } catch (IllegalArgumentException broken) {
            return null;
        }
    }

    private static boolean isGood(int code) {
        return code >= 200 && code < 300;
    }

    private static LinkState stateOf(Web.Answer answer) {
        if (answer instanceof Web.Answer.TooSlow) {
            return LinkState.SLOW;
        }
        return answer instanceof Web.Answer.Inside ? LinkState.INSIDE : LinkState.GONE;
    }

    private static LinkState stateOf(int code) {
        if (isGood(code) || (code >= 300 && code < 400)) {
            return LinkState.GOOD;
        }
        if (code == 401 || code == 403 || code == 429) {
            return LinkState.REFUSES;
        }
        return code == 503 || code == 504 ? LinkState.SLOW : LinkState.GONE;
    }
}
