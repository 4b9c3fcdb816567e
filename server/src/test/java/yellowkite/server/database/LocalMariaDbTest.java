package yellowkite.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LocalMariaDbTest {

    /** A program that starts a database and waits to be killed. */
    static final class Crasher {
        public static void main(String[] arguments) throws Exception {
            var database = LocalMariaDb.start(Path.of(arguments[0]));
            try (var connection = DriverManager.getConnection(database.url(), database.user(), database.password());
                    var statement = connection.createStatement()) {
                statement.execute("create table kept (n int primary key)");
                statement.execute("insert into kept values (7)");
            }
            System.out.println(database.pid());
            Thread.sleep(60_000);
        }
    }

    @Test
    void endsADatabaseThatACrashLeftBehindAndKeepsItsData(@TempDir Path home) throws Exception {
        var crasher = new ProcessBuilder(ProcessHandle.current().info().command().orElseThrow(), "-cp",
                System.getProperty("java.class.path"),
                Crasher.class.getName(), home.toString())
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
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
            assertThatThrownBy(() -> DriverManager.getConnection(database.url(), database.user(), "guessed"))
                .hasMessageContaining("Access denied");
        }
    }

    @Test
    void lockedOutIsWhoeverIsNotOurs(@TempDir Path home) throws Exception {
        try (var database = LocalMariaDb.start(home)) {
            for (var user : List.of("root", "", "mysql", "kite", "mariadb.sys")) {
                assertThatThrownBy(() -> DriverManager.getConnection(database.url().replace("/kite", "/mysql"), user, "")).as(user)
                    .hasMessageContaining("Access denied");
            }
            try (var connection = DriverManager.getConnection(database.url(), database.user(), database.password());
                    var statement = connection.createStatement()) {
                assertThatThrownBy(() -> statement.execute("select 'x' into outfile '" + home.resolve("written") + "'"))
                    .isInstanceOf(SQLException.class);
                assertThatThrownBy(() -> statement.executeQuery("select load_file('/etc/hostname') from mysql.user"))
                    .isInstanceOf(SQLException.class);
            }
        }

        assertThat(home.resolve("written")).doesNotExist();
        assertThat(readableByOthers(home)).isEmpty();
    }

    @Test
    void anOpenHouseIsClosedAtTheNextStart(@TempDir Path home) throws Exception {
        try (var database = LocalMariaDb.start(home)) {
            asRoot(home, database, "create user 'root'@'127.0.0.1' identified by ''", "grant all on *.* to 'root'@'127.0.0.1'",
                    "create user ''@'127.0.0.1'", "grant file on *.* to 'kite'@'127.0.0.1'");
            DriverManager.getConnection(database.url(), "root", "").close();
        }
        Files.setPosixFilePermissions(home, PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.setPosixFilePermissions(home.resolve("secret"), PosixFilePermissions.fromString("rw-r--r--"));

        try (var database = LocalMariaDb.start(home)) {
            assertThatThrownBy(() -> DriverManager.getConnection(database.url(), "root", "")).hasMessageContaining("Access denied");
            assertThatThrownBy(() -> DriverManager.getConnection(database.url(), "anybody", "")).hasMessageContaining("Access denied");
            try (var connection = DriverManager.getConnection(database.url(), database.user(), database.password());
                    var grants = connection.createStatement().executeQuery("show grants")) {
                while (grants.next()) {
                    assertThat(grants.getString(1)).doesNotContain("FILE");
                }
            }
        }
        assertThat(readableByOthers(home)).isEmpty();
    }

    /** The socket is for whoever knows the secret. */
    private static void asRoot(Path home, LocalMariaDb database, String... statements) throws Exception {
        var client = new ProcessBuilder("mariadb", "--no-defaults", "-uroot", "--socket=" + database.socket()).redirectErrorStream(true);
        client.environment().put("MYSQL_PWD", Files.readString(home.resolve("secret")).trim());
        var run = client.start();
        try (var input = run.outputWriter(StandardCharsets.UTF_8)) {
            input.write(String.join(";\n", statements) + ";\n");
        }
        assertThat(new String(run.getInputStream().readAllBytes(), StandardCharsets.UTF_8)).isEmpty();
        assertThat(run.waitFor()).isZero();
    }

    /** What somebody else could open: the folder keeps them out, and so do the files that hold the secret. */
    private static List<Path> readableByOthers(Path home) throws Exception {
        var open = new ArrayList<Path>();
        for (var file : List.of(home, home.resolve("secret"), home.resolve("first.sql"))) {
            if (Files.getPosixFilePermissions(file).stream().anyMatch(each -> !each.name().startsWith("OWNER_"))) {
                open.add(file);
            }
        }
        return open;
    }

    @Test
    void aPidFileAndASecretThatACrashLeftEmptyAreNoObstacle(@TempDir Path home) throws Exception {
        LocalMariaDb.start(home).close();
        Files.writeString(home.resolve("mariadb.pid"), "");
        Files.writeString(home.resolve("secret"), "");

        try (var database = LocalMariaDb.start(home)) {
            assertThat(database.password()).hasSizeGreaterThan(40);
            DriverManager.getConnection(database.url(), database.user(), database.password()).close();
        }
    }
}
