package zafu.server.skill;

import zafu.server.platform.Refusal;

/** Any bytes at all as a framework in JSON and as a table of skills. */
public final class SkillsFuzz {
    private SkillsFuzz() {}

    public static void fuzzerTestOneInput(byte[] input) {
        read(() -> CaseFramework.read(input));
        read(() -> SkillSheet.read(input));
    }

    private static void read(Runnable reading) {
        try {
            reading.run();
        } catch (Refusal said) {
            // That is how it should be.
        }
    }
}
