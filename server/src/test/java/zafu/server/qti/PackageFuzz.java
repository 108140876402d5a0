package zafu.server.qti;

import java.util.Arrays;
import zafu.server.fuzz.Zips;
import zafu.server.platform.Refusal;

/** Any bytes at all as a package, its manifest, a question in it or a page. */
public final class PackageFuzz {
    private PackageFuzz() {}

    /** The first byte says what the others are. */
    public static void fuzzerTestOneInput(byte[] input) {
        byte[] rest = input.length == 0 ? input : Arrays.copyOfRange(input, 1, input.length);
        switch (input.length == 0 ? 0 : input[0] % 5) {
            case 1 -> read(Zips.with("imsmanifest.xml", rest).made());
            case 2 ->
                read(holding("imsqti_item_xmlv2p1", "a.xml").and("a.xml", rest).made());
            case 3 -> read(holding("webcontent", "a.html").and("a.html", rest).made());
            case 4 ->
                read(holding("imsqti_xmlv1p2/imscc_xmlv1p1/assessment", "a.xml")
                        .and("a.xml", rest)
                        .made());
            default -> read(rest);
        }
    }

    /** A package that names one resource, which is still to be put in. */
    public static Zips holding(String type, String name) {
        return Zips.with(
                "imsmanifest.xml",
                "<manifest><resources><resource identifier=\"a\" type=\"" + type + "\" href=\"" + name
                        + "\"/></resources></manifest>");
    }

    public static void read(byte[] file) {
        try {
            PackageReader.read(file, "a.zip");
        } catch (Refusal said) {
            // That is how it should be.
        }
    }
}
