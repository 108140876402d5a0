package zafu.server.platform;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Takes the content of files out of the store once nobody holds it: what is erased must not lie beside the database. */
@Component
class UnheldFiles {
    private final FileStore store;
    private final List<FileHolder> holders;

    UnheldFiles(FileStore store, List<FileHolder> holders) {
        this.store = store;
        this.holders = holders;
    }

    @TransactionalEventListener
    void drop(FilesLetGo gone) {
        gone.hashes().stream()
                .filter(hash -> holders.stream().noneMatch(holder -> holder.holds(hash)))
                .forEach(store::drop);
    }
}
