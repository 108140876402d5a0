package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.NameSetApi.NameSetShown;
import zafu.server.arrangement.NameSetApi.NewNameSet;
import zafu.server.platform.Refusal;

/** Names for groups: those that ship with the application, and each adult's own. */
@Service
class NameSets {
    private static final int LONGEST = 60;
    private final NameSetRepository own;
    private final CurrentPerson current;

    NameSets(NameSetRepository own, CurrentPerson current) {
        this.own = own;
        this.current = current;
    }

    @Transactional(readOnly = true)
    List<NameSetShown> mine() {
        List<NameSetShown> shown = new ArrayList<>();
        GroupNames.SHIPPED.forEach((title, names) -> shown.add(new NameSetShown(null, title, names)));
        own.findByAdultIdOrderByTitle(current.adult().adultId())
                .forEach(each -> shown.add(new NameSetShown(each.id, each.title, each.each())));
        return shown;
    }

    @Transactional
    long keep(NewNameSet wanted) {
        NameSet kept = new NameSet();
        kept.adultId = current.adult().adultId();
        kept.title = wanted.title().strip();
        kept.names = String.join("\n", usable(wanted.names()));
        return own.save(kept).id;
    }

    @Transactional
    void remove(long nameSetId) {
        NameSet found = own.findById(nameSetId)
                .filter(each -> each.adultId == current.adult().adultId())
                .orElseThrow(() -> Refusal.notFound("set of names"));
        own.delete(found);
    }

    /** The names without blanks around them; refused where one is too long or stands twice. */
    static List<String> usable(List<String> names) {
        List<String> usable = new ArrayList<>();
        for (String name : names) {
            String stripped = name.strip();
            if (stripped.length() > LONGEST) {
                throw Refusal.unusableField(
                        "bad-name",
                        "names",
                        inWords("arrangement.is-longer-than-letters", "name", stripped, "most", LONGEST));
            }
            if (usable.stream().anyMatch(stripped::equalsIgnoreCase)) {
                throw Refusal.unusableField(
                        "name-taken", "names", inWords("arrangement.stands-there-twice", "name", stripped));
            }
            if (!stripped.isEmpty()) {
                usable.add(stripped);
            }
        }
        if (usable.isEmpty()) {
            throw Refusal.unusableField("no-names", "names", inWords("arrangement.write-at-least-one-name-each-on-a"));
        }
        return usable;
    }
}
