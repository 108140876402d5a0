package zafu.server.qti;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.server.library.QuestionBody.Piece;

/** Running text with blanks, as packages write it. */
class PiecesReadTest {
    private final List<String> changes = new ArrayList<>();

    private List<String> read(String inside) {
        String xml = "<itemBody>" + inside + "</itemBody>";
        return PiecesRead.of(
                        Xml.parse(xml.getBytes(StandardCharsets.UTF_8)),
                        changes,
                        blank -> Piece.blank(List.of("x"), null))
                .stream()
                .map(piece -> piece.asksForWords() ? "_" : piece.text())
                .toList();
    }

    private static final String BLANK = "<textEntryInteraction responseIdentifier=\"R\"/>";

    @Test
    void textStandsBeforeBetweenAndAfterTheBlanks() {
        assertThat(read("<p>The " + BLANK + " pulls the " + BLANK + ".</p>"))
                .containsExactly("The ", "_", " pulls the ", "_", ".");
    }

    @Test
    void paragraphsAndBreaksBecomeLines() {
        assertThat(read("<p>One</p><p>Two " + BLANK + "</p>")).containsExactly("One\nTwo ", "_");
        assertThat(read("<p>One<br/>Two " + BLANK + "</p>")).containsExactly("One\nTwo ", "_");
        assertThat(read("<ul><li>One</li><li>Two " + BLANK + "</li></ul>")).containsExactly("One\nTwo ", "_");
    }

    @Test
    void spaceOfTheFileIsNotSpaceOfTheText() {
        assertThat(read("\n  <div>\n    <p>The\n      " + BLANK + "\n   pulls.</p>\n  </div>\n"))
                .containsExactly("The ", "_", " pulls.");
    }

    @Test
    void emphasisIsLeftOutAndSaidOnce() {
        assertThat(read("<p><em>The</em> <b>" + BLANK + "</b> pulls.</p>")).containsExactly("The ", "_", " pulls.");
        assertThat(changes).containsExactly("emphasis within its text is left out");
    }

    @Test
    void promptsAndRubricsAreNoPartOfTheText() {
        assertThat(read("<prompt>Fill in.</prompt><rubricBlock view=\"scorer\"><p>x</p></rubricBlock><p>A " + BLANK
                        + "</p>"))
                .containsExactly("A ", "_");
        assertThat(changes).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"table", "img", "object", "math", "a"})
    void whatCannotStandBetweenBlanksIsNamed(String element) {
        assertThatThrownBy(() -> read("<p>A " + BLANK + " <" + element + "/></p>"))
                .isInstanceOf(CannotTake.class)
                .hasMessageContaining("<" + element + ">");
    }

    @Test
    void namesOfVersionThreeAreReadAsThoseOfVersionTwo() {
        assertThat(read("<p>The <qti-text-entry-interaction response-identifier=\"R\"/> pulls.</p>"))
                .containsExactly("The ", "_", " pulls.");
    }
}
