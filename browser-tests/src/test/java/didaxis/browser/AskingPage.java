package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.WorkbenchPage.button;
import static didaxis.browser.WorkbenchPage.tab;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** What a teacher does who makes a question on the workbench, in more than one journey. */
final class AskingPage {
    private AskingPage() {}

    static Locator panel(Page page) {
        return page.getByRole(AriaRole.TABPANEL, new Page.GetByRoleOptions().setName("Question"));
    }

    /** What is typed is looked for among all that can be asked; the prompt that is taken stands as the last task. */
    static void ask(Page page, String words, String prompt) {
        Locator field = page.getByLabel("Ask", new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("input"));
        field.click();
        field.fill(words);
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(prompt))
                .first()
                .click();
        assertThat(panel(page).locator("[data-task]").last()).containsText(prompt);
    }

    /** Turns the value of a cell of the chart to given, by its key. */
    static void give(Page page, String cell) {
        tab(page, "Chart");
        use(page, cell, "g", "given");
    }

    /** The same to withheld, where the chart is open. */
    static void withhold(Page page, String cell) {
        use(page, cell, "w", "withheld");
    }

    private static void use(Page page, String cell, String key, String use) {
        Locator value =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + cell + ":")));
        value.focus();
        page.keyboard().press(key);
        assertThat(value).hasAttribute("data-use", use);
    }

    /** Keeps what was made under a name and hands it to the class of the demo. */
    static void handOut(Page page, String title) {
        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill(title);
        button(page, "Keep").click();
        button(page, "Hand out").click();
        assertThat(page.getByText("“" + title + "” was handed to Workshop class."))
                .isVisible();
    }
}
