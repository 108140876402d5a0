package zafu.server.roster;

/** What one feature keeps about a student. Everything personal is behind one of these, so that none is forgotten. */
public interface StudentPart {
    /** What this part is called in the student's record. */
    String name();

    /** All of it as plain records, lists and values. */
    Object of(long studentId);

    /** Removes all of it for good, in the caller's transaction. */
    void erase(long studentId);
}
