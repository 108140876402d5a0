package zafu.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import zafu.server.access.Guesses.Count;

/**
 * What is counted where somebody signs in. A device on which the person has signed in before has an allowance of its own:
 * what others get wrong elsewhere does not hold them up there.
 */
@Component
class Doorkeeper {
    private static final int OF_AN_ACCOUNT = 8;
    private static final int PASSWORDS_FROM_AN_ADDRESS = 60;
    private static final int ON_A_DEVICE = 20;
    /** A class of beginners behind one address types a lot of wrong codes. */
    private static final int CODES_FROM_AN_ADDRESS = 200;

    private final Guesses guesses;
    private final Devices devices;

    Doorkeeper(Guesses guesses, Devices devices) {
        this.guesses = guesses;
        this.devices = devices;
    }

    List<Count> ofPasswords(String name, HttpServletRequest request) {
        String account = "account " + name.strip();
        return devices.of(request)
                .filter(device -> devices.hasOpened(name.strip(), device))
                .map(device -> List.of(new Count(account + " on " + device, OF_AN_ACCOUNT)))
                .orElseGet(() -> List.of(
                        new Count(account, OF_AN_ACCOUNT), guesses.address("passwords", PASSWORDS_FROM_AN_ADDRESS)));
    }

    List<Count> ofCodes(HttpServletRequest request) {
        Optional<Long> device = devices.of(request);
        return List.of(
                device.map(Doorkeeper::onDevice).orElseGet(() -> guesses.address("codes", CODES_FROM_AN_ADDRESS)));
    }

    List<Count> ofPictures(long device) {
        return List.of(onDevice(device));
    }

    /** Whoever is signed in, guessing at the password of the account. */
    List<Count> ofOwnPassword(long adultId) {
        return List.of(new Count("own password of " + adultId, OF_AN_ACCOUNT));
    }

    private static Count onDevice(long device) {
        return new Count("device " + device, ON_A_DEVICE);
    }
}
