package morphotera.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.Geolocation;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at a browser, whose faults and requests to anywhere else are written down. */
final class Visitor implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final double PATIENCE_MS = 90_000;

    /** Those of the test that runs here who are at a browser now. */
    private static final ThreadLocal<List<Visitor>> THERE = ThreadLocal.withInitial(ArrayList::new);

    private static final ThreadLocal<List<String>> SEEN = ThreadLocal.withInitial(ArrayList::new);

    /** By the server and the person; a test may end a session, and those beside it go on in theirs. */
    private static final ThreadLocal<Map<String, List<Cookie>>> SIGNED_IN = ThreadLocal.withInitial(HashMap::new);

    private final BrowserContext context;
    private final Jar jar;
    private final List<String> faults = new ArrayList<>();
    private boolean ownClock;
    Page page;

    private Visitor(Jar jar, int width, int height, boolean phone, String zone, boolean keeps) {
        this.jar = jar;
        context = Browsers.own()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setHasTouch(phone)
                        .setLocale("en-GB")
                        .setTimezoneId(zone)
                        .setGeolocation(new Geolocation(47.6512, -29.1512).setAccuracy(4))
                        .setPermissions(List.of("geolocation")));
        context.setDefaultTimeout(PATIENCE_MS);
        // A busy disk takes its time: what is looked for is waited for as long as what is pressed.
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        if (!keeps) {
            context.addInitScript("delete Navigator.prototype.serviceWorker");
        }
        anotherTab();
        THERE.get().add(this);
    }

    /** What each of a test's visitors has before them, or had when they went; said once. */
    static List<String> seen() {
        THERE.get().forEach(Visitor::see);
        List<String> seen = List.copyOf(SEEN.get());
        SEEN.get().clear();
        return seen;
    }

    private void see() {
        try {
            SEEN.get().add(page.url() + ": " + page.locator("body").innerText().replace('\n', ' '));
        } catch (PlaywrightException gone) {
            SEEN.get().add(gone.getMessage());
        }
    }

    /** The visitor goes on in a new tab of the same browser. */
    Page anotherTab() {
        page = context.newPage();
        page.onConsoleMessage(message -> {
            // A refusal answers 422 by contract, and the browser writes that down as an error of its own.
            boolean refusal = message.text().contains("status of 422");
            if (message.type().equals("error") && !refusal) {
                faults.add("console: " + message.text());
            }
        });
        page.onPageError(error -> faults.add("page: " + error));
        page.onRequest(request -> {
            boolean own =
                    request.url().startsWith(jar.url("/")) || request.url().startsWith("blob:" + jar.url("/"));
            if (!own && !request.url().startsWith("data:")) {
                faults.add("request elsewhere: " + request.url());
            }
        });
        return page;
    }

    /** The clock of all its tabs goes as the test says, and stays so: no other test is to come here. */
    Clock ownClock() {
        ownClock = true;
        return page.clock();
    }

    boolean hasOwnClock() {
        return ownClock;
    }

    /** The tab at hand stays, and nothing stands between it and the server; a new one would be made ready from the start. */
    void oneTab() {
        see();
        context.pages().stream().filter(tab -> tab != page).forEach(Page::close);
        page.unrouteAll();
    }

    /** Without a signal, or with one again. */
    void offline(boolean off) {
        context.setOffline(off);
    }

    /** The device's position from now on, good to four metres. */
    void stand(double lat, double lon) {
        context.setGeolocation(new Geolocation(lat, lon).setAccuracy(4));
    }

    /** The server knows this browser no more. */
    void signedOutByTheServer() {
        context.clearCookies();
    }

    static Visitor atDesk(Jar jar) {
        return new Visitor(jar, 1280, 800, false, "UTC", true);
    }

    /** The browser keeps no page for a day without a signal: to fetch it takes its time. */
    static Visitor atDeskInSignal(Jar jar) {
        return new Visitor(jar, 1280, 800, false, "UTC", false);
    }

    /** As {@link #atDeskInSignal}. */
    static Visitor onPhoneInSignal(Jar jar) {
        return onPhoneInSignal(jar, "UTC");
    }

    /** One that was set to a zone of its own. */
    static Visitor onPhoneInSignal(Jar jar, String zone) {
        return new Visitor(jar, 390, 844, true, zone, false);
    }

    static Visitor onPhone(Jar jar) {
        return new Visitor(jar, 390, 844, true, "UTC", true);
    }

    /** Console errors, page errors and requests off the machine since the start. */
    List<String> faults() {
        return faults;
    }

    Visitor open(String path) {
        page.navigate(jar.url(path));
        return this;
    }

    /** To another address as a tap on a link leads there; {@link #open} loads the page anew, which takes much longer. */
    Visitor turnTo(String address) {
        page.evaluate(
                "to => { history.pushState(null, '', to); dispatchEvent(new PopStateEvent('popstate')); }", address);
        return this;
    }

    Visitor season() {
        turnTo("/");
        page.waitForFunction("() => document.querySelector('h1')?.textContent === 'The season'");
        return this;
    }

    /** From one cell of a tray to the bench of another. */
    Visitor bench(String cell) {
        turnTo(cell);
        String method = cell.replaceFirst(".*method=([a-z-]+).*", "$1");
        page.getByLabel("Bench").locator("a[href='/methods/" + method + "']").waitFor();
        return this;
    }

    /** The first who comes as this person presses the button; the next have the cookie that it got. */
    Visitor signIn(String email) {
        context.addCookies(SIGNED_IN.get().getOrDefault(jar.url(email), List.of()));
        open("/");
        Locator door = button("Go in as " + email);
        Locator inside = page.getByTestId("sending");
        door.or(inside).first().waitFor();
        if (door.isVisible()) {
            door.click();
        }
        inside.waitFor();
        SIGNED_IN.get().put(jar.url(email), context.cookies());
        return this;
    }

    /** Signed in since before, where this person was at any browser beside; no page is open yet. */
    Visitor comeBack(String email) {
        context.addCookies(SIGNED_IN.get().getOrDefault(jar.url(email), List.of()));
        return context.request().get(jar.url("/api/session")).ok() ? this : signIn(email);
    }

    /** What the server says to this person, asked beside the page. */
    JsonNode fromServer(String path) {
        return JSON.readTree(context.request().get(jar.url(path)).text());
    }

    /** As the page sends what it has; the server's answer. */
    int put(String path, JsonNode body) {
        String token = context.cookies().stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .map(cookie -> cookie.value)
                .findFirst()
                .orElseThrow();
        RequestOptions options = RequestOptions.create()
                .setHeader("Content-Type", "application/json")
                .setHeader("X-XSRF-TOKEN", token)
                .setData(body.toString());
        return context.request().put(jar.url(path), options).status();
    }

    Visitor go(String verb) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Verbs"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(verb))
                .locator("visible=true")
                .click();
        // Until its page is here the one before it stands, and takes what is pressed.
        page.waitForURL(Pattern.compile("/" + verb + "([?#]|$)"));
        return this;
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator heading(String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    /** One of a judged scale's steps. */
    Locator choice(String scale, String step) {
        return page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(scale))
                .getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName(step).setExact(true));
    }

    /** A crumb in the dish, touched: as it falls, or to say of it what it did. */
    void touchCrumb(int crumb) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Crumb " + crumb + "(:|$)")))
                .click();
    }

    /** A crumb touched, and what it did. */
    void crumb(int crumb, String fell) {
        touchCrumb(crumb);
        choice("Crumb " + crumb + " fell apart", fell).click();
    }

    /** Everything that has been sent is with the server. */
    void waitUntilSent() {
        page.getByTestId("sending").getByText("all sent").waitFor();
    }

    /** What axe finds wrong on the page as it stands once it has come, in words, and where it is wider than its window. */
    List<String> wrong() {
        return wrong(":root");
    }

    /** The same of a part of it, where another test looked at what stands around. */
    List<String> wrong(String part) {
        PlaywrightAssertions.assertThat(page.locator("[aria-busy=true]")).hasCount(0);
        List<String> wrong = new ArrayList<>(Accessible.wrong(page, part));
        if (tooWide() > 0) {
            wrong.add("wider than the window by " + tooWide() + " pixels");
        }
        return wrong;
    }

    /** By how many pixels the page is wider than its window. */
    int tooWide() {
        return (int) page.evaluate("document.documentElement.scrollWidth - innerWidth");
    }

    @Override
    public void close() {
        THERE.get().remove(this);
        see();
        context.close();
    }
}
