package yellowkite.browser;

import java.nio.file.Path;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import yellowkite.server.KiteServer;
import yellowkite.server.database.LocalMariaDb;
import yellowkite.server.intake.DemoLoader;

/** The real application with the demo house, started once for all browser tests. */
final class RunningKite {
    private static final LocalMariaDb DATABASE = LocalMariaDb.startOver(ownFolder("test-home"));
    private static final ConfigurableApplicationContext APPLICATION = KiteServer.start(DATABASE, "--server.port=0");

    static {
        APPLICATION.getBean(DemoLoader.class).loadIntoEmptyLibrary();
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            APPLICATION.close();
            DATABASE.close();
        }));
    }

    private RunningKite() {}

    /** Journeys run in several processes, each with houses of its own. */
    private static Path ownFolder(String name) {
        return Path.of("target", name + System.getProperty("test.process", "")).toAbsolutePath();
    }

    static String address() {
        return address(APPLICATION);
    }

    private static String address(ConfigurableApplicationContext application) {
        return "http://127.0.0.1:" + ((WebServerApplicationContext) application).getWebServer().getPort() + "/";
    }

    /** Another house, with a library and a database of its own that hold nothing. */
    static final class SecondHouse implements AutoCloseable {
        private final LocalMariaDb database = LocalMariaDb.startOver(ownFolder("second-house"));
        private final ConfigurableApplicationContext application = KiteServer.start(database, "--server.port=0");

        String address() {
            return RunningKite.address(application);
        }

        @Override
        public void close() {
            application.close();
            database.close();
        }
    }

    static LocalMariaDb database() {
        return DATABASE;
    }
}
