package yellowkite.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.DriverManager;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LocalMariaDbTest {

    /** A program that starts a database and waits to be killed. */
    static final class Crasher {
        public static void main(String[] arguments) throws Exception {
            var database = LocalMariaDb.start(Path.of(arguments[0]));
            try (var connection = DriverManager.getConnection(database.url(), database.user(), database.password()); var statement = connection.createStatement()) {
                statement.execute("create table kept (n int primary key)");
                statement.execute("insert into kept values (7)");
            }
            System.out.println(database.pid());
            Thread.sleep(60_000);
        }
    }

    @Test
    void endsADatabaseThatACrashLeftBehindAndKeepsItsData(@TempDir Path home) throws Exception {
        var crasher = new ProcessBuilder(ProcessHandle.current().info().command().orElseThrow(), "-cp", System.getProperty("java.class.path"),
                Crasher.class.getName(), home.toString()).redirectError(ProcessBuilder.Redirect.INHERIT).start();
        long left;
        try (var lines = new BufferedReader(new InputStreamReader(crasher.getInputStream(), StandardCharsets.UTF_8))) {
            left = Long.parseLong(lines.readLine());
            crasher.destroyForcibly().waitFor();
        }
        assertThat(ProcessHandle.of(left)).as("the database outlives the crash").isPresent();

        try (var database = LocalMariaDb.start(home);
                var connection = DriverManager.getConnection(database.url(), database.user(), database.password());
                var found = connection.createStatement().executeQuery("select n from kept")) {
            assertThat(found.next()).isTrue();
            assertThat(found.getInt(1)).isEqualTo(7);
            assertThat(database.pid()).isNotEqualTo(left);
            assertThatThrownBy(() -> LocalMariaDb.start(home)).isInstanceOf(CannotStart.class).hasMessageContaining("already running");
            assertThatThrownBy(() -> DriverManager.getConnection(database.url(), database.user(), "guessed")).hasMessageContaining("Access denied");
        }
    }
}
