package zafu.server.library;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.access.Person;
import zafu.server.platform.Refusal;

/**
 * Who may see an item, and who may change it: its maker and the administrators may do both; the teachers of a class may
 * change what is kept for the class; everybody else may look at what is for the school, and make a copy of it.
 */
@Component
class ItemAccess {
    private final CurrentPerson current;
    private final ClassPermission permission;

    ItemAccess(CurrentPerson current, ClassPermission permission) {
        this.current = current;
        this.permission = permission;
    }

    LibraryItem requireSee(LibraryItem item) {
        if (!maySee(item)) {
            throw Refusal.notFound("item");
        }
        return item;
    }

    void requireChange(LibraryItem item) {
        requireSee(item);
        if (!mayChange(item)) {
            throw Refusal.notAllowed(inWords("library.belongs-to-someone-else-make-your", "title", item.title));
        }
    }

    boolean maySee(LibraryItem item) {
        Person.Grown adult = current.adult();
        return switch (item.visibility) {
            case SCHOOL -> true;
            case PRIVATE -> isMaker(item, adult);
            case CLASS -> isMaker(item, adult) || permission.mine().contains(item.classId);
        };
    }

    boolean mayChange(LibraryItem item) {
        Person.Grown adult = current.adult();
        boolean forTheirClass =
                item.visibility == Visibility.CLASS && permission.changeable().contains(item.classId);
        return isMaker(item, adult)
                || forTheirClass
                || (adult.administrator() && item.visibility != Visibility.PRIVATE);
    }

    private static boolean isMaker(LibraryItem item, Person.Grown adult) {
        return adult.is(item.createdBy);
    }

    /** Ids of the classes that the signed-in adult has anything to do with. */
    Set<Long> anyClasses() {
        return permission.roles().keySet();
    }

    /** Ids of the classes that the signed-in adult sees whole. */
    List<Long> classes() {
        return permission.mine();
    }
}
