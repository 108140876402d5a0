package zafu.server.arrangement;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zafu.core.roster.StudentId;
import zafu.server.roster.Roster;

/**
 * The students an arrangement draws from.
 *
 * @param classId the class it belongs to
 * @param classIds that class first, then the others it draws from
 * @param names everyone in them, each once
 */
record Pool(long classId, List<Long> classIds, Map<StudentId, Roster.StudentName> names) {
    Pool {
        classIds = List.copyOf(classIds);
        names = new LinkedHashMap<>(names);
    }

    Collection<StudentId> students() {
        return names.keySet();
    }
}
