package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.w3c.dom.Element;
import zafu.server.library.ItemDraft;
import zafu.server.platform.Refusal;
import zafu.server.qti.PackageRead.Finding;

/** What was read of a package so far, and what is to be said about it. */
final class Reading {
    private static final int LONGEST_TITLE = 200;
    private static final int LONGEST_TEXT = 100_000;
    private static final int LONGEST_STEPS = 8_000;
    private static final int LONGEST_PART = 4_000;
    private static final int LONGEST_ADDRESS = 2_000;
    private final List<ItemDraft> items = new ArrayList<>();
    private final List<Finding> changed = new ArrayList<>();
    private final List<Finding> leftOut = new ArrayList<>();

    /** Takes something of one part of the package, or says why it cannot be taken. */
    interface Taking {
        void take(String name);
    }

    void tryTake(String name, Taking taking) {
        try {
            taking.take(name);
        } catch (CannotTake | Refusal why) {
            leaveOut(name, String.valueOf(why.getMessage()));
        } catch (NumberFormatException broken) {
            leaveOut(name, inWords("qti.a-number-in-it-cannot-be-read"));
        }
    }

    void change(String name, String what) {
        changed.add(new Finding(name, what));
    }

    void leaveOut(String name, String why) {
        leftOut.add(new Finding(name, why));
    }

    Described described(String name, Element resource) {
        Described described = Described.read(resource);
        described.changes().forEach(each -> change(name, each));
        return described;
    }

    /** @throws CannotTake where it says more than an item can hold */
    void add(ItemDraft item) {
        requireShort(item.body(), LONGEST_TEXT, inWords("qti.its-text"));
        requireShort(item.lesson().aims(), LONGEST_PART, inWords("qti.what-it-aims-at"));
        requireShort(item.lesson().steps(), LONGEST_STEPS, inWords("qti.its-steps"));
        requireShort(item.lesson().materials(), LONGEST_PART, inWords("qti.what-it-needs"));
        requireShort(item.address(), LONGEST_ADDRESS, inWords("qti.its-address"));
        String title = item.title().length() > LONGEST_TITLE
                ? item.title().substring(0, LONGEST_TITLE - 1) + "…"
                : item.title();
        items.add(new ItemDraft(
                item.key(),
                item.kind(),
                title,
                item.body(),
                item.language(),
                item.minutes(),
                item.address(),
                item.lesson(),
                item.about(),
                item.file(),
                List.copyOf(item.questions())));
    }

    private static void requireShort(String text, int most, String what) {
        if (text.length() > most) {
            throw new CannotTake(inWords("qti.is-longer-than-letters", "what", what, "most", most));
        }
    }

    boolean foundNothing() {
        return items.isEmpty() && leftOut.isEmpty();
    }

    PackageRead result(Map<String, byte[]> files) {
        return new PackageRead(items, files, changed, leftOut);
    }

    /** A language as a BCP 47 tag; English where nothing that can be read is said. */
    static String language(String said) {
        return said.matches("[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*") ? said : "en";
    }
}
