package zafu.server.library;

import org.springframework.data.jpa.repository.JpaRepository;

interface LibraryFileRepository extends JpaRepository<LibraryFile, Long> {
    boolean existsByHash(String hash);
}
