package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.WorkbenchPage.button;
import static didaxis.browser.WorkbenchPage.tab;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Calculations answered in lines on a phone, marked point by point, and decided where a line cannot be read. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class LinesJourney {
    private static final String TITLE = "Beacon in lines";

    @RegisterExtension
    static final Visit visit = new Visit();

    private static void ask(Page page, String words, String prompt) {
        page.getByLabel("Ask", new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("input"))
                .fill(words);
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(prompt))
                .first()
                .click();
        assertThat(page.locator("[data-task]").last()).containsText(prompt);
    }

    private static Locator exactly(Page page, AriaRole role, String name) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator field(Page page, int place) {
        return page.locator("textarea[data-box]").nth(place);
    }

    private static Page open(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(TITLE)))
                .click();
        return page;
    }

    @Test
    @Order(1)
    void aLearnerAnswersInLinesOnAPhone() {
        Page page = visit.workbench("18 V : R1=6 + (R2=12 || R3=4)");
        tab(page, "Question");
        ask(page, "calculate total resistance", "Calculate the total resistance.");
        ask(page, "calculate total current", "Calculate the total current.");
        ask(page, "calculate power R1", "Calculate the power of R1.");
        assertThat(page.getByTestId("marks-sum")).hasText("3 asked · 9 marks");
        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill(TITLE);
        button(page, "Keep").click();
        button(page, "Hand out").click();
        assertThat(page.getByText("“" + TITLE + "” was handed to Workshop class."))
                .isVisible();

        Page phone = open(visit.browser().signedInOnPhone("learner1", ColorScheme.LIGHT));
        field(phone, 0).tap();
        phone.keyboard().type("1/Rp = 1/12 + 1/4 so Rp = 3");
        button(phone, "Ω").tap();
        phone.keyboard().press("Enter");
        phone.keyboard().type("Rt = 6 + 3 = 10 ohm");
        Locator read = phone.getByLabel("Read as").first();
        assertThat(read.getByRole(AriaRole.LISTITEM)).hasCount(2);
        assertThat(read.locator("mfrac").first()).isVisible();
        field(phone, 1).tap();
        phone.keyboard().type("I = V/R = 18/10 = 1.8 A");
        field(phone, 2).tap();
        phone.keyboard().type("P = I");
        button(phone, "²").tap();
        phone.keyboard().type("R § 6 = 19.4 W");
        assertThat(phone.getByText("Could not be read", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        visit.browser().inspect(phone, "lines-answered");
        SheetPage.send(phone, 3);
    }

    @Test
    @Order(2)
    void theTeacherDecidesWhatCouldNotBeReadAndTheLearnerSeesEachPoint() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.DARK);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Results"))
                .click();
        exactly(page, AriaRole.LINK, TITLE).click();
        Locator rows = page.locator("tbody tr");
        assertThat(rows.nth(0).locator("td[data-none]")).hasText(new String[] {"0", "0", "1", "0", "0", "0", "0"});
        assertThat(rows.nth(1).locator("td[data-none]")).hasText(new String[] {"0", "1", "0", "0", "0", "0", "0"});
        rows.nth(2).getByText("P = I²R § 6 = 19.4 W").click();
        visit.browser().inspect(page, "lines-decided");
        rows.nth(2)
                .getByRole(AriaRole.RADIOGROUP)
                .getByText("3", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByText("3 of 3 for 1 who wrote it.")).isVisible();
        exactly(page, AriaRole.LINK, "A. Alder").click();
        assertThat(page.getByText(Pattern.compile("8 of 9 marks"))).isVisible();
        assertThat(page.getByText("not earned: answer")).hasCount(1);
        visit.browser().inspect(page, "lines-looked-at");
    }
}
