package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.WorkbenchPage.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** What is done on a learner's sheet in more than one journey. */
final class SheetPage {
    private SheetPage() {}

    /** Opens a sheet from one's work; nothing of it is answered yet. */
    static Page open(Page page, String title, int boxes) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(title)))
                .click();
        assertThat(page.getByText("0 of " + boxes + " answered")).isVisible();
        return page;
    }

    /** Types into what has the focus and presses keys. */
    static void type(Page page, String text, String... keys) {
        page.keyboard().type(text);
        WorkbenchPage.press(page, keys);
    }

    /** Sends a sheet all of whose boxes are answered. */
    static void send(Page page, int boxes) {
        assertThat(page.getByText(boxes + " of " + boxes + " answered")).isVisible();
        button(page, "Send").click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Send"))
                .click();
        assertThat(page.locator("main").getByText(Pattern.compile("^Sent "))).isVisible();
    }
}
