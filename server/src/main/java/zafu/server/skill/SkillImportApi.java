package zafu.server.skill;

import java.util.List;

/** What {@link SkillImportController} takes and gives. */
final class SkillImportApi {
    private SkillImportApi() {}

    /**
     * @param made ids of the skills that are new
     * @param known how many were here already
     * @param passedOver what could not be taken, each in a sentence
     */
    record Brought(List<Long> made, int known, List<String> passedOver) {}
}
