package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Profiles are begun, published, and described by the command line. */
abstract class WritesProfiles extends WithBrowser {
    static final By DIALOG = By.cssSelector("[role=dialog]");

    /** Keys only: from the search, which has the focus, back to the button. */
    final void begin(String model) {
        browser.see(By.cssSelector("article[aria-posinset]"));
        browser.key(Keys.SHIFT, Keys.TAB);
        browser.key(Keys.SHIFT, Keys.TAB);
        browser.key(Keys.ENTER);
        browser.seeFocusIn(DIALOG);
        browser.typeOn("Tidewick");
        browser.key(Keys.TAB);
        browser.typeOn(model);
        browser.key(Keys.ENTER);
        browser.see(By.xpath("//h1[normalize-space()='" + model + "']"));
    }

    final Path publish(String summary) throws Exception {
        browser.leave();
        browser.typeOn("p");
        browser.seeFocusIn(DIALOG);
        browser.typeOn(summary);
        browser.key(Keys.ENTER);
        browser.seeText("Published as revision 1.");
        try (var client = HttpClient.newHttpClient()) {
            var request = HttpRequest.newBuilder(URI.create(RunningKite.address() + "api/profiles/" + profile() + "/revisions/1/file"))
                .build();
            var answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
            assertThat(answer.statusCode()).as(() -> new String(answer.body(), StandardCharsets.UTF_8)).isEqualTo(200);
            return Files.write(folder.resolve("out.gdtf"), answer.body());
        }
    }

    /** What the command line says of a file. */
    final JsonNode describe(Path file) throws Exception {
        var classes = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        var output = folder.resolve("described.json").toFile();
        var process = new ProcessBuilder(System.getProperty("java.home") + File.separator + "bin" + File.separator + "java", "-cp", classes,
                "yellowkite.cli.Kite", "profile", "describe", file.toString())
            .redirectOutput(output)
            .redirectErrorStream(true)
            .start();
        assertThat(process.waitFor()).as(() -> said(output)).isZero();
        return JsonMapper.shared().readTree(Files.readString(output.toPath(), StandardCharsets.UTF_8));
    }

    private static String said(File output) {
        try {
            return Files.readString(output.toPath());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    final String profile() {
        return URI.create(browser.address()).getPath().replace("/editor/", "");
    }
}
