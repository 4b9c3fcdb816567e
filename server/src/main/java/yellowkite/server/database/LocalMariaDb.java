package yellowkite.server.database;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A MariaDB of our own: its data in one folder that only its owner reads, its port on loopback, its one user's password made here. Nobody
 * else comes in over TCP, and no statement reads or writes files. It never touches the machine's own server. When it ends by itself it is
 * started again; when this object is closed it ends in good order.
 */
public final class LocalMariaDb implements AutoCloseable {
    /** After a hard end it looks through its files first, which may take minutes. */
    private static final int START_SECONDS = 600;
    /** Of a socket's path, in Linux. */
    private static final int LONGEST_SOCKET = 107;
    /** Long enough that a machine out of memory is not made worse, short enough that nobody gives up. */
    private static final long REVIVE_AFTER_MILLIS = 3_000;
    private static final String USER = "kite";
    private static final Set<PosixFilePermission> OURS_ALONE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> OUR_FOLDER = PosixFilePermissions.fromString("rwx------");

    private final Path home;
    private final Path data;
    private final Path socket;
    private final String password;
    private final FileChannel lockFile;
    private final FileLock lock;
    private final int port;
    private volatile @Nullable Process process;
    private volatile boolean closing;

    private LocalMariaDb(Path home, FileChannel lockFile, FileLock lock) throws IOException {
        this.home = home;
        this.data = home.resolve("database");
        this.lockFile = lockFile;
        this.lock = lock;
        this.password = secret(home.resolve("secret"));
        this.port = freePort();
        var ours = home.resolve("mariadb.sock"); // nobody else gets there
        this.socket = ours.toString().length() <= LONGEST_SOCKET ? ours
                : Path.of(System.getProperty("java.io.tmpdir"), "kite-" + port + "-" + ProcessHandle.current().pid() + ".sock");
    }

    /**
     * Starts the database whose files are in {@code home}, making them first if there are none.
     *
     * @throws CannotStart if it is in use, MariaDB is not installed, or it does not come up
     */
    public static LocalMariaDb start(Path home) {
        return start(home, false);
    }

    private static LocalMariaDb start(Path home, boolean over) {
        try {
            Files.createDirectories(home);
            Files.setPosixFilePermissions(home, OUR_FOLDER); // also where an older version left it open
            var lockFile = FileChannel.open(home.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            var lock = tryLock(lockFile, home);
            var database = new LocalMariaDb(home, lockFile, lock);
            LongStep.saying("A database that was left behind is ended first", database::endLeftBehind);
            if (over) {
                deleteTree(database.data);
            }
            LongStep.saying("The database is made; this is done once", database::createIfNew);
            database.launch();
            LongStep.saying("The database comes up; after a hard end it looks through its files first", database::awaitAnswer);
            Thread.ofPlatform().daemon().name("database-watch").start(database::watch);
            return database;
        } catch (IOException cannot) {
            throw new CannotStart("The database in " + home + " cannot be used: " + cannot.getMessage());
        }
    }

    /** Like {@link #start}, with all data removed first. */
    public static LocalMariaDb startOver(Path home) {
        return start(home, true);
    }

    private static FileLock tryLock(FileChannel lockFile, Path home) throws IOException {
        FileLock lock;
        try {
            lock = lockFile.tryLock();
        } catch (OverlappingFileLockException here) {
            lock = null;
        }
        if (lock == null) {
            lockFile.close();
            throw new CannotStart("Yellow Kite is already running with the data in " + home + ". End it first, or use its page.");
        }
        return lock;
    }

    /** {@return the folder of all that is kept} */
    public Path home() {
        return home;
    }

    public String url() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/kite?connectTimeout=2000&socketTimeout=60000&tcpKeepAlive=true";
    }

    public String user() {
        return USER;
    }

    public String password() {
        return password;
    }

    Path socket() {
        return socket;
    }

