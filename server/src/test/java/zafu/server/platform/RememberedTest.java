package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionSynchronizationUtils;

class RememberedTest {
    private final Remembered<String, String> remembered = new Remembered<>();
    private String stored = "old";

    @BeforeEach
    void somethingIsRemembered() {
        assertThat(ask()).isEqualTo("old");
    }

    @AfterEach
    void noTransaction() {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.clearSynchronization();
        }
    }

    private String ask() {
        return remembered.get("key", key -> stored);
    }

    private void beginAndChange() {
        TransactionSynchronizationManager.initSynchronization();
        stored = "new";
        remembered.changed();
    }

    private void end(int status) {
        if (status == TransactionSynchronization.STATUS_COMMITTED) {
            TransactionSynchronizationUtils.triggerAfterCommit();
        }
        TransactionSynchronizationUtils.triggerAfterCompletion(status);
        TransactionSynchronizationManager.clearSynchronization();
    }

    @Test
    void untilItIsSaidThatItChangedTheSameIsAnswered() {
        stored = "new";
        assertThat(ask()).isEqualTo("old");
        remembered.changed();
        assertThat(ask()).isEqualTo("new");
    }

    @Test
    void whoChangesItReadsWhatTheyWrote() {
        beginAndChange();
        assertThat(ask()).isEqualTo("new");
        end(TransactionSynchronization.STATUS_COMMITTED);
        assertThat(ask()).isEqualTo("new");
    }

    @Test
    void othersDoNotReadWhatIsNotCommitted() throws InterruptedException {
        beginAndChange();
        String[] seen = new String[1];
        Thread other = new Thread(() -> seen[0] = ask());
        other.start();
        other.join();
        assertThat(seen[0]).isEqualTo("old");
        end(TransactionSynchronization.STATUS_COMMITTED);
    }

    @Test
    void whatIsRolledBackWasNoChange() {
        beginAndChange();
        assertThat(ask()).isEqualTo("new");
        stored = "never to be seen";
        end(TransactionSynchronization.STATUS_ROLLED_BACK);
        assertThat(ask()).isEqualTo("old");
    }
}
