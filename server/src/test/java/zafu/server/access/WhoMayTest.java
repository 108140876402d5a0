package zafu.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The table of who may do what in docs/security.md is made from the roles themselves. */
class WhoMayTest {
    private static final Path PAGE = Path.of("../docs/security.md");
    private static final String BEGIN = "<!-- made by WhoMayTest; write it anew with -Dzafu.table.write=true -->\n";
    private static final String END = "<!-- end of what is made -->";

    @Test
    void theTableOfThePageIsWhatTheRolesSay() throws IOException {
        String page = Files.readString(PAGE);
        int from = page.indexOf(BEGIN) + BEGIN.length();
        int to = page.indexOf(END);
        assertThat(to).as("the page has a place for the table").isGreaterThanOrEqualTo(from);
        if (Boolean.getBoolean("zafu.table.write")) {
            Files.writeString(PAGE, page.substring(0, from) + table() + page.substring(to));
        }
        assertThat(Files.readString(PAGE)).contains(BEGIN + table() + END);
    }

    private static String table() {
        List<ClassRole> roles = List.of(ClassRole.values());
        StringBuilder table = new StringBuilder("| in a class | "
                + roles.stream().map(WhoMayTest::called).collect(Collectors.joining(" | "))
                + " | whoever has no role in it |\n| --- |"
                + " --- |".repeat(roles.size() + 1)
                + "\n");
        deeds().forEach((deed, may) -> table.append("| ")
                .append(deed)
                .append(" | ")
                .append(roles.stream()
                        .map(role -> may.test(role) ? "yes" : "no")
                        .collect(Collectors.joining(" | ")))
                .append(" | no |\n"));
        return table.toString();
    }

    private static String called(ClassRole role) {
        return role.name().toLowerCase().replace('_', ' ');
    }

    private static Map<String, Predicate<ClassRole>> deeds() {
        Map<String, Predicate<ClassRole>> deeds = new LinkedHashMap<>();
        deeds.put("sees all students, groups, tasks and results", ClassRole::seesWholeClass);
        deeds.put("sees the groups that they lead, and who is in them", role -> true);
        deeds.put("sees what students need, and their own times", ClassRole::maySeeNeeds);
        deeds.put("marks, says something to it, gives it back", ClassRole::mayMark);
        deeds.put("hands out entry codes and cards", ClassRole::mayHandOutCodes);
        deeds.put("changes students, groups, tasks, plan and door", ClassRole::mayChange);
        deeds.put("says who works in the class", ClassRole::mayShare);
        return deeds;
    }

    @Test
    void everyRuleOfARoleHasItsLine() {
        assertThat(Arrays.stream(ClassRole.class.getDeclaredMethods())
                        .filter(method -> method.getReturnType() == boolean.class))
                .hasSize(deeds().size() - 1);
    }
}
