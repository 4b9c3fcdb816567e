package yellowkite.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.server.RunningKite;

class ApiDescriptionTest {
    private static final JsonMapper JSON = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final Path KEPT = Path.of("../web/openapi.json");

    @Test
    void theKeptDescriptionIsWhatTheServerSays() throws Exception {
        var said = RunningKite.get("/api/openapi").json();
        if (Boolean.getBoolean("kite.api.write")) {
            Files.writeString(KEPT, JSON.writeValueAsString(said) + "\n");
        }

        assertThat(JSON.readTree(Files.readString(KEPT))).as("after a change of the API: ./kite api").isEqualTo(said);
    }
}
