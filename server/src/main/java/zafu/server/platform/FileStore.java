package zafu.server.platform;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Files beside the database, under the hash of what is in them: the same content is kept once. A file is written under
 * another name, flushed to the disk, then moved, so that none is ever there in half.
 */
@Component
public class FileStore {
    private final Path folder;

    public FileStore(@Value("${zafu.data:./data/school}") String data) {
        this.folder = Path.of(data, "files");
    }

    /** @return the hash under which the content can be read again, 64 hexadecimal digits */
    public String keep(byte[] content) {
        String hash = HexFormat.of().formatHex(sha256().digest(content));
        Path place = placeOf(hash);
        if (Files.exists(place)) {
            return hash;
        }
        try {
            Files.createDirectories(place.getParent());
            Path half = Files.createTempFile(place.getParent(), "half", ".part");
            try (FileChannel channel = FileChannel.open(half, StandardOpenOption.WRITE)) {
                channel.write(ByteBuffer.wrap(content));
                channel.force(true);
            }
            Files.move(half, place, StandardCopyOption.ATOMIC_MOVE);
            return hash;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    public byte[] read(String hash) {
        try {
            return Files.readAllBytes(placeOf(hash));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** Takes the content away for good; nothing where there is none. */
    void drop(String hash) {
        try {
            Files.deleteIfExists(placeOf(hash));
        } catch (IOException kept) {
            throw new UncheckedIOException(kept);
        }
    }

    private Path placeOf(String hash) {
        return folder.resolve(hash.substring(0, 2)).resolve(hash);
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
