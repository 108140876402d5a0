package zafu.server.qti;

/** Something in a package has no place here; the message says what, for a person, as the end of a sentence. */
final class CannotTake extends RuntimeException {
    CannotTake(String why) {
        super(why);
    }
}
