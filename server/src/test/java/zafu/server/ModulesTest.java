package zafu.server;

import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class ModulesTest {
    @Test
    void featuresHaveNoCyclesAndDoNotReachIntoEachOther() {
        ApplicationModules.of(ZafuApplication.class).verify();
    }
}
