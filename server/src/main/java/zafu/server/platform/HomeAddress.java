package zafu.server.platform;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Where this Zafu is reached from outside, for what is printed or mailed. */
@Component
public class HomeAddress {
    private final String configured;

    HomeAddress(@Value("${zafu.address:}") String configured) {
        this.configured = configured;
    }

    /** As {@code zafu.address} says, else as the present request came; without a slash at the end. */
    public String address() {
        return configured.isEmpty()
                ? ServletUriComponentsBuilder.fromCurrentContextPath().toUriString()
                : configured;
    }
}
