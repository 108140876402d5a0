package zafu.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MarkdownTest {
    @Test
    void paragraphsListsAndTablesAreShown() {
        String html = Markdown.html("One *two*\n\n- a\n- b\n\n| h |\n| --- |\n| 1 |");
        assertThat(html)
                .contains("<p>One <em>two</em></p>")
                .contains("<li>a</li>")
                .contains("<th>h</th>")
                .contains("<td>1</td>");
    }

    @Test
    void aLineBreakStaysOne() {
        assertThat(Markdown.html("Roses\nare red")).contains("Roses<br />are red");
    }

    @Test
    void aPictureComesFromOurOwnAddress() {
        assertThat(Markdown.html("![a crab](file:12)"))
                .contains("src=\"/api/files/12\"")
                .contains("alt=\"a crab\"");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "<img src=x onerror=alert(1)>",
                "<a href=\"javascript:alert(1)\">x</a>",
                "[x](javascript:alert(1))",
                "[x](data:text/html,alert)",
                "![x](https://elsewhere.example/a.png)",
                "![x](file:///etc/passwd)",
                "<iframe src=\"https://elsewhere.example\"></iframe>",
                "<svg onload=alert(1)>",
                "<style>*{display:none}</style>",
                "<p style=\"position:fixed\">x</p>",
                "<form action=\"https://elsewhere.example\"><input name=a></form>"
            })
    void nothingThatCouldDoHarmIsLeft(String markdown) {
        assertThat(Markdown.html(markdown))
                .doesNotContain("<script")
                .doesNotContain("onerror")
                .doesNotContain("onload")
                .doesNotContain("href=\"javascript")
                .doesNotContain("href=\"data")
                .doesNotContain("src=\"https")
                .doesNotContain("src=\"file")
                .doesNotContain("<iframe")
                .doesNotContain("<svg")
                .doesNotContain("<style")
                .doesNotContain("style=")
                .doesNotContain("<form")
                .doesNotContain("<input");
    }

    @Test
    void aWayOutsideDoesNotVouchForWhereItLeads() {
        assertThat(Markdown.html("[tides](https://tides.example/a)"))
                .contains("href=\"https://tides.example/a\"")
                .contains("nofollow");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {"One *two*|One <em>two</em>", "One|One", "5 < 6|5 &lt; 6"})
    void aSingleLineNeedsNoParagraph(String markdown, String html) {
        assertThat(Markdown.inline(markdown)).isEqualTo(html);
    }

    @Test
    void severalParagraphsStayParagraphs() {
        assertThat(Markdown.inline("One\n\nTwo")).contains("<p>One</p>").contains("<p>Two</p>");
    }

    @Test
    void theWordsAloneHaveNoSigns() {
        assertThat(Markdown.plain("**One** [two](https://x.example) `three`"))
                .contains("One")
                .doesNotContain("*")
                .doesNotContain("`");
    }
}
