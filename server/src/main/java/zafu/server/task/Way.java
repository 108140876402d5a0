package zafu.server.task;

/** How a task is done. */
public enum Way {
    /** Read and answered on the screen. */
    ON_SCREEN,
    /** Written or made, and handed in as text or files. */
    HAND_IN,
    /** Done away from the screen; the teacher ticks who has done it. */
    OFF_SCREEN
}
