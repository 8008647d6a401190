package didaxis.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Headless Chromium; every page it opens notes requests to other hosts and errors on its console. */
final class Browser implements AutoCloseable {
    /** Where pictures are kept, if they are wanted: -Dscreenshots=FOLDER. */
    private static final String PICTURES = System.getProperty("screenshots", "");

    /** What passes need not be told node by node, and nothing is fetched once more. */
    private static final String FAULTS_ONLY = "resultTypes: ['violations'], preload: false";
    /** By the newest rules too, which axe has, but does not ask for unless it is told to. */
    private static final String ALL = "{" + FAULTS_ONLY + """
            , rules: {'label-content-name-mismatch': {enabled: true}, 'target-size': {enabled: true},
              'table-fake-caption': {enabled: true}}}
            """;

    private static final String COLOURS = "{" + FAULTS_ONLY + ", runOnly: ['color-contrast', 'link-in-text-block']}";
    /** Its builder would read this into the page for every look, which takes as long as the look itself. */
    private static final String AXE = axe();

    /** Debian's Chromium without a window, where that is there: it does the same with less. */
    private static final Path CHROMIUM_FILE = Stream.of("chromium-headless-shell", "chromium")
            .map(name -> Path.of("/usr/bin", name))
            .filter(Files::exists)
            .findFirst()
            .orElseThrow(() -> new IllegalStateException("no Chromium in /usr/bin"));

    /** One for all journeys of a process, and ends with it: to start one takes as long as a part of a journey. */
    private static final com.microsoft.playwright.Browser CHROMIUM = launched();

    private final PackagedApplication application;
    private final List<String> strangers = new ArrayList<>();
    private final List<String> failures = new ArrayList<>();

    Browser(PackagedApplication application) {
        this.application = application;
        // Patient, since it may run beside other work; what is there at once is found at once.
        PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
    }

    private static com.microsoft.playwright.Browser launched() {
        return Playwright.create()
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(CHROMIUM_FILE)
                        .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking")));
    }

    /** A person's page, signed in. */
    Page signedIn(String username, int width, int height, ColorScheme scheme) {
        return signIn(username, page(width, height, scheme));
    }

    /** A person's page on a narrow screen that is touched. */
    Page signedInOnPhone(String username, ColorScheme scheme) {
        return signIn(username, phone(scheme));
    }

    /** A narrow screen that is touched. */
    Page phone(ColorScheme scheme) {
        return page(options(390, 844, scheme).setHasTouch(true));
    }

    /** Signs in on a page that asks for it. */
    static Page signIn(String username, Page page) {
        page.getByLabel("Sign-in name").fill(username);
        page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true)).fill("didaxis-demo");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        return page;
    }

    Page page(int width, int height, ColorScheme scheme) {
        return page(options(width, height, scheme));
    }

    private static NewContextOptions options(int width, int height, ColorScheme scheme) {
        return new NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(scheme)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setLocale("en-GB")
                .setTimezoneId("Europe/Vienna");
    }

    private Page page(NewContextOptions options) {
        BrowserContext context = CHROMIUM.newContext(options);
        context.setDefaultTimeout(60_000);
        context.onRequest(request -> {
            URI uri = URI.create(request.url().replaceAll("[|{}\\[\\]^ ]", "_"));
            if (uri.getHost() != null && !uri.getHost().equals("localhost")) strangers.add(request.url());
        });
        Page page = context.newPage();
        page.onPageError(failures::add);
        page.navigate(application.url("/"));
        return page;
    }

    /** Axe finds nothing, by its newest rules too, in light and in dark, and nothing scrolls sideways. */
    void inspect(Page page, String screen) {
        page.waitForTimeout(300);
        page.waitForFunction("() => document.querySelector('h1') && !document.querySelector('[aria-busy=true]')");
        boolean dark = (Boolean) page.evaluate("matchMedia('(prefers-color-scheme: dark)').matches");
        ColorScheme own = dark ? ColorScheme.DARK : ColorScheme.LIGHT;
        ColorScheme other = dark ? ColorScheme.LIGHT : ColorScheme.DARK;
        assertEquals("", faults(page, ALL), screen);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(other));
        page.waitForTimeout(100);
        // Only colours are others there.
        assertEquals("", faults(page, COLOURS), screen + ", " + other);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(own));
        boolean scrollsSideways = (Boolean) page.evaluate("document.documentElement.scrollWidth > window.innerWidth");
        assertEquals(false, scrollsSideways, screen + " scrolls sideways");
        if (!PICTURES.isEmpty()) {
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(PICTURES, screen + ".png")));
        }
    }

    private static String faults(Page page, String options) {
        if (!(Boolean) page.evaluate("'axe' in window")) page.evaluate(AXE);
        return (String) page.evaluate("""
                async () => {
                  const { violations } = await axe.run(document, %s)
                  const told = ({ id, help, nodes }) => `${id}: ${help} ${nodes.map((node) => node.html).join(' | ')}`
                  return violations.map(told).join('\\n')
                }
                """.formatted(options));
    }

    private static String axe() {
        try (InputStream script = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** No request went to another host, and no page threw. */
    void staysAtHome() {
        assertEquals(List.of(), strangers);
        assertEquals(List.of(), failures);
    }

    /** Closes its pages; the journeys of a process come one after the other. */
    @Override
    public void close() {
        CHROMIUM.contexts().forEach(BrowserContext::close);
    }
}
