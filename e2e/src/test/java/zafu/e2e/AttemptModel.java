package zafu.e2e;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * What must be true of a running attempt, told without a browser or a server: what the server has of each question, and
 * what each device shows. The rule is the one of docs/rules.md, section 10, written down a second time in its plainest form.
 */
final class AttemptModel {
    private record Saved(String text, int number, String by) {}

    private record Unsent(String text, int over) {}

    private static final Saved NOTHING = new Saved("", 0, "");

    /** A device as its owner sees it. */
    private final class Device {
        final Map<Integer, Saved> known = new TreeMap<>();
        final Map<Integer, Unsent> unsent = new LinkedHashMap<>();
        final Map<Integer, String> undecided = new TreeMap<>();
        boolean online = true;
    }

    private final Map<Integer, Saved> server = new TreeMap<>();
    private final Map<String, Device> devices = new TreeMap<>();
    private boolean serverUp = true;

    void add(String device) {
        Device added = new Device();
        added.known.putAll(server);
        devices.put(device, added);
    }

    void answers(String device, int question, String text) {
        Device own = devices.get(device);
        Unsent before = own.unsent.remove(question);
        int over = before == null ? own.known.getOrDefault(question, NOTHING).number : before.over;
        own.undecided.remove(question);
        own.unsent.put(question, new Unsent(text, over));
        settle();
    }

    void online(String device, boolean online) {
        devices.get(device).online = online;
        settle();
    }

    void serverUp(boolean up) {
        serverUp = up;
        settle();
    }

    /** Of two answers the student takes the one given on this device. */
    void insists(String device, int question) {
        Device own = devices.get(device);
        own.unsent.put(question, new Unsent(own.undecided.remove(question), own.known.get(question).number));
        settle();
    }

    void keepsTheOther(String device, int question) {
        devices.get(device).undecided.remove(question);
    }

    /** Everything that can reach the server does, then everybody who can hear of it does. */
    private void settle() {
        devices.forEach((name, device) -> {
            if (serverUp && device.online) {
                new LinkedHashMap<>(device.unsent).forEach((question, unsent) -> send(name, device, question, unsent));
            }
        });
        devices.values().stream().filter(this::hears).forEach(device -> device.known.putAll(server));
    }

    private boolean hears(Device device) {
        return serverUp && device.online;
    }

    private void send(String name, Device device, int question, Unsent unsent) {
        Saved saved = server.getOrDefault(question, NOTHING);
        device.unsent.remove(question);
        if (saved.by.equals(name) || unsent.over >= saved.number) {
            server.put(question, new Saved(unsent.text, saved.number + 1, name));
        } else if (!saved.text.equals(unsent.text)) {
            device.undecided.put(question, unsent.text);
        }
        device.known.put(question, server.get(question));
    }

    // ---------------------------------------------------------------- what must be seen

    /** What stands in the field of a question on a device; empty for nothing. */
    String shown(String device, int question) {
        Device own = devices.get(device);
        Unsent unsent = own.unsent.get(question);
        return unsent == null ? own.known.getOrDefault(question, NOTHING).text : unsent.text;
    }

    /** What the page claims about it. */
    String mark(String device) {
        Device own = devices.get(device);
        if (hears(own)) {
            return "✓ Saved";
        }
        return own.unsent.isEmpty() ? "No connection · saved up to here" : "No connection · saved on this device";
    }

    boolean isUndecided(String device, int question) {
        return devices.get(device).undecided.containsKey(question);
    }

    Map<Integer, String> undecided(String device) {
        return devices.get(device).undecided;
    }

    boolean isOnline(String device) {
        return devices.get(device).online;
    }

    boolean hasUnsent(String device) {
        return !devices.get(device).unsent.isEmpty();
    }

    /** What was given and the server does not have as the answer: a teacher must find it when the attempt is over. */
    int withoutAPlace() {
        return devices.values().stream()
                .mapToInt(device -> device.unsent.size() + device.undecided.size())
                .sum();
    }

    String server(int question) {
        return server.getOrDefault(question, NOTHING).text;
    }
}
