package yellowkite.server;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.beans.BeansException;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import yellowkite.server.database.CannotStart;
import yellowkite.server.database.LocalMariaDb;
import yellowkite.server.database.LongStep;
import yellowkite.server.intake.DemoLoader;
import yellowkite.server.intake.Filling;
import yellowkite.server.library.LibraryShelves;

/** The whole program: its own MariaDB, the server, the page. */
@SpringBootApplication(proxyBeanMethods = false)
public class KiteServer {
    /** The first start needs about 400 MB for the database's own files. */
    private static final long ROOM_NEEDED = 700L << 20;

    /**
     * Options: {@code --home=DIR} (data), {@code --port=N}, {@code --demo=yes|no}, {@code --fresh=yes} (starts over), {@code --fill=N}
     * (fills the library with made-up fixtures and ends).
     */
    public static void main(String[] arguments) {
        try {
            var home = Path.of(option(arguments, "home", ".kite")).toAbsolutePath();
            int port = Integer.parseInt(option(arguments, "port", "8734"));
            int fill = Integer.parseInt(option(arguments, "fill", "0"));
            if (fill == 0) {
                requireFree(port);
            }
            requireRoom(home);
            var database = option(arguments, "fresh", "no").equals("yes") ? LocalMariaDb.startOver(home) : LocalMariaDb.start(home);
            Runtime.getRuntime().addShutdownHook(new Thread(database::close, "database-end"));
            var context = start(database, "--server.port=" + (fill > 0 ? 0 : port), "--logging.file.name=" + home.resolve("kite.log"));
            if (option(arguments, "demo", "yes").equals("yes")) {
                LongStep.saying("The demo house is loaded", context.getBean(DemoLoader.class)::loadIntoEmptyLibrary);
            }
            if (fill > 0) {
                fill(context, fill);
                return;
            }
            var address = "http://127.0.0.1:" + port;
            requireAnswer(address);
            System.out.println("Yellow Kite is ready: " + address);
            readLibrary(context);
        } catch (CannotStart reason) {
            System.err.println(reason.getMessage());
            System.exit(1);
        }
    }

    private static void fill(ConfigurableApplicationContext context, int count) {
        try {
            context.getBean(Filling.class).fill(count, System.out::println);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (IllegalStateException early) {
            System.err.println("Filling ended early: " + early.getMessage() + ". Call it again to go on.");
            System.exit(1);
        }
        System.exit(0); // its hooks end the server and then the database
    }

    private static void readLibrary(ConfigurableApplicationContext context) {
        try {
            context.getBean(LibraryShelves.class).warmUp();
        } catch (DataAccessException | IllegalStateException cannot) {
            return; // it serves all the same, or is being ended
        }
    }

    /** {@return the running application upon a database; to be closed by the caller} */
    public static ConfigurableApplicationContext start(LocalMariaDb database, String... more) {
        List<String> options = new ArrayList<>(List.of(
                "--kite.home=" + database.home(),
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=" + database.user(),
                "--spring.datasource.password=" + database.password()));
        options.addAll(Arrays.asList(more));
        var application = new SpringApplication(KiteServer.class);
        // The database outlives the application at the end, so that what is in flight can be finished.
        application.setRegisterShutdownHook(true);
        try {
            return application.run(options.toArray(String[]::new));
        } catch (BeansException failed) {
            if (NestedExceptionUtils.getRootCause(failed) instanceof CannotStart reason) {
                throw reason;
            }
            throw failed;
        }
    }

    private static String option(String[] arguments, String name, String otherwise) {
        var prefix = "--" + name + "=";
        return Arrays.stream(arguments)
            .filter(each -> each.startsWith(prefix))
            .map(each -> each.substring(prefix.length()))
            .findFirst()
            .orElse(otherwise);
    }

    private static void requireFree(int port) {
        try (var socket = new ServerSocket()) {
            socket.setReuseAddress(true);
            socket.bind(new InetSocketAddress("127.0.0.1", port));
        } catch (IOException taken) {
            throw new CannotStart("Port " + port + " is taken by another program (perhaps another Yellow Kite)."
                    + " Choose another one: ./kite start --port " + (port + 1));
        }
    }

    private static void requireRoom(Path home) {
        try {
            Files.createDirectories(home);
            long room = Files.getFileStore(home).getUsableSpace();
            if (room < ROOM_NEEDED) {
                throw new CannotStart("There are only " + (room >> 20) + " MB free on the disk that holds " + home
                        + "; Yellow Kite needs " + (ROOM_NEEDED >> 20) + " MB. Make room and start again.");
            }
        } catch (IOException cannot) {
            throw new CannotStart("The folder " + home + " cannot be made or written: " + cannot.getMessage());
        }
    }

    private static void requireAnswer(String address) {
        try (var client = HttpClient.newHttpClient()) {
            var answer = client.send(HttpRequest.newBuilder(URI.create(address + "/")).build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200 || !answer.body().contains("<div id=\"root\">")) {
                throw new CannotStart("The server runs, but its page does not answer (status " + answer.statusCode()
                        + "). Build it again: ./kite start builds whatever changed.");
            }
        } catch (IOException unreachable) {
            throw new CannotStart("The server runs, but its page cannot be reached: " + unreachable.getMessage());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
