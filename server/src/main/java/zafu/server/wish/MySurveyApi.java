package zafu.server.wish;

import java.util.List;

/** What {@link MySurveyController} takes and gives. */
final class MySurveyApi {
    private MySurveyApi() {}

    record MySurvey(long id, String question, List<MyOption> options, List<Long> ranked) {}

    record MyOption(long id, String words) {}
}
