package zafu.server.oneroster;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import zafu.server.fuzz.Zips;
import zafu.server.platform.Refusal;

/** Any bytes at all as a bundle, as its manifest, or as one of its parts. */
public final class BundleFuzz {
    private static final String[] PARTS = {"users", "enrollments", "classes", "academicSessions", "orgs", "results"};

    private BundleFuzz() {}

    /** The first byte says what the others are. */
    public static void fuzzerTestOneInput(byte[] input) {
        int kind = input.length == 0 ? 0 : Math.floorMod(input[0], PARTS.length + 2);
        byte[] rest = input.length == 0 ? input : Arrays.copyOfRange(input, 1, input.length);
        switch (kind) {
            case 0 -> read(rest);
            case 1 -> read(Zips.with("manifest.csv", rest).made());
            default ->
                read(bundle(PARTS[kind - 2]).and(PARTS[kind - 2] + ".csv", rest).made());
        }
    }

    /** A bundle with one part, which is still to be put in. */
    public static Zips bundle(String part) {
        String manifest = "propertyName,value\noneroster.version,1.2\nfile." + part + ",bulk\n";
        return Zips.with("manifest.csv", manifest.getBytes(StandardCharsets.UTF_8));
    }

    public static void read(byte[] file) {
        try {
            BundleReader.read(file);
        } catch (Refusal said) {
            // That is how it should be.
        }
    }
}
