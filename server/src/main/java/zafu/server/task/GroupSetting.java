package zafu.server.task;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What holds for all in a group in every task of theirs. */
@Entity
class GroupSetting {
    @Id
    long groupId;

    /** At least so many tries, absent to leave what the task says. */
    @Nullable
    Integer tries;

    boolean readAloud;

    /** Tools that may be used, with commas between. */
    String tools = "";

    /** What may lie beside the work, in a few words for students. */
    String alongside = "";

    @Version
    long version;

    List<String> toolList() {
        return Arrays.stream(tools.split(","))
                .map(String::strip)
                .filter(tool -> !tool.isEmpty())
                .toList();
    }
}
