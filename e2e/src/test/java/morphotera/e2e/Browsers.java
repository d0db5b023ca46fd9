package morphotera.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.impl.driver.jar.DriverJar;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Debian's headless Chromium: those who run side by side have one each, for all their visitors, that ends with the tests. */
final class Browsers {
    private static final List<String> ARGUMENTS = List.of(
            "--headless",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private static final ThreadLocal<Browser> OWN = ThreadLocal.withInitial(Browsers::launch);

    private Browsers() {}

    static Browser own() {
        return OWN.get();
    }

    private static Browser launch() {
        unpackDriver();
        return Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(ARGUMENTS));
    }

    /** Once for all runs: it is large, and would be unpacked anew for each. */
    private static synchronized void unpackDriver() {
        Path driver = Path.of(
                        "target", "playwright-" + Playwright.class.getPackage().getImplementationVersion())
                .toAbsolutePath();
        try {
            if (!Files.exists(driver)) {
                Path part = Files.createTempDirectory(driver.getParent(), "playwright");
                DriverJar.installDriverTo(part);
                Files.move(part, driver);
            }
        } catch (IOException | URISyntaxException e) {
            throw new IllegalStateException("the browser's driver was not unpacked to " + driver, e);
        }
        System.setProperty("playwright.cli.dir", driver.toString());
    }
}
