package yellowkite.browser;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.print.PrintOptions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** One headless Chromium, and what a person does with it: everything is found by the words and roles that a person gets. */
final class Browser implements AutoCloseable {
    private final ChromeDriverService service;
    private final ChromeDriver driver;
    private final WebDriverWait wait;

    Browser(Path downloads) {
        var options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments("--headless", "--no-sandbox", "--disable-gpu", "--enable-unsafe-swiftshader", "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update", "--disable-sync", "--window-size=1280,900", "--force-prefers-reduced-motion");
        options.setExperimentalOption("prefs", Map.of("download.default_directory", downloads.toString()));
        service = new ChromeDriverService.Builder().usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile()).build();
        driver = new ChromeDriver(service, options);
        wait = new WebDriverWait(driver, Duration.ofSeconds(60));
        wait.pollingEvery(Duration.ofMillis(100)).withMessage(this::says).ignoring(StaleElementReferenceException.class);
    }

    /** {@return what a journey that waits in vain sees} */
    private String says() {
        return driver.getCurrentUrl() + " says: " + driver.executeScript("return document.body.innerText.slice(0, 3000)");
    }

    /** Opens a page of the application as somebody whose name the browser already knows. */
    void open(String address, String who) {
        driver.get(address);
        driver.executeScript("localStorage.setItem('kite-author', arguments[0])", who);
        driver.get(address);
    }

    void openFirstTime(String address) {
        driver.get(address);
    }

    String address() {
        return driver.getCurrentUrl();
    }

    WebElement see(By what) {
        return wait.until(ready -> ready.findElements(what).stream().filter(WebElement::isDisplayed).findFirst().orElse(null));
    }

    /** Waits for what takes long. */
    WebElement seeWithin(int seconds, By what) {
        return new WebDriverWait(driver, Duration.ofSeconds(seconds)).ignoring(StaleElementReferenceException.class)
            .until(ready -> ready.findElements(what).stream().filter(WebElement::isDisplayed).findFirst().orElse(null));
    }

    /** Waits until a script says yes. */
    void until(String script) {
        wait.until(ready -> Boolean.TRUE.equals(driver.executeScript(script)));
    }

    /** Waits until the focus is on something that holds those words. */
    void seeFocus(String words) {
        wait.until(ready -> String.valueOf(driver.executeScript("return document.activeElement.textContent")).contains(words));
    }

    WebElement seeText(String words) {
        return see(By.xpath("//*[contains(normalize-space(text()), " + quoted(words) + ")]"));
    }

    void seeNoMore(By what) {
        wait.until(ready -> ready.findElements(what).stream().noneMatch(WebElement::isDisplayed));
    }

    void press(String button) {
        retrying(() -> {
            see(By.xpath("//button[not(@disabled)][normalize-space()=" + quoted(button) + " or @aria-label=" + quoted(button)
                    + "]|//a[normalize-space()="
                    + quoted(button) + "]"))
                .click();
            return true;
        });
    }

    /**
     * Goes where a link leads, looked for and read in one moment: in a list that is still being narrowed another one is in its place soon.
     */
    void follow(String xpath) {
        driver.get(wait.until(ready -> (String) driver.executeScript(
                "return document.evaluate(arguments[0], document, null, XPathResult.FIRST_ORDERED_NODE_TYPE).singleNodeValue?.href",
                xpath)));
    }

    WebElement field(String label) {
        return see(By.xpath("//input[@aria-label=" + quoted(label) + " or @id=//label[normalize-space()=" + quoted(label) + "]/@for]"));
    }

    /** Makes the window that large, as a zoom of the page would. */
    void resize(int width, int height) {
        driver.manage().window().setSize(new Dimension(width, height));
    }

    /** Leaves the field that is typed in, so that letters are keys again. */
    void leave() {
        run("document.activeElement?.blur()");
    }

    /** Replaces what stands in a field. */
    WebElement write(String label, String text) {
        var field = field(label);
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"));
        field.sendKeys(text);
        return field;
    }

    /** Replaces what stands in a field and sends it with Enter. */
    void type(String label, String text) {
        write(label, text).sendKeys(Keys.ENTER);
    }

    /** Waits until a field holds that text: the server has answered. */
    void seeValue(String label, String value) {
        wait.until(ready -> field(label).getDomProperty("value").equals(value));
    }

    void clickAt(WebElement element, double share) {
        int width = element.getSize().getWidth();
        new Actions(driver).moveToElement(element, (int) (width * (share - 0.5)), 0).click().perform();
    }

    /** Drags to the right from a place that many pixels below the middle of an element. */
    void dragFrom(WebElement element, int below, int pixels) {
        new Actions(driver).moveToElement(element, 0, below)
            .pause(Duration.ofMillis(50))
            .clickAndHold()
            .moveByOffset(pixels / 2, 0)
            .moveByOffset(pixels - pixels / 2, 0)
            .release()
            .perform();
    }

    void drag(WebElement element, int pixels) {
        new Actions(driver).moveToElement(element)
            .clickAndHold()
            .moveByOffset(pixels / 2, 0)
            .moveByOffset(pixels - pixels / 2, 0)
            .release()
            .perform();
    }

    /** Waits until the focus is inside what that finds: then letters that are typed go there. */
    void seeFocusIn(By what) {
        wait.until(
                ready -> ready.findElements(what)
                    .stream()
                    .anyMatch(element -> (boolean) driver.executeScript(
                            "return arguments[0].contains(document.activeElement) && document.activeElement.matches('input, textarea')",
                            element)));
    }

    /** Types where the focus is. */
    void typeOn(String text) {
        new Actions(driver).sendKeys(text).perform();
    }

    /** Presses a key where the focus is. */
    void key(Keys key) {
        new Actions(driver).sendKeys(key).perform();
    }

    /** Presses a key while a modifier is held. */
    void key(Keys modifier, CharSequence key) {
        new Actions(driver).keyDown(modifier).sendKeys(key).keyUp(modifier).perform();
    }

    /** Presses a key while Control and Shift are held. */
    void keyWithControlAndShift(CharSequence key) {
        new Actions(driver).keyDown(Keys.CONTROL).keyDown(Keys.SHIFT).sendKeys(key).keyUp(Keys.SHIFT).keyUp(Keys.CONTROL).perform();
    }

    /** Chooses files as the file chooser would. */
    void takeIn(List<Path> files) {
        var chooser = wait.until(ready -> ready.findElement(By.cssSelector("input[type=file]")));
        driver.executeScript("arguments[0].hidden = false", chooser);
        chooser.sendKeys(String.join("\n", files.stream().map(Path::toString).toList()));
    }

    /** Chooses a file where a chooser of that label waits, hidden behind its button. */
    void chooseFile(String label, Path file) {
        var chooser = wait.until(ready -> ready.findElement(By.cssSelector("input[type=file][aria-label='" + label + "']")));
        driver.executeScript("arguments[0].hidden = false", chooser);
        chooser.sendKeys(file.toString());
    }

    /** {@return a page of HTML as a PDF} */
    byte[] printed(String html) {
        driver.get("data:text/html;charset=utf-8;base64,"
                + java.util.Base64.getEncoder().encodeToString(html.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        return java.util.Base64.getDecoder().decode(driver.print(new PrintOptions()).getContent());
    }

    /** Drops a file on the page as a person would from a folder. */
    void drop(String name, byte[] content) {
        dropOn(By.tagName("body"), name, content);
    }

    /** Drops a file onto a part of the page. */
    void dropOn(By where, String name, byte[] content) {
        driver.executeScript("""
                const bytes = Uint8Array.from(atob(arguments[1]), (c) => c.charCodeAt(0));
                const carried = new DataTransfer();
                carried.items.add(new File([bytes], arguments[0]));
                for (const kind of ['dragenter', 'dragover', 'drop']) {
                  arguments[2].dispatchEvent(new DragEvent(kind, { bubbles: true, cancelable: true, dataTransfer: carried }));
                }
                """, name, java.util.Base64.getEncoder().encodeToString(content), see(where));
    }

    Object run(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    /** {@return what axe-core calls serious or critical on the page as it stands, one line each} */
    @SuppressWarnings("unchecked")
    List<String> accessibilityProblems(String axe) {
        driver.executeScript(axe);
        return (List<String>) ((JavascriptExecutor) driver).executeAsyncScript("""
                const done = arguments[arguments.length - 1];
                axe.run(document, { resultTypes: ['violations'] }).then((result) => done(result.violations
                  .filter((each) => each.impact === 'serious' || each.impact === 'critical')
                  .map((each) => each.id + ': ' + each.nodes.map((node) => node.html).slice(0, 3).join(' | '))));
                """);
    }

    private <T> T retrying(Supplier<T> act) {
        return wait.until((WebDriver ready) -> act.get());
    }

    static String quoted(String words) {
        return words.contains("'") ? "\"" + words + "\"" : "'" + words + "'";
    }

    @Override
    public void close() {
        try {
            driver.quit();
        } catch (WebDriverException slow) {
            service.stop(); // a busy machine may take longer to end a browser than its driver waits; that is no fault of what was tried
        }
    }
}
