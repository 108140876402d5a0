package zafu.server.exchange;

/** Why a row that is not wrong is not taken. */
enum Hold {
    /** A question about it is open. */
    WAITS,
    /** Whoever brings the file said so. */
    LEFT_OUT
}
