package zafu.server.platform;

import java.util.Collection;
import java.util.Set;

/**
 * Files were taken away for good.
 *
 * @param hashes of what was in them
 */
public record FilesLetGo(Set<String> hashes) {
    public static FilesLetGo of(Collection<String> hashes) {
        return new FilesLetGo(Set.copyOf(hashes));
    }
}
