package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.WorkbenchPage.button;
import static didaxis.browser.WorkbenchPage.exactly;
import static didaxis.browser.WorkbenchPage.notation;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What a teacher makes is kept from the first act on, and nothing that is hers goes without being asked about. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class MakingJourney {
    private static final Pattern KEPT = Pattern.compile("^kept \\d\\d:\\d\\d$");

    @RegisterExtension
    final Visit visit = new Visit();

    private static void goTo(Page page, String place) {
        exactly(page, AriaRole.LINK, place).click();
    }

    private static Locator sum(Page page) {
        return page.getByTestId("marks-sum");
    }

    private static Locator kept(Page page) {
        return page.getByTestId("kept");
    }

    private static Locator cell(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    private static Locator inDialog(Page page, String name) {
        return dialog(page)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void aQuestionInTheMakingIsThereAfterEverythingThatHappensToThePage() {
        Page page = visit.workbench("9 V : R1=3 + R2=6");
        assertThat(sum(page)).hasText("Nothing is asked yet: click a value");
        cell(page, "current of total").click();
        assertThat(sum(page)).hasText("1 asked · 1 mark");
        cell(page, "current of total").press("4");
        cell(page, "power of R2").click();
        assertThat(sum(page)).hasText("2 asked · 5 marks");
        assertThat(kept(page)).hasText(KEPT);
        page.reload();
        assertThat(sum(page)).hasText("2 asked · 5 marks");
        goTo(page, "Desk");
        assertThat(page.getByText("In the making")).isVisible();
        visit.browser().inspect(page, "desk-making");
        goTo(page, "Workbench");
        assertThat(sum(page)).hasText("2 asked · 5 marks");
        WorkbenchPage.choose(page, "Circuit", "Worked solution to read and print");
        goTo(page, "Back to the workbench");
        assertThat(sum(page)).hasText("2 asked · 5 marks");
        // What was done before the page was loaded is undone as if it had never been left.
        button(page, "Undo").click();
        assertThat(sum(page)).hasText("1 asked · 4 marks");
        button(page, "Undo").click();
        button(page, "Undo").click();
        assertThat(sum(page)).hasText("Nothing is asked yet: click a value");
        button(page, "Redo").click();
        assertThat(sum(page)).hasText("1 asked · 1 mark");

        // Left within a moment, and where the server cannot be reached.
        notation(page).fill("9 V : R1=3 + R2=7");
        goTo(page, "Desk");
        // Until the next screen is there the last one stands, and would be taken for the workbench come back to.
        assertThat(page.getByText("In the making")).isVisible();
        goTo(page, "Workbench");
        assertThat(notation(page)).hasValue("9 V : R1=3 + R2=7");
        page.context().setOffline(true);
        notation(page).fill("9 V : R1=3 + R2=8");
        assertThat(kept(page)).containsText("Not kept yet");
        page.context().setOffline(false);
        page.reload();
        assertThat(notation(page)).hasValue("9 V : R1=3 + R2=8");
        assertThat(kept(page)).hasText(KEPT);

        // Two tabs: one chooses, and undoing leads to the other.
        Page other = page.context().newPage();
        other.navigate(page.url());
        assertThat(notation(other)).hasValue("9 V : R1=3 + R2=8");
        notation(page).fill("9 V : R1=3 + R2=1");
        assertThat(kept(page)).hasText(KEPT);
        notation(other).fill("9 V : R1=3 + R2=2");
        assertThat(dialog(other)).containsText("This question was changed elsewhere too");
        inDialog(other, "Go on with what stands here").click();
        assertThat(kept(other)).hasText(KEPT);
        button(other, "Undo").click();
        assertThat(notation(other)).hasValue("9 V : R1=3 + R2=1");
    }

    @Test
    void aNameOnTheShelfIsAskedAboutAndWhatWasRemovedIsBroughtBack() {
        Page page = visit.workbench("9 V : R1=3 + R2=6");
        button(page, "Shelf").click();
        page.getByLabel("Name for this circuit").fill("Radio with its meters");
        inDialog(page, "Keep").click();
        assertThat(dialog(page))
                .containsText("There is a circuit called “Radio with its meters” on the shelf already.");
        visit.browser().inspect(page, "shelf-taken");
        inDialog(page, "Keep as “Radio with its meters 2”").click();
        assertThat(page.getByText("“Radio with its meters 2” is on the shelf.")).isVisible();
        inDialog(page, "Rename Radio with its meters 2").click();
        page.getByLabel("New name of Radio with its meters 2").fill("Signal horn");
        page.keyboard().press("Enter");
        inDialog(page, "Remove Signal horn").click();
        assertThat(inDialog(page, "Remove Signal horn")).hasCount(0);
        page.reload();
        button(page, "Shelf").click();
        dialog(page).getByText(Pattern.compile("^Removed in the last 30 days")).click();
        inDialog(page, "Bring back: Signal horn").click();
        assertThat(inDialog(page, "Remove Signal horn")).isVisible();
    }

    @Test
    void aClassOfSixtyComesInFromAListGetsItsSlipsAndItsFirstSheet() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        goTo(page, "Classes");
        page.getByLabel("Name of the class").fill("Ridge class");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ridge class")))
                .isVisible();
        button(page, "Paste a list…").click();
        StringBuilder list = new StringBuilder();
        for (int k = 1; k <= 60; k++) list.append("P. Pine ").append(k).append('\n');
        page.getByLabel("One learner a line").fill(list.toString());
        inDialog(page, "Read the list").click();
        inDialog(page, "Take 60 learners in").click();
        assertThat(page.getByRole(AriaRole.MAIN).getByText("60 passwords stand beside their names"))
                .isVisible();
        visit.browser().inspect(page, "class-of-sixty");
        page.evaluate(
                "window.print = () => { window.printed = [...document.querySelectorAll('[data-printing] b')].length }");
        button(page, "Print 60 slips").click();
        org.junit.jupiter.api.Assertions.assertEquals(60, page.evaluate("window.printed"));
        button(page, "Hand out").click();
        inDialog(page, "Hand out").click();
        assertThat(page.getByText("60 not begun")).isVisible();

        page.getByLabel("Find").fill("pine 7");
        assertThat(page.getByText("P. Pine 7", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        WorkbenchPage.choose(page, "More about P. Pine 7", "New password…");
        assertThat(dialog(page)).containsText("stops working");
        inDialog(page, "Make a new password").click();
        assertThat(page.getByRole(AriaRole.MAIN).getByText("60 passwords stand beside their names"))
                .isVisible();
    }

    @Test
    void aColleagueIsInvitedAndAClassHandedOverIsNoLongerOpenToWhoGaveIt() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        WorkbenchPage.choose(page, "You: M. Thorne, MT", "Invite a colleague…");
        inDialog(page, "Make a code").click();
        String code = dialog(page).locator("code").innerText();
        Page colleague = visit.browser().page(1280, 800, ColorScheme.LIGHT);
        button(colleague, "I was invited by a colleague").click();
        colleague.getByLabel("Code of the invitation").fill(code);
        colleague.getByLabel("Sign-in name").fill("rowan");
        colleague.getByLabel("Name to show").fill("R. Rowan");
        colleague
                .getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
                .fill("didaxis-demo");
        visit.browser().inspect(colleague, "invited");
        button(colleague, "Begin").click();
        assertThat(colleague.getByText("Nothing is waiting for you.")).isVisible();

        page.keyboard().press("Escape");
        goTo(page, "Classes");
        page.getByLabel("Name of the class").fill("Given class");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Given class")))
                .isVisible();
        String address = page.url();
        WorkbenchPage.choose(page, "More about Given class", "Share with a colleague…");
        page.getByLabel("Colleague", new Page.GetByLabelOptions().setExact(true))
                .selectOption("R. Rowan");
        inDialog(page, "Hand over…").click();
        inDialog(page, "Hand over").click();
        assertThat(page.getByText("“Given class” is R. Rowan’s class now.")).isVisible();
        page.navigate(address);
        assertThat(page.getByText("There is no such class.")).isVisible();
        colleague.navigate(address);
        assertThat(colleague.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Given class")))
                .isVisible();
    }

    /** What opens over a screen holds as the screens do. */
    @Test
    void everyDialogHoldsInLightAndDark() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(page.getByText("Needs you")).isVisible();
        page.navigate(visit.application().url("/classes/1"));
        button(page, "Hand out").click();
        inspectAndClose(page, "hand-out");
        button(page, "Paste a list…").click();
        inspectAndClose(page, "list");
        button(page, "From another class…").click();
        inspectAndClose(page, "known");
        WorkbenchPage.choose(page, "More about Workshop class", "Rename…");
        inspectAndClose(page, "rename");
        WorkbenchPage.choose(page, "More about Workshop class", "Share with a colleague…");
        inspectAndClose(page, "share");
        WorkbenchPage.choose(page, "More about Boot dryer", "Hand to another class…");
        inspectAndClose(page, "to-another");
        WorkbenchPage.choose(page, "More about A. Alder", "Erase for good…");
        inspectAndClose(page, "erase");
        WorkbenchPage.choose(page, "You: M. Thorne, MT", "Invite a colleague…");
        inspectAndClose(page, "invite");
        WorkbenchPage.choose(page, "You: M. Thorne, MT", "Change your password…");
        inspectAndClose(page, "password");
        page.navigate(visit.application().url("/desk"));
        visit.workbench("9 V : R1=3 + R2=6", page);
        WorkbenchPage.choose(page, "Circuit", "Open a file or a list of parts…");
        inspectAndClose(page, "open");
    }

    private void inspectAndClose(Page page, String screen) {
        assertThat(dialog(page)).isVisible();
        visit.browser().inspect(page, "dialog-" + screen);
        page.keyboard().press("Escape");
        assertThat(dialog(page)).isHidden();
    }
}
