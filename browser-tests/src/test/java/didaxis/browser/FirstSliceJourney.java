package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** From a typed circuit to a marked answer: the teacher asks, the learner answers, the teacher hands back. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstSliceJourney {
    @RegisterExtension
    final Visit visit = new Visit();

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator cell(Page page, String cell) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + cell)));
    }

    /** What stands beside a box. */
    private static Locator read(Page page, String shown) {
        return page.getByText(shown, new Page.GetByTextOptions().setExact(true));
    }

    private static void goTo(Page page, String place) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(place).setExact(true))
                .click();
    }

    @Test
    @Order(1)
    void theTeacherTypesACircuitMakesAQuestionAndHandsItOut() {
        Page first = visit.browser().page(1280, 800, ColorScheme.LIGHT);
        assertThat(first.getByLabel("Sign-in name")).isVisible();
        visit.browser().inspect(first, "sign-in");
        Page nowhere = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.DARK);
        assertThat(nowhere.getByText("Needs you")).isVisible();
        nowhere.navigate(visit.application().url("/nowhere"));
        assertThat(nowhere.getByText("There is nothing here")).isVisible();
        visit.browser().inspect(nowhere, "nowhere");
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(page.getByText("Needs you")).isVisible();
        visit.browser().inspect(page, "desk");
        goTo(page, "Workbench");
        Locator notation = page.getByLabel("Circuit", new Page.GetByLabelOptions().setExact(true));
        assertThat(page.locator("svg [aria-label=R3]")).isVisible();
        notation.fill("16 V : R1=5 + (R2=12 || ");
        assertThat(page.getByText("Expected a part or '(' at line 1, column")).isVisible();
        assertThat(page.getByTestId("error-mark")).isVisible();
        assertThat(page.getByText("the last circuit that could be read")).isVisible();
        assertThat(page.locator("svg [aria-label=R3]")).isVisible();
        notation.fill("16 V : R1=5 + (R2=12 || R3=4)");
        assertThat(page.getByText("R1 in series with R2 and R3 in parallel").first())
                .isVisible();
        assertThat(cell(page, "power of R3: 9.00")).isVisible();
        assertThat(page.getByText("20.0 + 3.00 + 9.00 = 32.0 W")).isVisible();
        assertThat(page.getByText("agrees in every part")).isVisible();

        page.locator("svg [aria-label=R3]").click();
        assertThat(page.locator("[data-row=R3]")).hasAttribute("aria-selected", "true");
        page.locator("[data-row=R2]").getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.locator("svg [aria-label=R2]")).hasAttribute("aria-pressed", "true");

        cell(page, "current of R3").focus();
        page.keyboard().press("a");
        page.keyboard().press("2");
        cell(page, "resistance of R23").click();
        cell(page, "current of total").press("a");
        assertThat(page.getByTestId("marks-sum")).hasText("3 asked · 4 marks");
        visit.browser().inspect(page, "workbench");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Working"))
                .click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("R₂₃ = 1/(1/R₂ + 1/R₃) = 1/(1/12.0 + 1/4.00) = 3.00")))
                .isVisible();
        visit.browser().inspect(page, "working");

        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill("Dryer on the ridge");
        button(page, "Keep").click();
        button(page, "Hand out").click();
        assertThat(page.getByText("“Dryer on the ridge” was handed to Workshop class."))
                .isVisible();
        goTo(page, "Classes");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Workshop class")))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Workshop class")))
                .isVisible();
        assertThat(page.getByRole(AriaRole.LISTITEM).getByText("Dryer on the ridge"))
                .isVisible();
        assertThat(page.getByRole(AriaRole.LISTITEM).getByText("J. Juniper")).isVisible();
        // What was said in passing goes by itself.
        assertThat(button(page, "Close")).hasCount(0);
        visit.browser().inspect(page, "class");
    }

    @Test
    @Order(2)
    void aLearnerAnswersOnAPhoneByKeyboardAndSends() throws Exception {
        Page page = visit.browser().signedIn("learner8", 390, 844, ColorScheme.LIGHT);
        assertThat(page.getByText("Dryer on the ridge")).isVisible();
        visit.browser().inspect(page, "my-work-phone");
        page.getByText("Dryer on the ridge").click();
        Locator boxes = page.locator(":is(input,textarea)[data-box]");
        assertThat(boxes).hasCount(3);
        boxes.first().focus();
        page.keyboard().type("16 ohm");
        page.keyboard().press("Enter");
        page.keyboard().type("3060 mA");
        page.keyboard().press("Tab");
        page.keyboard().type("0,7619");
        assertThat(read(page, "16 Ω")).isVisible();
        assertThat(read(page, "3.06 A")).isVisible();
        assertThat(read(page, "0.7619 A")).isVisible();
        assertThat(page.getByTestId("kept")).hasText(Pattern.compile("kept \\d\\d:\\d\\d"), longWait());
        page.reload();
        assertEquals("3060 mA", boxes.nth(1).inputValue());
        assertThat(read(page, "3.06 A")).isVisible();
        visit.browser().inspect(page, "answer-sheet-phone");
        boxes.nth(1).fill("3.05");
        assertThat(read(page, "3.05 A")).isVisible();
        boxes.nth(2).press("Enter");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Send").setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.MAIN).getByText("You will see what came of it"))
                .isVisible();
        visit.application().kill();
        visit.application().start();
        page.reload();
        assertThat(page.getByRole(AriaRole.MAIN).getByText("You will see what came of it"))
                .isVisible();
        assertEquals("3.05", boxes.nth(1).inputValue());
    }

    private static LocatorAssertions.HasTextOptions longWait() {
        return new LocatorAssertions.HasTextOptions().setTimeout(20_000);
    }

    @Test
    @Order(3)
    void theTeacherLooksThroughAndHandsBack() {
        Page wide = visit.browser().signedIn("learner7", 1280, 800, ColorScheme.LIGHT);
        wide.getByText("Boot dryer").click();
        assertThat(read(wide, "3 Ω")).isVisible();
        visit.browser().inspect(wide, "answer-sheet");
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        goTo(page, "Results");
        assertThat(page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName("J. Juniper, Dryer on the ridge: 3 of 4")))
                .isVisible();
        visit.browser().inspect(page, "results");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("C. Cedar, Boot dryer: 7 of 8"))
                .click();
        assertThat(page.locator("[data-finding=follow-through]")).hasCount(7);
        assertThat(page.locator("[data-origin=true]")).hasCount(1);
        visit.browser().inspect(page, "learner-sheet");
        page.keyboard().press("n");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("D. Dogwood")))
                .isVisible();
        goTo(page, "Boot dryer");
        assertThat(page.getByRole(
                        AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^resistance of R23"))))
                .containsText("0.333");
        visit.browser().inspect(page, "boxes");
        goTo(page, "Results of Workshop class");
        for (String title : List.of("Boot dryer", "Dryer on the ridge")) {
            page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName(title))
                    .getByRole(AriaRole.BUTTON)
                    .click();
            page.getByRole(AriaRole.DIALOG)
                    .getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions()
                                    .setName(Pattern.compile("Hand back to learners|and hand back")))
                    .click();
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        }
    }

    @Test
    @Order(4)
    void theLearnerSeesWhatCameOfIt() {
        Page page = visit.browser().signedIn("learner8", 390, 844, ColorScheme.LIGHT);
        page.getByText("Dryer on the ridge").click();
        assertThat(page.getByText("3 of 4 marks")).isVisible();
        assertThat(page.locator("[data-origin=true]")).containsText("an error starts here");
        assertThat(page.locator("[data-finding=follow-through]")).hasCount(2);
        visit.browser().inspect(page, "feedback-phone");
        Locator person = button(page, "You: J. Juniper, JJ");
        person.press("Enter");
        // Not before the menu has the focus, a moment after it is seen.
        assertThat(page.getByRole(AriaRole.MENU).locator(":focus").or(page.locator("[role=menu]:focus")))
                .isVisible();
        page.keyboard().press("Escape");
        assertThat(person).isFocused();
        person.press("Enter");
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .press("Enter");
        assertThat(page.getByLabel("Sign-in name")).isVisible();
        Page wide = visit.browser().signedIn("learner4", 1280, 800, ColorScheme.LIGHT);
        wide.getByText("Boot dryer").click();
        assertThat(wide.getByText("7 of 8 marks")).isVisible();
        visit.browser().inspect(wide, "feedback");
    }
}
