package yellowkite.server.content;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.part;
import static yellowkite.server.RunningKite.post;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import yellowkite.core.archive.Sha256;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;

class LeftoversTest {
    private static byte[] fresh() {
        return UUID.randomUUID().toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String put(byte[] bytes) {
        return part(Transactions.class).run(() -> part(ContentStore.class).put(bytes));
    }

    private static boolean isThere(String sha256) {
        return part(ContentStore.class).find(sha256).isPresent();
    }

    private static LocalDateTime inHours(int hours) {
        return part(HouseClock.class).now().plusHours(hours);
    }

    @Test
    void whatNothingRefersToGoesAfterADay() {
        var sha = put(fresh());

        part(Leftovers.class).remove(inHours(23));
        assertThat(isThere(sha)).as("somebody may be about to use it").isTrue();
        part(Leftovers.class).remove(inHours(25));
        assertThat(isThere(sha)).isFalse();
    }

    @Test
    void whatSomebodyPutsAgainWaitsAnew() {
        var bytes = fresh();
        var sha = Sha256.of(bytes);
        part(Transactions.class).run(() -> {
            part(ContentRepository.class).put(sha, bytes, inHours(-30));
            return sha;
        });

        put(bytes);

        part(Leftovers.class).remove(inHours(1));
        assertThat(isThere(sha)).isTrue();
    }

    @Test
    void whatAnyRowRefersToStays() {
        var fixture = RunningKite.fresh(DemoHouse.petrelSpot());
        var profile = RunningKite.takeIn(fixture);
        var picture = Sha256.of(fixture.others().values().iterator().next());

        part(Leftovers.class).remove(inHours(1_000));

        assertThat(isThere(picture)).isTrue();
        assertThat(get("/api/profiles/" + profile + "/revisions/1/file").status()).isEqualTo(200);
        assertThat(get("/api/gobos").json().findValuesAsString("picture")).allSatisfy(
                address -> assertThat(get(address).status()).isEqualTo(200));
    }

    /** One that nobody else has. */
    private static byte[] picture() {
        var image = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
        var random = new Random();
        for (int i = 0; i < 64 * 64; i++) {
            image.setRGB(i % 64, i / 64, random.nextInt(0x1000000));
        }
        var png = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", png);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return png.toByteArray();
    }

    @Test
    void thePictureOfADraftThatWasDiscardedGoes() {
        var profile = RunningKite.takeIn(RunningKite.fresh(DemoHouse.petrelSpot()));
        var draft = "/api/drafts/" + get("/api/profiles/" + profile + "/draft").json().path("id").asString();
        var sent = RunningKite.uploadOne(draft + "/picture?version=0", "own.png", picture());
        assertThat(sent.status()).isEqualTo(200);
        var sha = sent.json().path("picture").asString().replaceAll(".*/", "");
        part(Leftovers.class).remove(inHours(1_000));
        assertThat(isThere(sha)).as("a draft holds it").isTrue();

        post(draft + "/discard", "{\"version\":1}");
        part(Leftovers.class).remove(inHours(1_000));

        assertThat(isThere(sha)).isFalse();
    }

    /** The one who puts it again has not committed yet. */
    @Test
    void whatAnOpenTransactionIsAboutToUseStays() throws Exception {
        var bytes = fresh();
        var sha = Sha256.of(bytes);
        part(Transactions.class).run(() -> {
            part(ContentRepository.class).put(sha, bytes, inHours(-100));
            return sha;
        });
        var isPut = new CountDownLatch(1);
        var isLooked = new CountDownLatch(1);
        try (var other = Executors.newSingleThreadExecutor()) {
            var using = other.submit(() -> part(Transactions.class).run(() -> {
                part(ContentStore.class).put(bytes);
                isPut.countDown();
                return wait(isLooked);
            }));
            assertThat(wait(isPut)).isTrue();

            part(Leftovers.class).remove(inHours(0)); // its last date is long ago as far as anybody else can see
            isLooked.countDown();

            assertThat(using.get()).isTrue();
        }
        assertThat(isThere(sha)).isTrue();
    }

    private static boolean wait(CountDownLatch latch) {
        try {
            return latch.await(20, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
