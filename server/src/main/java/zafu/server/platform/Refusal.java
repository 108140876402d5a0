package zafu.server.platform;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import org.springframework.http.HttpStatus;

/**
 * What was asked cannot be done, and a person can understand why. Becomes an RFC 9457 problem detail with a stable
 * code, one sentence and, where single fields are to blame, their names.
 */
public final class Refusal extends RuntimeException {
    private final transient HttpStatus status;
    private final String code;
    private final transient List<FieldFault> fields;
    private final String effort;

    private Refusal(HttpStatus status, String code, String sentence, List<FieldFault> fields) {
        this(status, code, sentence, fields, "");
    }

    private Refusal(HttpStatus status, String code, String sentence, List<FieldFault> fields, String effort) {
        super(sentence);
        this.effort = effort;
        this.status = status;
        this.code = code;
        this.fields = List.copyOf(fields);
    }

    /** One field and what is wrong with it. */
    public record FieldFault(String field, String sentence) {}

    /** The request itself cannot be used: 422. */
    public static Refusal unusable(String code, String sentence) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, code, sentence, List.of());
    }

    /** One field cannot be used: 422. */
    public static Refusal unusableField(String code, String field, String sentence) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, code, sentence, List.of(new FieldFault(field, sentence)));
    }

    /** The state of things does not allow it now: 409. */
    public static Refusal conflict(String code, String sentence) {
        return new Refusal(HttpStatus.CONFLICT, code, sentence, List.of());
    }

    /** It is not there, or not for this person to know of: 404. */
    public static Refusal notFound(String what) {
        return new Refusal(
                HttpStatus.NOT_FOUND,
                "not-found",
                inWords("everyone.not-here", "what", inWords("everyone.thing." + what.replace(' ', '-'))),
                List.of());
    }

    /** What was sent is larger than can be read: 413. */
    public static Refusal tooLarge(String sentence) {
        return new Refusal(HttpStatus.CONTENT_TOO_LARGE, "file-too-large", sentence, List.of());
    }

    /** Something outside that was asked does not answer as it should: 502. */
    public static Refusal notAnswered(String code, String sentence) {
        return new Refusal(HttpStatus.BAD_GATEWAY, code, sentence, List.of());
    }

    /** The person is known but may not: 403. */
    public static Refusal notAllowed(String sentence) {
        return new Refusal(HttpStatus.FORBIDDEN, "not-allowed", sentence, List.of());
    }

    /** The sign-in did not work: 401. */
    public static Refusal wrongSignIn(String sentence) {
        return new Refusal(HttpStatus.UNAUTHORIZED, "wrong-sign-in", sentence, List.of());
    }

    /** Too often in a short time: 429. */
    public static Refusal tooOften(String sentence) {
        return new Refusal(HttpStatus.TOO_MANY_REQUESTS, "too-often", sentence, List.of());
    }

    /** To be asked again with a piece of effort that is done: 429. */
    public static Refusal effortFirst(String sentence, String effort) {
        return new Refusal(HttpStatus.TOO_MANY_REQUESTS, "effort-first", sentence, List.of(), effort);
    }

    /** The piece of effort that is wanted; empty where none is. */
    String effort() {
        return effort;
    }

    HttpStatus status() {
        return status;
    }

    public String code() {
        return code;
    }

    List<FieldFault> fields() {
        return fields;
    }
}