    /** {@return the process id of the running server} */
    public long pid() {
        var running = process;
        if (running == null) {
            throw new IllegalStateException("the database is not running");
        }
        return running.pid();
    }

    /** A server that outlived a crash still holds the files; it is ours by its data folder, so it may be ended. */
    private void endLeftBehind() throws IOException {
        var pidFile = home.resolve("mariadb.pid");
        if (!Files.exists(pidFile)) {
            return;
        }
        var written = pidIn(pidFile);
        long pid = written.orElse(0);
        var left = written.isEmpty() ? ProcessHandle.allProcesses().filter(this::servesOurData).findFirst()
                : ProcessHandle.of(pid).filter(ProcessHandle::isAlive).filter(this::servesOurData);
        if (left.isPresent()) {
            System.err.println("A database was left running by an earlier crash (process " + left.get().pid() + "); ending it first.");
            left.get().destroy();
            try {
                left.get().onExit().get(30, TimeUnit.SECONDS);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            } catch (java.util.concurrent.ExecutionException | java.util.concurrent.TimeoutException stays) {
                throw new CannotStart("A database left behind by a crash (process " + left.get().pid()
                        + ") does not end. End it by hand: kill -9 " + left.get().pid());
            }
        }
        Files.deleteIfExists(pidFile);
    }

    /** {@return what the file says; empty if a crash left it half written} */
    private static OptionalLong pidIn(Path file) throws IOException {
        var text = Files.readString(file).trim();
        return text.matches("\\d{1,18}") ? OptionalLong.of(Long.parseLong(text)) : OptionalLong.empty();
    }

    private boolean servesOurData(ProcessHandle handle) {
        try {
            return Files.readString(Path.of("/proc", Long.toString(handle.pid()), "cmdline")).contains("--datadir=" + data);
        } catch (IOException gone) {
            return false;
        }
    }

    private void createIfNew() throws IOException {
        if (Files.isDirectory(data)) {
            return;
        }
        // Made beside its place and moved there whole, so that an interrupted first start leaves nothing half made.
        var making = home.resolve("database.new");
        deleteTree(making);
        run(List.of(program("mariadb-install-db"), "--no-defaults", "--datadir=" + making, "--skip-test-db",
                "--auth-root-authentication-method=normal", "--user=" + System.getProperty("user.name")));
        Files.move(making, data);
    }

