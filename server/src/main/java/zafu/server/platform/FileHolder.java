package zafu.server.platform;

/** Answered by the features that keep files: whether one of theirs still has this content. */
public interface FileHolder {
    boolean holds(String hash);
}
