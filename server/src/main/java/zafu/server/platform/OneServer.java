package zafu.server.platform;

import java.util.function.Consumer;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** A school on one machine: there is nobody to tell. */
@Component
@Profile("!postgres")
public class OneServer implements OtherServers {
    @Override
    public void tell(String topic, String words) {
        // Nobody else has read or shown anything.
    }

    @Override
    public void hear(String topic, Consumer<String> listener) {
        // Nobody else will say anything.
    }
}