    private void run(List<String> command) throws IOException {
        var log = home.resolve("install.log");
        var run = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile()).start();
        try {
            if (run.waitFor() != 0) {
                throw new CannotStart("The database could not be made in " + home + ". The reason stands at the end of " + log + ".");
            }
        } catch (InterruptedException stopped) {
            run.destroy();
            Thread.currentThread().interrupt();
            throw new CannotStart("Making the database was stopped. Start again.");
        }
    }

    /**
     * Each start closes what an earlier version or a person left open: accounts besides ours, and root without a password. The file of
     * statements is carried out before the server listens.
     */
    private void launch() throws IOException {
        var first = home.resolve("first.sql");
        write(first,
                """
                        CREATE DATABASE IF NOT EXISTS kite CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
                        DELETE FROM mysql.global_priv WHERE NOT (User = 'mariadb.sys' OR User = 'root' AND Host = 'localhost' OR User = '%1$s' AND Host = '127.0.0.1');
                        FLUSH PRIVILEGES;
                        CREATE USER IF NOT EXISTS '%1$s'@'127.0.0.1';
                        ALTER USER '%1$s'@'127.0.0.1' IDENTIFIED BY '%2$s';
                        REVOKE ALL PRIVILEGES, GRANT OPTION FROM '%1$s'@'127.0.0.1';
                        GRANT ALL ON kite.* TO '%1$s'@'127.0.0.1';
                        ALTER USER 'root'@'localhost' IDENTIFIED BY '%2$s';
                        """
                    .formatted(USER, password));
        var nothing = Files.createDirectories(home.resolve("no-files"));
        Files.setPosixFilePermissions(nothing, OUR_FOLDER);
        process = new ProcessBuilder(program("mariadbd"), "--no-defaults", "--datadir=" + data, "--socket=" + socket,
                "--port=" + port, "--bind-address=127.0.0.1", "--skip-name-resolve", "--user=" + System.getProperty("user.name"),
                "--secure-file-priv=" + nothing, "--local-infile=0",
                "--pid-file=" + home.resolve("mariadb.pid"), "--init-file=" + first, "--max-allowed-packet=256M",
                "--innodb-log-file-size=256M", "--innodb-buffer-pool-size=256M", "--character-set-server=utf8mb4",
                "--log-error=" + home.resolve("mariadb.log"))
            .redirectErrorStream(true)
            .redirectOutput(home.resolve("mariadb.out").toFile())
            .start();
    }

    private void awaitAnswer() {
        for (long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(START_SECONDS); System.nanoTime() < end;) {
            var running = process;
            if (running == null || !running.isAlive()) {
                throw new CannotStart("The database did not come up. The reason stands at the end of " + home.resolve("mariadb.log")
                        + ". To start over with new demo data: ./kite start --fresh");
            }
            try (var connection = DriverManager.getConnection(url(), USER, password)) {
                connection.isValid(1);
                return;
            } catch (SQLException notYet) {
                pause(50);
            }
        }
        close();
        throw new CannotStart("The database did not answer within " + START_SECONDS + " seconds. See " + home.resolve("mariadb.log") + ".");
    }

    private void watch() {
        while (!closing) {
            var running = process;
            try {
                if (running != null) {
                    running.waitFor();
                }
                if (!closing) {
                    System.err.println("The database ended by itself; starting it again.");
                    pause(REVIVE_AFTER_MILLIS);
                }
                synchronized (this) {
                    if (!closing) {
                        launch();
                    }
                }
            } catch (IOException cannot) {
                System.err.println("The database could not be started again: " + cannot.getMessage());
                pause(REVIVE_AFTER_MILLIS);
            } catch (InterruptedException stopped) {
                return;
            }
        }
    }

    @Override
    public synchronized void close() {
        closing = true;
        var running = process;
        if (running != null) {
            running.destroy();
            try {
                if (!running.waitFor(30, TimeUnit.SECONDS)) {
                    running.destroyForcibly();
                }
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        }
        try {
            lock.release();
            lockFile.close();
        } catch (IOException alreadyReleased) {
            // closed before
        }
    }

    private static String program(String name) {
        return Stream.of("/usr/sbin/", "/usr/bin/", "/usr/local/sbin/", "/usr/local/bin/")
            .map(folder -> folder + name)
            .filter(path -> Files.isExecutable(Path.of(path)))
            .findFirst()
            .orElseThrow(() -> new CannotStart(
                    "MariaDB is not installed (" + name + " is missing). Install it: apt-get install mariadb-server"));
    }

    /** The secret is made where there is none, and where a crash left an empty file. */
    private static String secret(Path file) throws IOException {
        var kept = Files.exists(file) ? Files.readString(file).trim() : "";
        if (!kept.isEmpty()) {
            Files.setPosixFilePermissions(file, OURS_ALONE);
            return kept;
        }
        var bytes = new byte[24];
        new SecureRandom().nextBytes(bytes);
        write(file, HexFormat.of().formatHex(bytes));
        return secret(file);
    }

    /** Writes a file that nobody else can read at any moment, whole or not at all. */
    private static void write(Path file, String text) throws IOException {
        var beside = file.resolveSibling(file.getFileName() + ".new");
        Files.deleteIfExists(beside);
        Files.createFile(beside, PosixFilePermissions.asFileAttribute(OURS_ALONE));
        try (var channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
            channel.write(java.nio.ByteBuffer.wrap(text.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
            channel.force(true);
        }
        Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }

    private static void deleteTree(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (var files = Files.walk(folder)) {
            for (var file : files.sorted(java.util.Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }

    private static void pause(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
