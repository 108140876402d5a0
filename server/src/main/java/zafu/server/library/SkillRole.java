package zafu.server.library;

/** What an item has to do with a skill. */
public enum SkillRole {
    TRAINS,
    /** Should be held before. */
    NEEDS,
    /** It gets ready for the skill, which comes later. */
    PREPARES
}
