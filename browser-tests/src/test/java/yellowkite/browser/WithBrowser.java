package yellowkite.browser;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;

/** A browser of its own for each test, on the library of the demo house, as Ines. */
abstract class WithBrowser {
    @TempDir
    Path folder;
    Browser browser;

    @BeforeEach
    final void aBrowser() {
        browser = new Browser(folder);
        browser.open(RunningKite.address(), "Ines");
    }

    @AfterEach
    final void ends() {
        browser.close();
    }

    /** {@return the file that was downloaded last and ends so} */
    final Path downloaded(String ending) throws Exception {
        for (int tried = 0; tried < 100; tried++) {
            try (var files = Files.list(folder)) {
                var found = files.filter(file -> file.toString().endsWith(ending)).findFirst();
                if (found.isPresent()) {
                    return found.get();
                }
            }
            Thread.sleep(100);
        }
        throw new AssertionError("nothing was downloaded that ends in " + ending);
    }

    /** {@return the demo spot under another name and id} */
    static GdtfFile fixture(String name, String id) {
        return fixture("Petrel Spot", name, id);
    }

    /** {@return a fixture of the demo house under another name and id} */
    static GdtfFile fixture(String demo, String name, String id) {
        var file = DemoHouse.files().stream().filter(each -> each.description().type().name().equals(demo)).findFirst().orElseThrow();
        return new GdtfFile(GdtfDescription.of(file.description().type().with(f -> {
            f.name = name;
            f.fixtureTypeId = id;
        })), file.others());
    }
}
