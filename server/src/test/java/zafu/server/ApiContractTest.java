package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The contract that the front end's types are made from is the one that the server speaks. */
class ApiContractTest extends ServerTest {
    private static final Path COMMITTED = Path.of("../web/openapi.json");
    private final JsonMapper json =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    @Test
    void theCommittedContractIsTheServers() throws IOException {
        JsonNode spoken = json.readTree(nobody().get("/v3/api-docs").text());
        if (Boolean.getBoolean("zafu.contract.write")) {
            Files.writeString(COMMITTED, json.writeValueAsString(spoken) + "\n");
        }
        assertThat(json.readTree(COMMITTED))
                .as("web/openapi.json is stale; write it anew with"
                        + " mvn -pl core,server test -Dtest=ApiContractTest -Dzafu.contract.write=true")
                .isEqualTo(spoken);
    }
}
