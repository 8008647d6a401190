package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** The packaged application and a browser that visits it, for the journeys of one class. */
final class Visit implements BeforeAllCallback, AfterAllCallback {
    private final boolean demo;
    private PackagedApplication application;
    private Browser browser;

    Visit() {
        this(true);
    }

    private Visit(boolean demo) {
        this.demo = demo;
    }

    /** To a school in which nobody is yet. */
    static Visit emptySchool() {
        return new Visit(false);
    }

    @Override
    public void beforeAll(ExtensionContext journeys) throws Exception {
        application = new PackagedApplication(demo);
        browser = new Browser(application);
    }

    @Override
    public void afterAll(ExtensionContext journeys) throws Exception {
        browser.staysAtHome();
        browser.close();
        application.close();
    }

    PackagedApplication application() {
        return application;
    }

    Browser browser() {
        return browser;
    }

    /** The workbench with a circuit, for a teacher who has just signed in. */
    Page workbench(String circuit, Page page) {
        assertThat(page.getByText("Needs you")).isVisible();
        page.navigate(application.url("/workbench?circuit=" + URLEncoder.encode(circuit, StandardCharsets.UTF_8)));
        assertThat(WorkbenchPage.strip(page)).isVisible();
        return page;
    }

    Page workbench(String circuit) {
        return workbench(circuit, browser.signedIn("teacher", 1280, 800, ColorScheme.LIGHT));
    }

    /** A path of the application as a whole address. */
    String address(String path) {
        return application.url(path);
    }
}
