package zafu.server.platform;

/** Any bytes at all as a file that is handed in, under a few names. */
public final class FileFuzz {
    private FileFuzz() {}

    public static void fuzzerTestOneInput(byte[] input) {
        for (String name : new String[] {"a.png", "a.jpg", "a.pdf", "a.docx"}) {
            read(name, input);
        }
    }

    public static void read(String name, byte[] content) {
        try {
            CheckedFiles.check(name, content);
        } catch (Refusal said) {
            // That is how it should be.
        }
    }
}
