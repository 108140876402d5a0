package zafu.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.KeyboardModifier;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * The hand of somebody at a window, who counts what it does and how long a practised person takes for it: pointing
 * 1.1 s, a press 0.2 s, a key 0.28 s, and 1.35 s to make up one's mind before each action. Reading is not counted.
 */
final class Hand {
    private static final double MIND = 1.35;
    private static final double POINT = 1.1;
    private static final double PRESS = 0.2;
    private static final double KEY = 0.28;

    /** What one errand took. */
    record Errand(String name, int actions, int seconds) {}

    private final Window window;
    private final List<Errand> errands = new ArrayList<>();
    private int actions;
    private double seconds;

    Hand(Window window) {
        this.window = window;
    }

    List<Errand> errands() {
        return List.copyOf(errands);
    }

    void errand(String name, Runnable doing) {
        actions = 0;
        seconds = 0;
        try {
            doing.run();
        } catch (AssertionError | PlaywrightException failed) {
            throw new AssertionError("%s. The page then said:%n%s".formatted(name, window.allText()), failed);
        }
        errands.add(new Errand(name, actions, (int) Math.round(seconds)));
    }

    private void act(double takes) {
        actions++;
        seconds += MIND + takes;
    }

    void click(Locator what) {
        what.click();
        act(POINT + PRESS);
    }

    void click(String button) {
        click(window.button(button));
    }

    void addToSelection(Locator what) {
        what.click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        act(POINT + PRESS + KEY);
    }

    void type(Locator field, String text) {
        field.fill(text);
        act(POINT + PRESS + KEY * text.length());
    }

    void type(String field, String text) {
        type(window.field(field), text);
    }

    void choose(Locator list, String option) {
        list.selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(option));
        act(POINT + PRESS);
        act(POINT + PRESS);
    }

    void key(String key) {
        window.page().keyboard().press(key);
        act(KEY);
    }

    /** Choosing a file: the button, the file, and the button of the computer's own dialog. */
    void file(Locator field, Path file) {
        field.setInputFiles(file);
        for (int i = 0; i < 3; i++) {
            act(POINT + PRESS);
        }
    }

    void drag(Locator what, Locator to) {
        window.drag(what, to);
        act(POINT + PRESS + POINT + PRESS);
    }
}
