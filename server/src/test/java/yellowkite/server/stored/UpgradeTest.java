package yellowkite.server.stored;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.demo.DemoHouse;
import yellowkite.server.KiteServer;
import yellowkite.server.database.LocalMariaDb;

/** Databases as older versions left them come up with this one: they are searched, opened, edited and published from. */
class UpgradeTest {
    private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @TempDir
    private static Path home;
    private static LocalMariaDb database;

    @BeforeAll
    static void up() {
        database = LocalMariaDb.start(home);
    }

    @AfterAll
    static void down() {
        database.close();
    }

    @BeforeEach
    void nothingIsThereYet() throws SQLException {
        load(database, "drop database kite;\ncreate database kite character set utf8mb4 collate utf8mb4_unicode_ci;\nuse kite;\n");
    }

    /** The application upon a database that is there already. */
    private record Kite(ConfigurableApplicationContext context) implements AutoCloseable {
        JsonNode ask(String method, String path, String body) {
            try (var client = HttpClient.newHttpClient()) {
                int port = requireNonNull(((WebServerApplicationContext) context).getWebServer()).getPort();
                var answer = client.send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                    .header("Kite-Author", "Ines")
                    .header("Content-Type", "application/json")
                    .method(method, BodyPublishers.ofString(body))
                    .build(), HttpResponse.BodyHandlers.ofString());
                assertThat(answer.statusCode()).as(method + " " + path + ": " + answer.body()).isLessThan(500);
                return JSON.readTree(answer.body());
            } catch (IOException failed) {
                throw new java.io.UncheckedIOException(failed);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(stopped);
            }
        }

        JsonNode get(String path) {
            return ask("GET", path, "");
        }

        String find(String name) {
            return get("/api/library?search=").path("profiles")
                .values()
                .stream()
                .filter(each -> each.path("name").asString().equals(name))
                .map(each -> each.path("id").asString())
                .findFirst()
                .orElseThrow();
        }

