package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.WorkbenchPage.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A class gets a style of its own, seen as it is set, and its learners' sheets have it. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ClassStyleJourney {
    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    void whatAClasssStyleDoesIsSeenAtOnceAndIsOnItsLearnersSheets() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(page.getByText("Needs you")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Classes"))
                .click();
        // The desk, which may still be there, has links that end with the name of the class.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Workshop class")))
                .click();
        button(page, "More about Workshop class").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Style of the class"))
                .click();
        Locator sample = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What it does"));
        assertThat(sample).containsText("1.59\u2009A");
        page.getByLabel("Start from").selectOption("forge");
        page.getByLabel("What the class calls it").fill("Ours");
        page.getByLabel("Decimal sign").selectOption("comma: 2,5");
        page.getByLabel("a number without its unit loses a mark").check(new Locator.CheckOptions().setForce(true));
        assertThat(sample).containsText("1,59\u2009A");
        assertThat(sample).containsText("The mark of the unit is lost");
        visit.browser().inspect(page, "class-style");
        button(page, "Keep the style").click();
        assertThat(page.getByText("The style was kept")).isVisible();
        assertThat(button(page, "Keep the style")).isDisabled();

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Desk"))
                .click();
        visit.workbench("10 V : R1=2.5 + R2=1.5", page);
        WorkbenchPage.tab(page, "Question");
        Locator ask = page.getByLabel("Ask", new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("input"));
        ask.click();
        ask.fill("total current");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Calculate the total current."))
                .first()
                .click();
        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill("In our style");
        button(page, "Keep").click();
        button(page, "Hand out").click();
        assertThat(page.getByText("“In our style” was handed to Workshop class."))
                .isVisible();

        Page learner = visit.browser().signedInOnPhone("learner1", ColorScheme.LIGHT);
        learner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("In our style")))
                .click();
        assertThat(learner.locator("svg").first()).containsText("2,5 Ω");
        learner.locator(":is(input,textarea)[data-box]").fill("2,5");
        assertThat(learner.locator("main").getByText("2,5\u2009A")).isVisible();
        visit.browser().inspect(learner, "sheet-in-style");
    }
}
