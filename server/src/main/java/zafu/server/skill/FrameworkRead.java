package zafu.server.skill;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a file of skills says, before anything is taken from it.
 *
 * @param skills in the order of the file
 * @param passedOver what could not be taken, each in a sentence
 */
record FrameworkRead(List<SkillRead> skills, List<String> passedOver) {

    /**
     * One skill as the file has it.
     *
     * @param key by which the file itself names it: an identifier, a code, or the name
     * @param before keys of its prerequisites
     */
    record SkillRead(
            String key,
            String name,
            String strand,
            @Nullable Integer grade,
            String description,
            String scheme,
            String code,
            List<String> before) {}
}