        @Override
        public void close() {
            context.close();
        }
    }

    private static Kite start(LocalMariaDb database) {
        return new Kite(KiteServer.start(database, "--server.port=0"));
    }

    private static Connection open(LocalMariaDb database) throws SQLException {
        return DriverManager.getConnection(database.url(), database.user(), database.password());
    }

    private static void load(LocalMariaDb database, String dump) throws SQLException {
        try (var connection = open(database); var statement = connection.createStatement()) {
            for (var each : dump.split(";\n")) {
                if (!each.isBlank()) {
                    statement.execute(each);
                }
            }
        }
    }

    private static String schema13() throws IOException {
        return Files.readString(Path.of("src/test/resources/stored/schema-13.sql"));
    }

    private static void publishes(Kite kite, JsonNode draft) {
        int version = draft.path("version").asInt();
        var edited = kite.ask("POST", "/api/drafts/" + draft.path("id").asString() + "/edits",
                "{\"version\":" + version + ",\"edit\":{\"type\":\"setNotes\",\"to\":\"After the upgrade\"}}");
        assertThat(edited.path("version").asInt()).as("%s", edited).isEqualTo(version + 1);
        var published = kite.ask("POST", "/api/drafts/" + draft.path("id").asString() + "/publish",
                "{\"version\":" + (version + 1) + ",\"summary\":\"After the upgrade\",\"despite\":\"a test\"}");
        assertThat(published.path("revision").asInt()).as("%s", published).isGreaterThan(1);
    }

    @Test
    void theDatabaseBeforeThereWereVersionsComesUpWhole() throws Exception {
        load(database, schema13());
        try (var kite = start(database)) {
            var spot = kite.find("Old Spot");
            var draft = kite.get("/api/profiles/" + spot + "/draft");

            assertThat(draft.path("halted").isNull()).isTrue();
            assertThat(draft.path("version").asInt()).isEqualTo(6);
            assertThat(draft.path("notes").asString()).isEqualTo("Kept beside it");
            assertThat(draft.path("modes").values().stream().map(each -> each.path("name").asString())).containsExactly("Extended",
                    "Tiny");
            assertThat(draft.at("/map/channels")
                .values()
                .stream()
                .map(each -> each.path("attribute").asString() + " " + each.path("bytes").asInt()))
                .containsExactly("Pan 2", "Dimmer 2", "Gobo1 1", "Zoom 2");
            assertThat(kite.get("/api/profiles/" + spot).at("/notes").asString("")).isIn("Kept beside it", "");
            assertThat(kite.get("/api/stencils").at("/0/name").asString()).isEqualTo("House dimmer");
            assertThat(kite.get("/api/releases").toString()).contains("Autumn 2026");
            publishes(kite, draft);
        }
    }

    @Test
    void whatCannotBeReadKeepsNobodyFromTheRest() throws Exception {
        load(database, schema13());
        load(database,
                "update revision_synopsis set kept = '{\"v\":99,\"is\":{}}';\nupdate draft_step set edit = '{\"type\":\"fromTomorrow\"}' where version = 3 and edit like '%265.5%';\nupdate stencil set functions = '}';\n");
        try (var kite = start(database)) {
            var spot = kite.find("Old Spot"); // what lists know of it is made anew
            assertThat(kite.get("/api/library?search=16+bit+pan")
                .path("profiles")
                .values()
                .stream()
                .map(each -> each.path("name").asString())).contains("Old Spot");

            var draft = kite.get("/api/profiles/" + spot + "/draft");

            assertThat(draft.path("halted").asString()).startsWith("Step 3 of this draft, 'Physical ends of 'Pan': ")
                .contains("by Ines, cannot be read: it is damaged, or of a kind that this version does not know.");
            assertThat(draft.at("/map/channels")
                .values()
                .stream()
                .map(each -> each.path("attribute").asString() + " " + each.path("bytes").asInt())).as("what came before it")
                .containsExactly("Pan 2", "Dimmer 2", "Gobo1 1", "Zoom 2");
            assertThat(kite
                .ask("POST", "/api/drafts/" + draft.path("id").asString() + "/edits",
                        "{\"version\":6,\"edit\":{\"type\":\"setNotes\",\"to\":\"x\"}}")
                .path("detail")
                .asString()).isEqualTo(draft.path("halted").asString());
            assertThat(kite.get("/api/stencils")).isEmpty();
            assertThat(kite.get("/api/profiles/" + spot).path("name").asString()).isEqualTo("Old Spot");
            kite.ask("POST", "/api/drafts/" + draft.path("id").asString() + "/discard", "{\"version\":6}");
            assertThat(kite.get("/api/profiles/" + spot + "/draft").path("halted").isNull()).as("there is a way out").isTrue();
        }
    }

    /** As the first migration made it: a manufacturer, a profile, a revision with its description, and nothing that came later. */
    @Test
    void theDatabaseOfTheFirstMigrationComesUpWhole() throws Exception {
        var first = Files.readString(Path.of("src/main/resources/db/migration/V1__library.sql"));
        load(database, first.replaceAll("--[^\n]*\n", "").replace("\r", ""));
        var description = GdtfDescription.of(DemoHouse.petrelSpot().description().type()).write();
        var sha = java.util.HexFormat.of().formatHex(java.security.MessageDigest.getInstance("SHA-256").digest(description));
        try (var connection = open(database)) {
            insert(connection, "insert into manufacturer values (?, ?)", "m1", "Tidewick");
            insert(connection, "insert into content values (?, ?)", sha, description);
            insert(connection, "insert into profile values (?, ?, ?, ?)", "p1", "m1", "Petrel Spot",
                    "0A0A0A0A-0000-0000-0000-0000000000B3");
            insert(connection, "insert into revision values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)", "r1", "p1", 1, "First", "Bram",
                    "2026-01-01 10:00:00", sha, sha, 0, 0);
            insert(connection, "insert into revision_mode values (?, ?, ?, ?, ?, ?)", "r1", 0, "Extended", 22, 16, "[]");
            insert(connection, "insert into revision_attribute values (?, ?)", "r1", "Pan");
        }
        baselined(database, first);
        try (var kite = start(database)) {
            assertThat(kite.find("Petrel Spot")).isEqualTo("p1");
            assertThat(kite.get("/api/library?search=petrle").path("profiles")).hasSize(1);
            publishes(kite, kite.get("/api/profiles/p1/draft"));
        }
    }

    /** Twenty thousand profiles, each with what a profile has, and rows of which older versions let too much in. */
    @Test
    void aLibraryOfTwentyThousandComesUpWithEveryRow() throws Exception {
        load(database, migration("V1__"));
        baselined(database, Files.readString(MIGRATIONS.resolve("V1__library.sql")));
        for (int step = 2; step <= 17; step++) {
            load(database, migration("V" + step + "__"));
            load(database, "insert into flyway_schema_history values (" + step + ", '" + step
                    + "', 'step', 'SQL', 'step', 0, 'kite', now(), 1, true);\n");
        }
        var description = GdtfDescription.of(DemoHouse.petrelSpot().description().type()).write();
        try (var connection = open(database)) {
            insert(connection, "insert into content (sha256, bytes) values (?, ?)", "a".repeat(64), description);
            insert(connection, "insert into manufacturer (id, name) values (?, ?)", "m1", "Tidewick");
        }
        load(database, LARGE);
        var before = counts(database);
        try (var kite = start(database)) {
            assertThat(kite.get("/api/library?search=&limit=1").path("total").asInt()).isEqualTo(20_000);
            assertThat(kite.get("/api/profiles/p00007").path("name").asString()).isEqualTo("Petrel Spot");
            assertThat(counts(database)).isEqualTo(before);
            try (var connection = open(database); var statement = connection.createStatement()) {
                var plain = statement.executeQuery(
                        """
                                select count(*) from information_schema.columns where table_schema = 'kite'
                                  and (column_name like '%sha256' or column_name = 'id' or column_name like '%\\_id' or column_name = 'change_id')
                                  and data_type in ('char', 'varchar') and column_name <> 'fixture_type_id' and collation_name <> 'ascii_bin'""");
                assertThat(plain.next()).isTrue();
                assertThat(plain.getInt(1)).as("ids and hashes that are not plain").isZero();
                var gone = statement.executeQuery("select profile_id from intake_file where position = 1");
                assertThat(gone.next()).isTrue();
                assertThat(gone.getString(1)).as("of a profile that is gone").isNull();
            }
        }
    }

    /** Statements end at a line's end. */
    private static final String LARGE = """
            create table numbers (n int primary key);
            insert into numbers with recursive up as (select 1 as n union all select n + 1 from up where n < 999) select n from up;
            insert into numbers select a.n * 1000 + b.n from numbers a join (select n from numbers union select 0) b where a.n < 20;
            insert into numbers values (20000);
            insert into profile (id, manufacturer_id, name, fixture_type_id, shelf) select concat('p', lpad(n, 5, '0')), 'm1', concat('Spot ', n), if(n % 50 = 0, null, concat('0A0A0A0A-0000-0000-0000-', lpad(n, 12, '0'))), 'HOUSE' from numbers;
            insert into profile_change select id, 1 from profile;
            insert into revision (id, profile_id, number, summary, author, created_at, description_sha256, file_sha256, errors, warnings) select concat('r', lpad(n, 5, '0')), concat('p', lpad(n, 5, '0')), 1, 'First', 'Bram', '2026-01-01 10:00:00', repeat('a', 64), repeat('a', 64), 0, 0 from numbers;
            insert into revision_entry select concat('r', lpad(n, 5, '0')), 0, 'thumbnail.png', repeat('a', 64) from numbers;
            insert into revision_mode (revision_id, position, name, footprint, channels, tail) select concat('r', lpad(n, 5, '0')), 0, 'Extended', 22, 16, '[]' from numbers;
            insert into revision_synopsis select id, '{"shortName":"","longName":"","description":"","picture":".png","category":"NONE","modes":[],"attributes":[],"kinds":[],"watts":[],"placeholder":false}' from revision;
            insert into profile_facts select id, 1, 'tag', 'other' from profile where id < 'p00100';
            insert into draft (id, profile_id, open_profile_id, base_revision_id, version, opened_by, opened_at) select concat('d', lpad(n, 5, '0')), concat('p', lpad(n, 5, '0')), concat('p', lpad(n, 5, '0')), concat('r', lpad(n, 5, '0')), 0, 'Ines', now() from numbers where n % 10 = 0;
            insert into intake_run values ('run1', 'Ines', now(), true);
            insert into intake_file values ('run1', 0, 'a.gdtf', 1, 'NEW', '', 'p00001'), ('run1', 1, 'b.gdtf', 1, 'NEW', '', 'gone');
            insert into library_release values ('rel1', 'OURS', 'House', 'Spring', '2026-01-01', '', 'Ines', now(), '[]', repeat('e', 64));
            insert into release_profile select 'rel1', n, concat('p', lpad(n, 5, '0')), concat('r', lpad(n, 5, '0')), 'NEW', null, '' from numbers where n <= 1500;
            drop table numbers;
            """;

    private static String counts(LocalMariaDb database) throws SQLException {
        var counts = new StringBuilder();
        try (var connection = open(database); var statement = connection.createStatement()) {
            for (var table : new String[]{"profile", "revision", "revision_entry", "revision_mode", "revision_synopsis", "profile_facts",
                    "draft", "intake_run", "intake_file", "library_release", "release_profile", "content", "manufacturer"}) {
                var rows = statement.executeQuery("select count(*) from " + table);
                rows.next();
                counts.append(table).append(' ').append(rows.getInt(1)).append('\n');
            }
        }
        return counts.toString();
    }

    /** As a crash leaves it that comes after the statements of a step and before it is noted. */
    @ParameterizedTest
    @ValueSource(ints = {2, 11, 16, 17, 18, 19, 20, 21, 22, 23})
    void anUpgradeThatWasCutOffGoesOn(int cutOff) throws Exception {
        var first = migration("V1__");
        load(database, first);
        try (var connection = open(database)) {
            insert(connection, "insert into manufacturer values (?, ?)", "m1", "Tidewick");
            insert(connection, "insert into profile values (?, ?, ?, ?)", "p1", "m1", "Petrel Spot",
                    "0a0a0a0a-0000-0000-0000-0000000000b3");
        }
        baselined(database, Files.readString(MIGRATIONS.resolve("V1__library.sql")));
        for (int step = 2; step <= cutOff; step++) {
            load(database, migration("V" + step + "__"));
            if (step < cutOff) {
                load(database, "insert into flyway_schema_history values (" + step + ", '" + step
                        + "', 'step', 'SQL', 'step', 0, 'kite', now(), 1, true);\n");
            }
        }
        try (var kite = start(database); var connection = open(database); var statement = connection.createStatement()) {
            assertThat(kite.get("/api/library?search=petrel").path("total").isNumber()).isTrue();
            var rows = statement.executeQuery("select fixture_type_id, (select count(*) from flyway_schema_history) from profile");
            assertThat(rows.next()).isTrue();
            assertThat(rows.getString(1)).isEqualTo("0A0A0A0A-0000-0000-0000-0000000000B3");
            assertThat(rows.getInt(2)).isEqualTo(migrations());
        }
    }

    private static int migrations() throws IOException {
        try (var files = Files.list(MIGRATIONS)) {
            return (int) files.count();
        }
    }

    private static String migration(String begins) throws IOException {
        try (var files = Files.list(MIGRATIONS)) {
            var file = files.filter(each -> each.getFileName().toString().startsWith(begins)).findFirst().orElseThrow();
            return Files.readString(file).replaceAll("--[^\n]*\n", "").replace("\r", "");
        }
    }

    private static void insert(Connection connection, String statement, Object... values) throws SQLException {
        try (var prepared = connection.prepareStatement(statement)) {
            for (int i = 0; i < values.length; i++) {
                prepared.setObject(i + 1, values[i]);
            }
            prepared.executeUpdate();
        }
    }

    /** What Flyway notes of a migration that it has carried out. */
    private static void baselined(LocalMariaDb database, String script) throws SQLException {
        var crc = new java.util.zip.CRC32();
        Arrays.stream(script.split("\r?\n")).forEach(line -> crc.update(line.getBytes(StandardCharsets.UTF_8)));
        load(database,
                """
                        create table flyway_schema_history (installed_rank int not null primary key, version varchar(50), description varchar(200) not null, type varchar(20) not null, script varchar(1000) not null,
                          checksum int, installed_by varchar(100) not null, installed_on timestamp not null default current_timestamp, execution_time int not null, success bool not null);
                        insert into flyway_schema_history values (1, '1', 'library', 'SQL', 'V1__library.sql', %d, 'kite', now(), 1, true);
                        """
                    .formatted((int) crc.getValue()));
    }
}
