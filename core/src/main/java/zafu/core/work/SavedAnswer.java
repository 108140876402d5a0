package zafu.core.work;

/**
 * Which copy of an answer is saved, told by numbers alone: clocks of devices can be wrong. Rule 10.
 *
 * @param number how often the answer was changed here; 0 before the first time
 * @param device that gave it; empty where it named itself not
 * @param given which one it was of all that this device ever gave
 */
public record SavedAnswer(long number, String device, long given) {
    public static final SavedAnswer NOTHING = new SavedAnswer(0, "", 0);

    /**
     * An answer on its way.
     *
     * @param over the number of the saved answer that the student saw while giving it
     * @param device that sends it; not empty
     * @param given which one it is of all that this device ever gave; only grows
     */
    public record Sent(long over, String device, long given) {
        public Sent {
            if (device.isEmpty()) {
                throw new IllegalArgumentException("an answer is sent by a device with a name");
            }
        }
    }

    /** What becomes of an answer that arrives. */
    public enum Becomes {
        /** It is saved in place of the one before. */
        SAVED,
        /** It is here already: its acknowledgement was lost, and it was sent again. */
        HERE_ALREADY,
        /** The same device has given a newer one, which is here. */
        OVERTAKEN,
        /** Another device changed the answer, and the student had not seen that: the student decides. */
        CHANGED_ELSEWHERE
    }

    /** Never does an older answer take the place of a newer one, in whatever order and however often they arrive. */
    public Becomes onArrivalOf(Sent sent) {
        if (sent.device.equals(device)) {
            return sent.given == given ? Becomes.HERE_ALREADY : sent.given > given ? Becomes.SAVED : Becomes.OVERTAKEN;
        }
        return sent.over >= number ? Becomes.SAVED : Becomes.CHANGED_ELSEWHERE;
    }

    /** After an answer was saved. */
    public SavedAnswer with(Sent sent) {
        return new SavedAnswer(number + 1, sent.device, sent.given);
    }

    /** After an answer was saved by somebody who names no device, as a teacher who lets a late one count. */
    public SavedAnswer byNoDevice() {
        return new SavedAnswer(number + 1, "", 0);
    }
}
