package zafu.server.qti;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.server.library.Markdown;

class HtmlMarkdownTest {
    private static String read(String html) {
        return new HtmlMarkdown(picture -> "package:" + picture).ofPage(html);
    }

    static Stream<Arguments> pages() {
        return Stream.of(
                Arguments.of("<p>One</p><p>Two</p>", "One\n\nTwo"),
                Arguments.of("<div><p>One</p><div>Two</div></div>", "One\n\nTwo"),
                Arguments.of("One<br>Two", "One\nTwo"),
                Arguments.of("<h2>Head</h2><p>Text</p>", "## Head\n\nText"),
                Arguments.of("<h6>Deep</h6>", "#### Deep"),
                Arguments.of("<p><b> bold </b>and <i>slanted</i></p>", "**bold** and *slanted*"),
                Arguments.of("<p>H<sub>2</sub>O</p>", "H<sub>2</sub>O"),
                Arguments.of("<ol><li>a</li><li>b</li></ol>", "1. a\n2. b"),
                Arguments.of("<ul><li>a<ul><li>b</li></ul></li></ul>", "- a\n\n  - b"),
                Arguments.of("<blockquote><p>Said</p></blockquote>", "> Said"),
                Arguments.of("<p><a href=\"https://tide.example/x\">there</a></p>", "[there](https://tide.example/x)"),
                Arguments.of("<p><a href=\"javascript:x\">here</a></p>", "here"),
                Arguments.of("<p><img src=\"a.png\" alt=\"a [crab]\"></p>", "![a crab](package:a.png)"),
                Arguments.of("<p>one   two\n three</p>", "one two three"),
                Arguments.of("<!-- note --><p>x</p>", "x"),
                Arguments.of("<style>p{}</style><p>x</p>", "x"));
    }

    @ParameterizedTest
    @MethodSource("pages")
    void aPageBecomesTheMarkdownThatSaysTheSame(String html, String markdown) {
        assertThat(read(html)).isEqualTo(markdown);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "*A* walk",
                "1 < 2 and 3 > 2",
                "a_b_c",
                "[not a link](x)",
                "# no heading",
                "`ticks`",
                "2 * 3 * 4 = 24",
                "\\ a stroke",
                "~~struck~~ | piped |"
            })
    void signsComeOutAsTheyWereShown(String shown) {
        String html = "<p>" + Tag.escaped(shown) + "</p>";
        assertThat(Markdown.plain(read(html))).isEqualTo(shown);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<video src=\"x.mp4\"></video>", "<audio src=\"x.mp3\"></audio>", "<iframe src=\"x\"></iframe>",
                "<form><input></form>", "<math><mi>x</mi></math>", "<svg></svg>"
            })
    void whatCannotBeShownIsNamedRatherThanLost(String html) {
        assertThatThrownBy(() -> read("<p>x</p>" + html))
                .isInstanceOf(CannotTake.class)
                .hasMessageContaining("cannot be shown here");
    }

    @Test
    void aTableWithCellsThatSpanOthersIsNamed() {
        assertThatThrownBy(() -> read("<table><tr><td colspan=\"2\">x</td></tr></table>"))
                .hasMessageContaining("span");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "One *two* three",
                "- a\n- b",
                "1. a\n2. b",
                "> Said\n\nThen",
                "| a | b |\n| --- | --- |\n| 1 | 2 |",
                "# Tide\n\nTwice a **day**.\nAnd again.",
                "H<sub>2</sub>O",
                "[x](https://tide.example)",
                "5 < 6 & 7"
            })
    void whatWeWriteComesBackAsItWas(String markdown) {
        assertThat(read(Markdown.html(markdown))).isEqualTo(markdown);
    }
}
