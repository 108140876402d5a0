package zafu.server.arrangement;

import java.util.List;

/** What {@link SharedArrangementController} takes and gives. */
final class SharedArrangementApi {
    private SharedArrangementApi() {}

    /** An arrangement of another class with students of this one. */
    record SharedArrangement(
            long id, String name, String subject, String className, String by, List<SharedGroup> groups) {}

    /**
     * @param here how many of this class are in it
     * @param members how many are in it in all
     */
    record SharedGroup(String name, int look, int here, int members) {}
}
