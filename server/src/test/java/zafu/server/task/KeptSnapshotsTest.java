package zafu.server.task;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.platform.StoredJson;

/** Steps of tasks that an older program kept can be taken back by every newer one. */
class KeptSnapshotsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final StoredJson<TaskSnapshot> KEPT = TaskSteps.kept(JSON);

    /** Never changed: it stands for what is in a school's database. */
    private static final String TASK =
            """
            "name":"Marsh quiz","arrangementId":4,"state":"HANDED_OUT","workKind":"QUIZ","way":"HAND_IN","doneFirst":true,
            "feedback":"AFTER_DUE","seriesId":7,"removed":false,"handedOutAt":"2027-02-09T12:10:00Z","handedOutBy":1,
            "versions":[{"id":3,"place":0,"staffName":"short","overrides":"TITLE MINUTES","title":"Marsh","instructions":"Read.",
              "minutes":15,"includesAccommodations":true,"opensAt":"2027-02-09T13:00:00Z","dueAt":"2027-02-10T20:00:00Z",
              "closesAt":null,"tries":2,"texts":[11,12],"questions":[21],
              "targets":[{"kind":"GROUP","groupId":5,"studentId":null}]}],
            "adjustments":[{"sets":"DUE","minutes":null,"opensAt":null,"dueAt":"2027-02-12T20:00:00Z","closesAt":null,
              "tries":null,"targets":[{"kind":"STUDENT","groupId":null,"studentId":9}]}],
            "otherClasses":[{"classId":2,"sets":"DUE","opensAt":null,"dueAt":"2027-02-11T20:00:00Z","closesAt":null}]}""";

    @ParameterizedTest
    @ValueSource(strings = {"{", "{\"format\":1,"})
    void everyFormatThatWasEverKeptIsReadWhole(String begin) {
        TaskSnapshot read = KEPT.read(begin + TASK);
        assertThat(read.versions().get(0).targets()).hasSize(1);
        assertThat(JSON.readTree(KEPT.write(read)))
                .as("nothing of it is lost")
                .isEqualTo(JSON.readTree("{\"format\":1," + TASK));
    }
}
